<script setup lang="ts">
import { sounderPanel as words } from '../../../words'
import { waterOfReadings } from '../../../core/exchange'
import { epochOf, withReading, type Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSounder } from '~/composables/useSounder'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** Sounder, temperature probe, log and receiver: listened to, or read from a file, and copied to today's water when asked. */
/** `then`: what follows where the water takes it. */
const emit = defineEmits<{ take: [over: Partial<Conditions>, what: string, then: () => void] }>()
const water = useWater()
const box = useBox()
const { show } = useMeasure()
const sounder = useSounder()
const { middle, readings, problems, source, listening, lost } = sounder
/** The boat of the simulated sounder drifts where the water does not, m/s. */
const IDLE_DRIFT_MPS = 0.3

function listen() {
  const { current: c, place } = water
  if (!c || !place) return
  const { depthM, waterTempC, driftMps, date, hour } = c
  const { latDeg, lonDeg } = place
  const fromMs = epochOf(place, date, hour)
  sounder.listen({ depthM, waterTempC, latDeg, lonDeg, driftMps: driftMps || IDLE_DRIFT_MPS, fromMs })
}
const log = ref<HTMLInputElement | null>(null)
async function openLog() {
  const file = log.value?.files?.[0]
  if (!file) return
  await sounder.open(file)
  if (log.value) log.value.value = ''
}
function take() {
  const over = waterOfReadings(middle.value)
  emit('take', over, words.depthTemperatureAndDrift, () => {
    const { place, current } = water
    if (over.waterTempC === undefined || !place || !current) return
    const temps = withReading(place, current.date, over.waterTempC)
    void box.savePlace({ ...place, temps }, words.wroteDownAt(show(over.waterTempC, 'waterTemp'), place.name))
  })
}
const figures = computed(() => {
  const { depthM, waterTempC, waterSpeedMps, groundSpeedMps, latDeg, lonDeg } = middle.value
  const of = (v: number | null, role: 'depth' | 'waterTemp' | 'current') => (v === null ? '–' : show(v, role))
  return [
    { name: words.depth, value: of(depthM, 'depth') },
    { name: words.water, value: of(waterTempC, 'waterTemp') },
    { name: words.throughTheWater, value: of(waterSpeedMps, 'current') },
    { name: words.overGround, value: of(groundSpeedMps, 'current') },
    {
      name: words.position,
      value: latDeg === null || lonDeg === null ? '–' : `${latDeg.toFixed(4)}°, ${lonDeg.toFixed(4)}°`,
    },
  ]
})
</script>

<template>
  <section class="panel" aria-labelledby="sounder-title">
    <h2 id="sounder-title">{{ words.sounderAndProbe }}</h2>
    <p class="quiet">
      {{ words.depthTemperatureSpeed }}
    </p>
    <div class="do">
      <v-btn v-if="!listening" color="primary" @click="listen">{{ words.listenSimulated }}</v-btn>
      <v-btn v-else variant="tonal" @click="sounder.stop()">{{ words.stop }}</v-btn>
      <v-btn variant="outlined" @click="log?.click()">{{ words.openALog }}</v-btn>
      <input
        ref="log"
        type="file"
        accept=".nmea,.log,.txt"
        class="sr-only"
        :aria-label="words.nmeaLog"
        @change="openLog"
      />
    </div>
    <p v-if="lost" class="caution" role="alert">{{ words.theStreamBrokeOff }}</p>
    <template v-if="source">
      <FigureList :figures="figures" data-testid="nmea" />
      <p class="quiet">{{ words.medianOfReadingsFrom(readings.length, source) }}</p>
      <details v-if="problems.length">
        <summary>
          {{ words.leftOut(problems.length) }}
        </summary>
        <ul>
          <li v-for="(p, i) in problems" :key="i">{{ p }}</li>
        </ul>
      </details>
      <v-btn color="primary" variant="tonal" :disabled="readings.length === 0" @click="take">{{
        words.takeOverAsTodays
      }}</v-btn>
    </template>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-12);
  justify-items: start;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
</style>
