<script setup lang="ts">
import {
  WaterReport,
  epochOf,
  reportAt,
  stationFor,
  resuspensionDepthM,
  tideAt,
  withReading,
  type Conditions,
} from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSounder } from '~/composables/useSounder'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { clockAt } from '../../../words'

useHead({ title: 'Sounder and forecast · Ygrion' })
const water = useWater()
const box = useBox()
const { show } = useMeasure()
const sounder = useSounder()
const { middle, readings, problems, source, listening, lost } = sounder

const c = computed(() => water.current)
const place = computed(() => water.place)
const said = ref('')

function take(over: Partial<Conditions>, what: string) {
  water.change(over)
  said.value = `Copied to today’s water: ${what}.`
}

// Sounder, probe, log and receiver.
function listen() {
  if (!c.value || !place.value) return
  const { depthM, waterTempC, driftMps, date, hour } = c.value
  const { latDeg, lonDeg } = place.value
  sounder.listen({
    depthM,
    waterTempC,
    latDeg,
    lonDeg,
    driftMps: driftMps || 0.3,
    fromMs: epochOf(place.value, date, hour),
  })
}
const log = ref<HTMLInputElement | null>(null)
async function openLog() {
  const file = log.value?.files?.[0]
  if (!file) return
  sounder.open(file.name, await file.text())
  if (log.value) log.value.value = ''
}
function takeReadings() {
  const { depthM, waterTempC, waterSpeedMps, groundSpeedMps } = middle.value
  const drift = groundSpeedMps ?? waterSpeedMps
  const over: Partial<Conditions> = {
    ...(depthM !== null && { depthM: Math.min(200, Math.max(0.3, Math.round(depthM * 100) / 100)) }),
    ...(waterTempC !== null && { waterTempC: Math.round(waterTempC * 10) / 10 }),
    ...(drift !== null && { driftMps: Math.min(3, Math.round(drift * 100) / 100) }),
  }
  take(over, 'depth, temperature and drift')
  if (waterTempC !== null) keepTemp(Math.round(waterTempC * 10) / 10)
}
function keepTemp(tempC: number) {
  if (!place.value || !c.value) return
  const temps = withReading(place.value, c.value.date, tempC)
  void box.savePlace({ ...place.value, temps }, `Wrote down ${show(tempC, 'waterTemp')} at ${place.value.name}`)
}
const figures = computed(() => {
  const { depthM, waterTempC, waterSpeedMps, groundSpeedMps, latDeg, lonDeg } = middle.value
  const of = (v: number | null, say: (v: number) => string) => (v === null ? '–' : say(v))
  return [
    { name: 'Depth', value: of(depthM, (v) => show(v, 'depth')) },
    { name: 'Water', value: of(waterTempC, (v) => show(v, 'waterTemp')) },
    { name: 'Through the water', value: of(waterSpeedMps, (v) => show(v, 'current')) },
    { name: 'Over ground', value: of(groundSpeedMps, (v) => show(v, 'current')) },
    {
      name: 'Position',
      value: latDeg === null || lonDeg === null ? '–' : `${latDeg.toFixed(4)}°, ${lonDeg.toFixed(4)}°`,
    },
  ]
})

// Weather and water.
const report = shallowRef<WaterReport | null>(null)
const reportProblem = ref('')
const asking = ref(false)
async function askReport() {
  if (!c.value || !place.value) return
  asking.value = true
  reportProblem.value = ''
  const query = new URLSearchParams({
    placeId: place.value.id,
    date: c.value.date,
    waterTempC: String(c.value.waterTempC),
    visibilityM: String(place.value.usual?.visibilityM ?? c.value.visibilityM),
  })
  try {
    const answer = await fetch(`/api/simulators/report?${query}`)
    const parsed = WaterReport.safeParse(await answer.json())
    if (!answer.ok || !parsed.success) throw new Error('the service sent something else')
    report.value = parsed.data
  } catch (error) {
    reportProblem.value = `No report: ${error instanceof Error ? error.message : 'the service cannot be reached'}. The water stays as it is.`
  } finally {
    asking.value = false
  }
}
watch(
  () => [place.value?.id, c.value?.date],
  () => (report.value = null),
)
const now = computed(() => report.value && c.value && reportAt(report.value, c.value.hour))
const SKY_WORDS = { sun: 'sun', broken: 'broken cloud', cloud: 'cloud', rain: 'rain' }
const stirred = computed(() =>
  now.value && place.value ? resuspensionDepthM(now.value.windMps, place.value.fetchKm, place.value.bottom) : 0,
)
function takeReport() {
  if (!now.value) return
  const { sky, windMps, waterTempC, visibilityM } = now.value
  take({ sky, windMps, waterTempC, visibilityM }, 'sky, wind, temperature and visibility')
}

// Tide.
const station = computed(() => place.value && stationFor(place.value))
const tide = computed(() => {
  if (!station.value || !place.value || !c.value) return null
  return tideAt(station.value, epochOf(place.value, c.value.date, c.value.hour))
})
const clock = (ms: number) => clockAt(ms, place.value?.utcOffsetH ?? 0)
const TIDE_WORDS = {
  none: 'almost no tide',
  flood: 'rising',
  high: 'high water',
  ebb: 'falling',
  low: 'low water',
}
</script>

