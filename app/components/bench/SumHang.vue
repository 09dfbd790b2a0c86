<script setup lang="ts">
import { sumHang as words } from '../../../words'
import { hangAt, type Fluid } from '../../../core/motion'
import { GRAVITY_MPS2 } from '../../../core/constants'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import type { Line } from '../../../core/tackle'
import { useLureOfBox } from '~/composables/useLureOfBox'
import { useMeasure } from '~/composables/useMeasure'

/** A lure lowered under a boat that drifts, or under ice over a current: line to let out, its angle, how far the lure trails. */
const props = defineProps<{
  line: Line
  water: { tempC: number; salinity: number }
  fluid: Fluid
  depthM: number
  flowMps: number
}>()
const { show } = useMeasure()
const { lure, lureId, motion, items } = useLureOfBox(() => props.water, 'lowered')
const from = ref<'boat' | 'ice'>('boat')
const wantedM = ref<number | null>(null)
const flow = ref<number | null>(null)
/** Rod tip above the water in a boat, and over a hole in the ice; m. */
const TIP_M = { boat: 1, ice: 0.3 } as const
const depth = computed(() => wantedM.value ?? props.depthM)
const flowMps = computed(() => flow.value ?? props.flowMps)
const hang = computed(() =>
  motion.value
    ? hangAt(
        motion.value,
        props.fluid,
        { diameterM: props.line.diameterM, densityKgM3: LINE_DENSITY[props.line.material] },
        flowMps.value,
        depth.value,
        TIP_M[from.value],
      )
    : null,
)
/** Beyond this the lure is drawn, not lowered (common practice: heavier, thinner line, or hold the boat). */
const STEEP_DEG = 40
const froms = [
  { value: 'boat', title: words.fromABoat },
  { value: 'ice', title: words.throughIce },
] as const

// The picture: water in one scale.
const WIDTH = 220
const HEIGHT = 150
const picture = computed(() => {
  const h = hang.value
  if (!h) return null
  const tip = TIP_M[from.value]
  const scale = Math.min((WIDTH - 40) / Math.max(h.trailM, 0.1), (HEIGHT - 24) / (depth.value + tip))
  const x = 20
  const surface = 10 + tip * scale
  const lead = Math.tan((h.angleDeg * Math.PI) / 180) * (depth.value + tip) * 0.5
  return {
    surface,
    // A curve that leaves the tip at its angle there.
    line: `M${x} 10Q${x + Math.min(lead, h.trailM) * scale} ${10 + ((depth.value + tip) / 2) * scale} ${x + h.trailM * scale} ${10 + (depth.value + tip) * scale}`,
    lure: { x: x + h.trailM * scale, y: 10 + (depth.value + tip) * scale },
  }
})
</script>

<template>
  <section class="panel sum" :aria-label="words.lowered">
    <h2>{{ words.underTheRod }}</h2>
    <div class="fields">
      <v-autocomplete
        :model-value="lure?.id"
        :label="words.lure"
        :items="items"
        @update:model-value="(id: string | null) => (lureId = id)"
      />
      <v-select v-model="from" :label="words.from" :items="froms" />
      <MeasureField
        :model-value="depth"
        :label="words.wantedDepth"
        role="depth"
        :min="0.5"
        :max="200"
        @update:model-value="(v) => (wantedM = v)"
      />
      <MeasureField
        :model-value="flowMps"
        :label="words.driftOrCurrent"
        role="current"
        :min="0"
        :max="2"
        @update:model-value="(v) => (flow = v)"
      />
    </div>
    <div v-if="hang && picture" class="found">
      <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words.lineInTheWater">
        <path class="surface" :d="`M0 ${picture.surface}H${WIDTH}`" />
        <path class="line" :d="picture.line" />
        <circle :cx="picture.lure.x" :cy="picture.lure.y" r="4" />
      </svg>
      <p role="status" class="answer">
        {{ words.letOut }} <b>{{ show(hang.lineOutM, 'depth') }}</b> {{ words.ofLine }}
        <template v-if="hang.trailM > 0.05">
          {{ words.itTrails(show(hang.trailM, 'depth'), hang.angleDeg.toFixed(0)) }}
        </template>
        <template v-else>{{ words.straightDown }}</template>
        {{ words.pullsAt(show(hang.pullN / GRAVITY_MPS2, 'lureMass')) }}
      </p>
    </div>
    <p v-else role="status" class="answer">{{ words.noLineGetsIt }}</p>
    <p v-if="hang && hang.angleDeg > STEEP_DEG" class="caution">{{ words.drawnNotLowered }}</p>
    <p class="quiet">{{ words.bodyOnItsOwn }}</p>
    <p v-if="from === 'ice'" class="caution"><b>{{ words.careful }}</b> {{ words.ice }}</p>
  </section>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.found {
  display: grid;
  grid-template-columns: minmax(120px, 220px) minmax(0, 1fr);
  gap: var(--space-16);
  align-items: center;
}
svg {
  width: 100%;
  background: rgba(var(--v-theme-primary), 0.06);
  border-radius: var(--radius-m);
}
.surface {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.5;
}
.line {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.5;
}
circle {
  fill: rgb(var(--v-theme-secondary));
}
@media (max-width: 500px) {
  .found {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
