<script setup lang="ts">
import { dayBand as words, saySky } from '../../../words'
import { line, curveMonotoneX } from 'd3-shape'
import { skyByHour, skyOf, type BandLeg } from './day-band'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** Light, sun, wind and tide above the band, and the light over the rows below. Drawn inside its picture. */
interface Strip {
  readonly top: number
  readonly height: number
}
const props = defineProps<{
  legs: readonly BandLeg[]
  strip: Strip
  /** The rows over which the light falls. */
  ground: Strip
  narrow: boolean
}>()
const box = useBox()
const { show } = useMeasure()

const skies = computed(() =>
  props.legs.map((leg) => {
    const { runs, tide, sun } = skyOf(leg)
    const levels = tide.map(({ level }) => level)
    const [low, high] = [Math.min(...levels), Math.max(...levels)]
    const y = (level: number) =>
      props.strip.top +
      props.strip.height -
      8 -
      ((level - low) / Math.max(0.05, high - low)) * (props.strip.height - 16)
    const path = line<(typeof tide)[number]>()
      .x((p) => leg.x(p.hour))
      .y((p) => y(p.level))
      .curve(curveMonotoneX)(tide)
    // The sun stands in the strip from the horizon at its foot to 60° at its top.
    const arc = line<(typeof sun)[number]>()
      .x((p) => leg.x(p.hour))
      .y(
        (p) =>
          props.strip.top +
          props.strip.height -
          2 -
          (Math.min(60, Math.max(-8, p.deg)) / 60) * (props.strip.height - 6),
      )
      .curve(curveMonotoneX)(sun)
    const winds = skyByHour(leg.leg, box.places).filter((_, i, all) => i % Math.ceil(all.length / 8) === 0)
    return { leg, runs, tide: tide.length > 0 ? path : null, arc, winds }
  }),
)
const lightAt = (runs: readonly { light: string; toH: number }[], hour: number) =>
  runs.find(({ toH }) => hour < toH)?.light ?? 'day'
const LIGHTS: Readonly<Record<string, string>> = {
  night: words.night,
  dawn: words.dawn,
  day: words.day,
  dusk: words.dusk,
}
</script>

<template>
  <g aria-hidden="true">
    <g v-for="sky in skies" :key="sky.leg.leg.id">
      <text v-if="legs.length > 1" :x="sky.leg.x0" y="13" class="small strong">
        {{ sky.leg.place.name }} · {{ sky.leg.leg.water.date.slice(5) }}
      </text>
      <template v-for="run in sky.runs" :key="run.fromH">
        <rect
          :x="sky.leg.x(run.fromH)"
          :y="strip.top"
          :width="Math.max(0, sky.leg.x(run.toH) - sky.leg.x(run.fromH))"
          :height="strip.height"
          :class="['sky', run.light]"
        />
        <text
          v-if="sky.leg.x(run.toH) - sky.leg.x(run.fromH) > 40"
          :x="sky.leg.x(run.fromH) + 6"
          :y="strip.top + 16"
          :class="['small', 'on-sky', run.light]"
        >
          {{ LIGHTS[run.light] }}
        </text>
        <rect
          :x="sky.leg.x(run.fromH)"
          :y="ground.top"
          :width="Math.max(0, sky.leg.x(run.toH) - sky.leg.x(run.fromH))"
          :height="ground.height"
          :class="['under', run.light]"
        />
      </template>
      <path v-if="sky.arc" :d="sky.arc" class="sun" />
      <template v-if="!narrow">
        <text
          v-for="w in sky.winds"
          :key="w.hour"
          :x="sky.leg.x(w.hour + 0.5)"
          :y="strip.top + strip.height - 22"
          text-anchor="middle"
          :class="['small', 'on-sky', lightAt(sky.runs, w.hour)]"
        >
          {{ saySky(w.sky) }}, {{ show(w.windMps, 'wind') }}
        </text>
      </template>
      <path v-if="sky.tide" :d="sky.tide" class="tide" />
      <text
        v-if="sky.tide"
        :x="sky.leg.x1 - 6"
        :y="strip.top + strip.height - 5"
        text-anchor="end"
        class="small on-tide"
      >
        {{ words.tide }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.small {
  font-size: var(--text-1);
  fill: currentcolor;
}
.strong {
  font-weight: 650;
}
.sky.night {
  fill: var(--colour-sky-night);
}
.sky.dawn,
.sky.dusk {
  fill: var(--colour-sky-twilight);
}
.sky.day {
  fill: var(--colour-sky-day);
}
.on-sky,
.on-tide {
  fill: var(--colour-ink);
}
.on-sky {
  paint-order: stroke;
  stroke: var(--colour-sky-day);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.on-sky.dawn,
.on-sky.dusk {
  stroke: var(--colour-sky-twilight);
}
.on-sky.night {
  fill: var(--colour-paper);
  stroke: var(--colour-sky-night);
}
.v-theme--night .sky {
  opacity: 0.45;
}
.v-theme--night .on-sky,
.v-theme--night .on-tide {
  fill: var(--colour-glow-night);
  stroke: none;
}
.under {
  fill: currentcolor;
  opacity: 0;
}
.under.night {
  opacity: 0.08;
}
.under.dawn,
.under.dusk {
  opacity: 0.04;
}
.sun {
  fill: none;
  stroke: var(--colour-signal);
  stroke-width: 2;
  stroke-dasharray: 1 5;
  stroke-linecap: round;
}
.tide {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.5;
}
</style>