<template>
  <div class="page">
    <WaterTabs />
    <h1 class="sr-only">Sounder and forecast</h1>
    <p class="said" role="status">{{ said }}</p>
    <div class="shelves">
      <section class="panel" aria-labelledby="sounder-title">
        <h2 id="sounder-title">Sounder and probe</h2>
        <p class="quiet">
          Depth, temperature, speed and position in NMEA 0183: DBT, DPT, MTW, VHW, VTG, RMC. The live one is simulated;
          a log of your own can be opened.
        </p>
        <div class="do">
          <v-btn v-if="!listening" color="primary" @click="listen">Listen (simulated)</v-btn>
          <v-btn v-else variant="tonal" @click="sounder.stop()">Stop</v-btn>
          <v-btn variant="outlined" @click="log?.click()">Open a log</v-btn>
          <input
            ref="log"
            type="file"
            accept=".nmea,.log,.txt"
            class="sr-only"
            aria-label="NMEA log"
            @change="openLog"
          />
        </div>
        <p v-if="lost" class="caution" role="alert">The stream broke off. What was read so far stays.</p>
        <template v-if="source">
          <dl class="figures" data-testid="nmea">
            <div v-for="f in figures" :key="f.name">
              <dt>{{ f.name }}</dt>
              <dd>{{ f.value }}</dd>
            </div>
          </dl>
          <p class="quiet">Median of {{ readings.length }} readings from {{ source }}.</p>
          <details v-if="problems.length">
            <summary>{{ problems.length }} {{ problems.length === 1 ? 'sentence' : 'sentences' }} left out</summary>
            <ul>
              <li v-for="(p, i) in problems" :key="i">{{ p }}</li>
            </ul>
          </details>
          <v-btn color="primary" variant="tonal" :disabled="readings.length === 0" @click="takeReadings"
            >Take over as today’s water</v-btn
          >
        </template>
      </section>

      <section class="panel" aria-labelledby="report-title">
        <h2 id="report-title">Weather and water</h2>
        <p class="quiet">Hour by hour for this place and day. The service is simulated: it looks real and is not.</p>
        <div class="do">
          <v-btn color="primary" :loading="asking" @click="askReport">Ask for the day</v-btn>
        </div>
        <p v-if="reportProblem" class="caution" role="alert">{{ reportProblem }}</p>
        <template v-if="report && now">
          <dl class="figures" data-testid="report">
            <div>
              <dt>At {{ now.hour }}:00</dt>
              <dd>{{ SKY_WORDS[now.sky] }}</dd>
            </div>
            <div>
              <dt>Wind</dt>
              <dd>
                {{ show(now.windMps, 'wind') }} <small>from {{ now.windFromDeg }}°</small>
              </dd>
            </div>
            <div>
              <dt>Water</dt>
              <dd>{{ show(now.waterTempC, 'waterTemp') }}</dd>
            </div>
            <div>
              <dt>Visibility</dt>
              <dd>{{ show(now.visibilityM, 'depth') }}</dd>
            </div>
          </dl>
          <div class="hours" aria-hidden="true">
            <span
              v-for="h in report.hours"
              :key="h.hour"
              :class="['sky', h.sky, { on: h.hour === now.hour }]"
              :style="{ height: `${14 + h.windMps * 5}px` }"
            />
          </div>
          <p class="quiet">
            Bars: wind; shade: sky.
            {{
              stirred > 0
                ? `This wind stirs the bottom down to ${show(stirred, 'depth')}.`
                : 'The wind stirs no mud here.'
            }}
          </p>
          <v-btn color="primary" variant="tonal" @click="takeReport">Take over as today’s water</v-btn>
        </template>
      </section>

      <section class="panel" aria-labelledby="tide-title">
        <h2 id="tide-title">Tide</h2>
        <template v-if="tide && c">
          <p class="quiet">
            {{ tide.station.name }}, by harmonic prediction from invented constants. Not for navigation.
          </p>
          <dl class="figures" data-testid="tide">
            <div>
              <dt>Now</dt>
              <dd>{{ TIDE_WORDS[tide.tide] }}</dd>
            </div>
            <div>
              <dt>Level</dt>
              <dd>{{ show(tide.levelM, 'depth') }}</dd>
            </div>
            <div>
              <dt>Range</dt>
              <dd>{{ show(tide.rangeM, 'depth') }}</dd>
            </div>
          </dl>
          <ul class="turns">
            <li v-for="t in tide.turns" :key="t.atMs">
              {{ t.high ? 'High' : 'Low' }} {{ clock(t.atMs) }}, {{ show(t.levelM, 'depth') }}
            </li>
          </ul>
          <v-btn
            color="primary"
            variant="tonal"
            @click="take({ tide: tide.tide, tideRangeM: Math.round(tide.rangeM * 100) / 100 }, 'the tide')"
            >Take over as today’s water</v-btn
          >
        </template>
        <p v-else class="quiet">
          No tide station lies near this place{{ (place?.salinity ?? 0) < 0.5 ? ', and its water is fresh' : '' }}.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.shelves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: var(--space-16);
  align-items: start;
}
.said {
  min-height: 28px;
  padding: var(--space-4) var(--space-2);
  font-weight: 600;
}
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
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
  margin: 0;
}
dt {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
dd {
  margin: 0;
  font-weight: 650;
  font-size: var(--text-4);
}
dd small {
  font-weight: 400;
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
.turns {
  margin: 0;
  padding-left: var(--space-16);
}
</style>
