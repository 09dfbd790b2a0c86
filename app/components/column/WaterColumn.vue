<script setup lang="ts">
import { waterColumn as words, sayColumn } from '../../../words'
import type { Band } from '../../../core/bench'
import type { CastPlan, Path } from '../../../core/motion'
import { deliveryOf, type Lure } from '../../../core/tackle'
import type { Conditions, LightPhase } from '../../../core/water'
import { useElementSize } from '@vueuse/core'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'
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
const settings = useSettings()
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame, { width: 800, height: 0 })
const trueScale = ref(false)

const castM = computed(() => props.plan?.castM ?? props.c.castM)
const rodTipM = computed(() => props.plan?.rodTipM ?? props.c.rodTipM ?? 1)
/** The picture keeps its width while a grip is held, so that the water does not run away under the finger. */
const carriedM = computed(() => (props.path ? Math.max(...props.path.x) : 0))
const reachM = computed(() =>
  Math.max(10, Math.ceil((Math.max(castM.value, props.c.castM, carriedM.value) * 1.02) / 5) * 5),
)
/** Drawn behind a boat, not cast. */
const behindBoat = computed(() => props.plan && ['troll', 'downrigger', 'drift'].includes(props.plan.delivery))
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

const description = computed(() => sayColumn({ ...props, castM: castM.value }, settings.system))
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
        :aria-label="words.waterColumn"
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
          <text x="12" y="4" class="on-water">{{ words.whiteVanishes }}</text>
        </g>
        <ColumnBand v-if="band" :scene="scene" :band="band" />
        <g clip-path="url(#in-water)">
          <ColumnOthers v-if="others?.length" :scene="scene" :others="others" :reach-m="reachM" />
        </g>
        <ColumnTowed
          v-if="path && plan && behindBoat"
          :scene="scene"
          :plan="plan"
          :path="path"
          :tip="tip"
          :lure="lure ?? null"
          :seen="seen"
        />
        <ColumnWay
          v-else-if="path && plan"
          :scene="scene"
          :path="path"
          :count-down-s="plan.countDownS"
          :tip="tip"
          :lure="lure ?? null"
          :seen="seen"
          :dropper="plan.delivery === 'three-way' ? c.depthM : null"
        />
        <ColumnMeasured v-if="path && measuredM" :scene="scene" :path="path" :measured-m="measuredM" />
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
          {{ words.fishHold(show(zone.topM, 'depth'), show(zone.bottomM, 'depth'), c.zone ? '' : words.asUsualHere) }}
        </text>
        <ColumnGrips
          :scene="scene"
          :c="c"
          :zone="zone"
          :cast-m="castM"
          :thrown="!plan || deliveryOf(plan.delivery).thrown !== 'none'"
          :rod-tip-m="rodTipM"
          :tip="tip"
          @change="(over) => $emit('change', over)"
        />
      </svg>
    </div>
    <figcaption>
      <span class="sr-only">{{ description }}</span>
      <span class="scale">
        {{ trueScale ? words.trueScale : words.depthDrawnAsTall(scene.stretch.toFixed(1)) }}
        <button type="button" @click="trueScale = !trueScale">
          {{ trueScale ? words.drawItTaller : words.trueScale2 }}
        </button>
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
