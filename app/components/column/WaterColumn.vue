<script setup lang="ts">
import { area, line } from 'd3-shape'
import type { Band } from '../../../core/bench'
import type { CastPlan, Path } from '../../../core/motion'
import type { Lure } from '../../../core/tackle'
import type { Conditions, LightPhase } from '../../../core/water'
import { useElementWidth } from '~/composables/useElementWidth'
import { useMeasure } from '~/composables/useMeasure'
import { sceneOf } from './scene'

/** The living picture of the place: light, cover, zone, rod tip, and the way of the lure through it. What can be dragged says so. */
const props = defineProps<{
  c: Conditions
  zone: { topM: number; bottomM: number }
  light: LightPhase
  plan?: CastPlan | null
  path?: Path | null
  lure?: Lure | null
  others?: readonly { path: Path; name: string }[]
  share?: number | null
  /** Where the path may lie as well, 19 times in 20. */
  band?: Band | null
  /** Depths that were measured, drawn where the path is deepest. */
  measuredM?: readonly number[]
  /** Turns each colour of the lure into how it looks down there. */
  seen?: (colour: string) => string
}>()
defineEmits<{ change: [over: Partial<Conditions>] }>()

const { show } = useMeasure()
const frame = ref<HTMLElement | null>(null)
const width = useElementWidth(frame)
const trueScale = ref(false)

const castM = computed(() => props.plan?.castM ?? props.c.castM)
const rodTipM = computed(() => props.plan?.rodTipM ?? props.c.rodTipM ?? 1)
/** The picture keeps its width while a grip is held, so that the water does not run away under the finger. */
const reachM = computed(() => Math.max(10, Math.ceil((Math.max(castM.value, props.c.castM) * 1.02) / 5) * 5))
const depthM = computed(() => props.c.depthM)
const scene = computed(() =>
  sceneOf({ widthPx: width.value, depthM: depthM.value, reachM: reachM.value, trueScale: trueScale.value }),
)
const tip = computed(() => ({ x: scene.value.x(0) + 8, y: scene.value.air(rodTipM.value) }))

const surface = computed(() => {
  const { skyPx, left, right } = scene.value
  const height = Math.min(5, 0.6 + props.c.windMps * 0.45)
  const waves = Math.max(4, Math.round((right - left) / 46))
  const step = (right - left) / waves
  const wave = `q${step / 4} ${-height} ${step / 2} 0t${step / 2} 0`
  return `M${left} ${skyPx}${wave.repeat(waves)}`
})

const toPath = line<readonly [number, number]>()
const wayOf = ({ x, z, retrieveStartIndex }: Path) =>
  toPath(
    x.slice(retrieveStartIndex).map((at, i) => [scene.value.x(at), scene.value.z(z[retrieveStartIndex + i] ?? 0)]),
  ) ?? ''

const toArea = area<number>()
const bandShape = computed(() => {
  const { band } = props
  if (!band || band.x.length < 2) return ''
  return (
    toArea
      .x((_, i) => scene.value.x(band.x[i] ?? 0))
      .y0((_, i) => scene.value.z(band.low[i] ?? 0))
      .y1((_, i) => scene.value.z(band.high[i] ?? 0))(band.x as number[]) ?? ''
  )
})
const deepestAt = computed(() => {
  const { path } = props
  if (!path) return 0
  const z = Math.max(...path.z.slice(path.retrieveStartIndex))
  return path.x[path.retrieveStartIndex + path.z.slice(path.retrieveStartIndex).indexOf(z)] ?? 0
})
const description = computed(() => {
  const { c, zone, path, share } = props
  const deepest = path ? Math.max(...path.z) : null
  return [
    `Water ${show(c.depthM, 'depth')} deep; a white lure vanishes at ${show(c.visibilityM, 'depth')}.`,
    c.cover.kind === 'open' ? 'Open water.' : `${c.cover.kind}, its top at ${show(c.cover.topM, 'depth')}.`,
    `Fish hold from ${show(zone.topM, 'depth')} to ${show(zone.bottomM, 'depth')}.`,
    deepest === null ? '' : `The lure is cast ${show(castM.value, 'distance')} and reaches ${show(deepest, 'depth')}.`,
    props.band
      ? `Its path is known to within ${show(Math.max(...props.band.high.map((h, i) => h - (props.band?.low[i] ?? 0))) / 2, 'depth')} either way.`
      : '',
    share === null || share === undefined ? '' : `${Math.round(share * 100)} % of the cast runs in the zone.`,
  ].join(' ')
})
</script>

