<script setup lang="ts">
import { forecastPanel as words, capital, saySky } from '../../../words'
import { WaterReport, reportAt, resuspensionDepthM, type Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'

/** Weather and water of the day, hour by hour, from the simulated service. */
const emit = defineEmits<{ take: [over: Partial<Conditions>, what: string] }>()
const water = useWater()
const { show } = useMeasure()

const report = shallowRef<WaterReport | null>(null)
const problem = ref('')
const asking = ref(false)
async function ask() {
  const { current: c, place } = water
  if (!c || !place) return
  asking.value = true
  problem.value = ''
  const query = new URLSearchParams({
    placeId: place.id,
    date: c.date,
    waterTempC: String(c.waterTempC),
    visibilityM: String(place.usual?.visibilityM ?? c.visibilityM),
  })
  try {
    const answer = await fetch(`/api/simulators/report?${query}`)
    const parsed = WaterReport.safeParse(await answer.json())
    if (answer.ok && parsed.success) report.value = parsed.data
    else problem.value = words.noReportTheWater(words.theServiceSentSomething)
  } catch {
    problem.value = words.noReportTheWater(words.theServiceCannotBe)
  } finally {
    asking.value = false
  }
}
watch(
  () => [water.place?.id, water.current?.date],
  () => (report.value = null),
)
const now = computed(() => report.value && water.current && reportAt(report.value, water.current.hour))
const stirred = computed(() =>
  now.value && water.place ? resuspensionDepthM(now.value.windMps, water.place.fetchKm, water.place.bottom) : 0,
)
const figures = computed(() => {
  if (!now.value) return []
  const { hour, sky, windMps, windFromDeg, waterTempC, visibilityM } = now.value
  return [
    { name: `At ${hour}:00`, value: capital(saySky(sky)) },
    { name: words.wind, value: show(windMps, 'wind'), more: words.from(windFromDeg) },
    { name: words.water, value: show(waterTempC, 'waterTemp') },
    { name: words.visibility, value: show(visibilityM, 'depth') },
  ]
})
function take() {
  if (!now.value) return
  const { sky, windMps, waterTempC, visibilityM } = now.value
  emit('take', { sky, windMps, waterTempC, visibilityM }, words.skyWindTemperature)
}
</script>

<template>
  <section class="panel" aria-labelledby="report-title">
    <h2 id="report-title">{{ words.weatherAndWater }}</h2>
    <p class="quiet">{{ words.hourByHourFor }}</p>
    <div class="do">
      <v-btn color="primary" :loading="asking" @click="ask">{{ words.askForTheDay }}</v-btn>
    </div>
    <p v-if="problem" class="caution" role="alert">{{ problem }}</p>
    <template v-if="report && now">
      <FigureList :figures="figures" data-testid="report" />
      <div class="hours" aria-hidden="true">
        <span
          v-for="h in report.hours"
          :key="h.hour"
          :class="['sky', h.sky, { on: h.hour === now.hour }]"
          :style="{ height: `${14 + h.windMps * 5}px` }"
        />
      </div>
      <p class="quiet">
        {{ words.barsWindShadeSky(stirred > 0 ? words.thisWindStirs(show(stirred, 'depth')) : words.theWindStirsNo) }}
      </p>
      <v-btn color="primary" variant="tonal" @click="take">{{ words.takeOverAsTodays }}</v-btn>
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
.hours {
  display: flex;
  align-items: flex-end;
  gap: var(--space-2);
  width: 100%;
  height: 64px;
}
.sky {
  flex: 1;
  border-radius: var(--radius-s);
  background: var(--colour-cloud);
}
.sky.sun {
  background: var(--colour-sun);
}
.sky.broken {
  background: var(--colour-broken-cloud);
}
.sky.rain {
  background: var(--colour-rain);
}
.sky.on {
  outline: 2px solid rgb(var(--v-theme-secondary));
}
</style>
