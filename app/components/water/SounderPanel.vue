<script setup lang="ts">
import { waterOfReadings } from '../../../core/exchange'
import { epochOf, withReading, type Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSounder } from '~/composables/useSounder'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** Sounder, temperature probe, log and receiver: listened to, or read from a file, and copied to today's water when asked. */
const emit = defineEmits<{ take: [over: Partial<Conditions>, what: string] }>()
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
  sounder.open(file.name, await file.text())
  if (log.value) log.value.value = ''
}
function take() {
  const over = waterOfReadings(middle.value)
  emit('take', over, 'depth, temperature and drift')
  const { place, current } = water
  if (over.waterTempC === undefined || !place || !current) return
  const temps = withReading(place, current.date, over.waterTempC)
  void box.savePlace({ ...place, temps }, `Wrote down ${show(over.waterTempC, 'waterTemp')} at ${place.name}`)
}
const figures = computed(() => {
  const { depthM, waterTempC, waterSpeedMps, groundSpeedMps, latDeg, lonDeg } = middle.value
  const of = (v: number | null, role: 'depth' | 'waterTemp' | 'current') => (v === null ? '–' : show(v, role))
  return [
    { name: 'Depth', value: of(depthM, 'depth') },
    { name: 'Water', value: of(waterTempC, 'waterTemp') },
    { name: 'Through the water', value: of(waterSpeedMps, 'current') },
    { name: 'Over ground', value: of(groundSpeedMps, 'current') },
    {
      name: 'Position',
      value: latDeg === null || lonDeg === null ? '–' : `${latDeg.toFixed(4)}°, ${lonDeg.toFixed(4)}°`,
    },
  ]
})
</script>

<template>
  <section class="panel" aria-labelledby="sounder-title">
    <h2 id="sounder-title">Sounder and probe</h2>
    <p class="quiet">
      Depth, temperature, speed and position in NMEA 0183: DBT, DPT, MTW, VHW, VTG, RMC. The live one is simulated; a
      log of your own can be opened.
    </p>
    <div class="do">
      <v-btn v-if="!listening" color="primary" @click="listen">Listen (simulated)</v-btn>
      <v-btn v-else variant="tonal" @click="sounder.stop()">Stop</v-btn>
      <v-btn variant="outlined" @click="log?.click()">Open a log</v-btn>
      <input ref="log" type="file" accept=".nmea,.log,.txt" class="sr-only" aria-label="NMEA log" @change="openLog" />
    </div>
    <p v-if="lost" class="caution" role="alert">The stream broke off. What was read so far stays.</p>
    <template v-if="source">
      <FigureList :figures="figures" data-testid="nmea" />
      <p class="quiet">Median of {{ readings.length }} readings from {{ source }}.</p>
      <details v-if="problems.length">
        <summary>{{ problems.length }} {{ problems.length === 1 ? 'sentence' : 'sentences' }} left out</summary>
        <ul>
          <li v-for="(p, i) in problems" :key="i">{{ p }}</li>
        </ul>
      </details>
      <v-btn color="primary" variant="tonal" :disabled="readings.length === 0" @click="take"
        >Take over as today’s water</v-btn
      >
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
