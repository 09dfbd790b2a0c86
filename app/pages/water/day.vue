<script setup lang="ts">
import { waterDayPage as words, clockTime } from '../../../words'
import { area, line } from 'd3-shape'
import { scaleLinear, scaleLog } from 'd3-scale'
import { epochOf, readWater, speciesOf, stationFor, tideLevelM } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'

useHead({ title: words.lightAndTideToday })
const water = useWater()
const { show } = useMeasure()
const width = ref(960)
const H = 330
const M = { left: 58, right: 16, top: 18, bottom: 34 }
const STEP_H = 0.25

type Moment = NonNullable<typeof day.value>[number]
const hours = Array.from({ length: 24 / STEP_H + 1 }, (_, i) => i * STEP_H)
const day = computed(() => {
  const { current: c, place } = water
  const species = c && speciesOf(c.speciesId)
  if (!c || !place || !species) return null
  const station = stationFor(place)
  return hours.map((hour) => {
    const r = readWater({ ...c, hour: Math.min(hour, 23.99), lightAs: null }, place, species)
    return {
      hour,
      light: r.light,
      surface: r.surfaceLux,
      zone: r.zoneLux,
      sun: r.sunAltitudeDeg,
      tide: station ? tideLevelM(station, epochOf(place, c.date, hour)) : null,
    }
  })
})
const x = computed(() => scaleLinear([0, 24], [M.left, width.value - M.right]))
const FLOOR = 1e-4
const y = scaleLog([FLOOR, 200_000], [H - M.bottom, M.top]).clamp(true)
const floor = (v: number) => Math.max(FLOOR, v)
const ways = computed(() => {
  const d = day.value
  if (!d) return null
  const of = (value: (p: Moment) => number) =>
    line<Moment>()
      .x((p) => x.value(p.hour))
      .y((p) => y(floor(value(p))))(d) ?? ''
  const under = area<Moment>()
    .x((p) => x.value(p.hour))
    .y0(H - M.bottom)
    .y1((p) => y(floor(p.zone)))(d)
  const tides = d.flatMap((p) => (p.tide === null ? [] : [p.tide]))
  const level = scaleLinear([Math.min(...tides), Math.max(...tides) + 1e-6], [H - M.bottom - 12, H - M.bottom - 82])
  const tide = tides.length
    ? (line<Moment>()
        .x((p) => x.value(p.hour))
        .y((p) => level(p.tide ?? 0))(d) ?? '')
    : ''
  return { surface: of((p) => p.surface), zone: of((p) => p.zone), under: under ?? '', tide }
})
/** Runs of the same light. */
const phases = computed(() => {
  const runs: { light: string; from: number; to: number }[] = []
  for (const p of day.value ?? []) {
    const last = runs[runs.length - 1]
    if (last?.light === p.light) last.to = p.hour
    else {
      if (last) last.to = p.hour
      runs.push({ light: p.light, from: p.hour, to: p.hour })
    }
  }
  return runs
})
const now = computed(() => water.current?.hour ?? 12)
const here = computed(() =>
  day.value?.reduce((best, p) => (Math.abs(p.hour - now.value) < Math.abs(best.hour - now.value) ? p : best)),
)
const LUX = [0.001, 0.1, 10, 1000, 100_000]
const lux = (v: number) => (v >= 1000 ? `${v / 1000}k` : String(v))
const yTicks = computed(() => LUX.map((t) => ({ at: y(t), text: words.lx(lux(t)) })))
/** Every third hour, or every sixth where it is narrow. */
const xTicks = computed(() =>
  Array.from({ length: width.value < 560 ? 5 : 9 }, (_, i) => (width.value < 560 ? 6 : 3) * i).map((t) => ({
    at: x.value(t),
    text: `${t}:00`,
  })),
)
</script>

<template>
  <div class="page">
    <WaterHead :about="words.about" />
    <section v-if="ways && water.current && here" class="panel day" aria-labelledby="day-title">
      <header>
        <h2 id="day-title">{{ words.lightThroughTheDay }}</h2>
        <p class="quiet">
          {{
            words.luxAtTheSurface(
              water.place?.name ?? '',
              water.current.date,
              show(((water.reading?.zone.topM ?? 0) + (water.reading?.zone.bottomM ?? 0)) / 2, 'depth'),
            )
          }}
        </p>
      </header>
      <ChartFrame
        v-model:width="width"
        :height="H"
        :says="phases.map((p) => `${p.light} ${clockTime(p.from)} to ${clockTime(p.to)}`).join(', ')"
        :room="M"
        :y-ticks="yTicks"
        :x-ticks="xTicks"
      >
        <g v-for="p in phases" :key="p.from">
          <rect
            :x="x(p.from)"
            :y="M.top"
            :width="Math.max(0, x(p.to) - x(p.from))"
            :height="H - M.bottom - M.top"
            :class="['phase', p.light]"
          />
          <text
            v-if="x(p.to) - x(p.from) > 44"
            :x="(x(p.from) + x(p.to)) / 2"
            :y="H - M.bottom - 8"
            text-anchor="middle"
            class="name"
          >
            {{ p.light }}
          </text>
        </g>
        <path :d="ways.under" class="under" />
        <path :d="ways.surface" class="surface" />
        <path :d="ways.zone" class="zone" />
        <path v-if="ways.tide" :d="ways.tide" class="tide" />
        <path :d="`M${x(now)} ${M.top}V${H - M.bottom}`" class="now" />
      </ChartFrame>
      <label class="hour">
        <span>{{ words.hour }} <b>{{ clockTime(now) }}</b></span>
        <input
          type="range"
          min="0"
          max="23.75"
          step="0.25"
          :value="now"
          :aria-valuetext="clockTime(now)"
          @input="(e) => water.change({ hour: Number((e.target as HTMLInputElement).value) })"
        />
      </label>
      <p>
        {{
          words.theSunHighLx(
            here.light.charAt(0).toUpperCase() + here.light.slice(1),
            Math.round(here.sun),
            Number(here.surface.toPrecision(2)).toLocaleString('en'),
            Number(here.zone.toPrecision(2)).toLocaleString('en'),
          )
        }}
        <template v-if="ways.tide"> {{ words.theDottedLine }}</template>
        <NuxtLink to="/">{{ words.seeWhatThatDoes }}</NuxtLink>{{ words.orLetItRun }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.day {
  margin-top: var(--space-16);
  padding: var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-12);
}
.name {
  font-weight: 600;
}
.phase {
  fill: var(--colour-sky-day);
  fill-opacity: 0.35;
}
.phase.night {
  fill: var(--colour-sky-night);
  fill-opacity: 0.3;
}
.phase.dawn,
.phase.dusk {
  fill: var(--colour-sky-twilight);
  fill-opacity: 0.3;
}
.under {
  fill: rgb(var(--v-theme-primary));
  fill-opacity: 0.16;
}
.surface {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.6;
  stroke-dasharray: 6 4;
}
.zone {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.6;
}
.tide {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.8;
  stroke-dasharray: 1.5 4;
  stroke-linecap: round;
}
.now {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.4;
}
.hour {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: var(--space-12);
  align-items: center;
}
.hour input {
  accent-color: rgb(var(--v-theme-secondary));
  min-height: 40px;
}
</style>