<template>
  <figure ref="frame" class="column" data-testid="water-column">
    <div class="stage">
      <ColumnStill class="still" :scene="scene" :c="c" :light="light" :reach-m="reachM" :width-px="width" />
      <svg
        class="live"
        :width="width"
        :height="scene.heightPx"
        :viewBox="`0 0 ${width} ${scene.heightPx}`"
        role="group"
        aria-label="Water column"
      >
        <defs>
          <clipPath id="in-water">
            <rect
              :x="scene.left"
              :y="scene.skyPx - 6"
              :width="scene.right - scene.left"
              :height="scene.waterPx + scene.bedPx + 6"
            />
          </clipPath>
        </defs>
        <g clip-path="url(#in-water)">
          <ColumnZone :scene="scene" :top-m="zone.topM" :bottom-m="zone.bottomM" :reach-m="reachM" />
        </g>
        <path :d="surface" class="surface" />
        <g
          v-if="c.visibilityM < c.depthM"
          class="vanish"
          :transform="`translate(${scene.left + 12} ${scene.z(c.visibilityM)})`"
        >
          <circle r="6" />
          <text x="12" y="4" class="on-water">white vanishes</text>
        </g>
        <path v-if="bandShape" :d="bandShape" class="band" data-testid="path-band" />
        <g clip-path="url(#in-water)">
          <path v-for="o in others" :key="o.name" :d="wayOf(o.path)" class="other" />
        </g>
        <ColumnWay
          v-if="path && plan"
          :scene="scene"
          :path="path"
          :count-down-s="plan.countDownS"
          :tip="tip"
          :lure="lure ?? null"
          :seen="seen"
        />
        <g
          v-for="(m, i) in measuredM ?? []"
          :key="i"
          :transform="`translate(${scene.x(deepestAt) + (i - 1) * 9} ${scene.z(m)})`"
          class="measured"
        >
          <path d="M-5 0h10M0 -5v10" />
        </g>
        <path
          :d="`M${scene.left - 40} ${scene.air(0.7)}Q${scene.left - 14} ${(tip.y + scene.air(1.2)) / 2} ${tip.x} ${tip.y}`"
          class="rod"
          aria-hidden="true"
        />
        <text
          :x="scene.right - 116"
          :y="Math.max(scene.skyPx + 14, scene.z(zone.topM) - 8)"
          text-anchor="end"
          class="on-water hold"
        >
          fish hold {{ show(zone.topM, 'depth') }} – {{ show(zone.bottomM, 'depth')
          }}{{ c.zone ? '' : ', as usual here' }}
        </text>
        <ColumnGrips
          :scene="scene"
          :c="c"
          :zone="zone"
          :cast-m="castM"
          :rod-tip-m="rodTipM"
          :tip="tip"
          @change="(over) => $emit('change', over)"
        />
      </svg>
    </div>
    <figcaption>
      <span class="sr-only">{{ description }}</span>
      <span class="scale">
        {{ trueScale ? 'True scale.' : `Depth drawn ${scene.stretch.toFixed(1)} × as tall as it is long.` }}
        <button type="button" @click="trueScale = !trueScale">{{ trueScale ? 'Draw it taller' : 'True scale' }}</button>
      </span>
      <slot />
    </figcaption>
  </figure>
</template>

<style scoped>
.column {
  margin: 0;
  min-width: 0;
}
.stage {
  position: relative;
}
.stage :deep(svg) {
  display: block;
  max-width: 100%;
  overflow: visible;
  user-select: none;
}
.stage :deep(text) {
  font-family: var(--v-font-body);
  font-size: var(--text-1);
  fill: rgb(var(--v-theme-on-surface));
  font-variant-numeric: tabular-nums;
}
.stage :deep(.on-water) {
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3.4px;
  stroke-linejoin: round;
}
/* Two layers: what stands still is painted once, and a drag repaints only what moves. */
.still,
.live {
  will-change: transform;
}
.still {
  position: absolute;
  inset: 0;
}
.live {
  position: relative;
}
.surface {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.4;
  opacity: 0.75;
}
.vanish circle {
  fill: var(--colour-print-paper);
  stroke: var(--colour-ink);
  stroke-width: 1;
}
.stage .hold {
  font-weight: 600;
  font-size: var(--text-2);
}
/* The band of what is not known for sure: pale, and hatched by its edge alone in black and white. */
.band {
  fill: var(--colour-paper);
  fill-opacity: 0.22;
  stroke: var(--colour-paper);
  stroke-opacity: 0.7;
  stroke-width: 1;
  stroke-dasharray: 5 3;
}
.v-theme--night .band {
  fill: var(--colour-ink-night);
  fill-opacity: 0.2;
  stroke: var(--colour-ink-night);
  stroke-opacity: 0.5;
}
.measured path {
  stroke: var(--colour-ink);
  stroke-width: 2.4;
  fill: none;
}
.v-theme--night .measured path {
  stroke: var(--colour-glow-night);
}
.other {
  fill: none;
  stroke: var(--colour-paper);
  stroke-width: 1.3;
  opacity: 0.55;
}
.rod {
  fill: none;
  stroke: var(--colour-rod);
  stroke-width: 3;
  stroke-linecap: round;
}
.v-theme--night .rod {
  stroke: var(--colour-rod-night);
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-16);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-2) var(--space-16) var(--space-8) var(--space-64);
  font-size: var(--text-2);
}
.scale button {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  margin-left: var(--space-6);
  min-height: 28px;
}
@media (max-width: 520px) {
  figcaption {
    padding-left: var(--space-12);
    padding-right: var(--space-12);
  }
}
</style>
