<script setup lang="ts">
import { sumDropShot as words } from '../../../words'
import {
  dropShotHeightM,
  dropShotLeaderM,
  minHoldingMassKg,
  FRICTION_DEG,
  type Fluid,
  type Ground,
} from '../../../core/motion'
import type { Line } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** Drop-shot height and the weight that holds bottom, with the picture that shows why the bait sinks as the line flattens. */
const props = defineProps<{
  depthM: number
  currentMps: number
  fluid: Fluid
  line: Line
}>()
const { show } = useMeasure()
const depth = ref<number | null>(null)
const awayM = ref(15)
const leaderM = ref(0.6)
const wishedM = ref<number | null>(null)
const flow = ref<number | null>(null)
const ground = ref<Ground>('sand')
const TIP_M = 1
const depthM = computed(() => depth.value ?? props.depthM)
const flowMps = computed(() => flow.value ?? Math.max(props.currentMps, 0.2))
const heightM = computed(() => dropShotHeightM(leaderM.value, depthM.value, TIP_M, awayM.value))
const leaderForM = computed(() =>
  wishedM.value ? dropShotLeaderM(wishedM.value, depthM.value, TIP_M, awayM.value) : null,
)
const held = computed(() =>
  minHoldingMassKg({
    depthM: depthM.value,
    tipM: TIP_M,
    awayM: awayM.value,
    flowMps: flowMps.value,
    lineDiameterM: props.line.diameterM,
    ...props.fluid,
    baitDragM2: BAIT_DRAG_M2,
    ground: ground.value,
  }),
)
const SAFER = 1.5
/** Drag area of a drop-shot bait of some 8 cm. */
const BAIT_DRAG_M2 = 2e-4
const grounds = Object.keys(FRICTION_DEG).map((g) => ({ value: g, title: g.charAt(0).toUpperCase() + g.slice(1) }))

// The picture: water in one scale, the leader drawn ten times as large beside the sinker.
const width = ref(460)
const HEIGHT = 190
const scale = computed(() =>
  Math.min((width.value - 60) / Math.max(awayM.value, 1), (HEIGHT - 40) / (depthM.value + TIP_M)),
)
const tip = computed(() => ({ x: 24, y: 12 }))
const sinker = computed(() => ({
  x: 24 + awayM.value * scale.value,
  y: 12 + (depthM.value + TIP_M) * scale.value,
}))
const angle = computed(() => Math.atan2(depthM.value + TIP_M, awayM.value))
const LEADER_PX = 70
const bait = computed(() => ({
  x: sinker.value.x - LEADER_PX * Math.cos(angle.value),
  y: sinker.value.y - LEADER_PX * Math.sin(angle.value),
}))
</script>

<template>
  <section class="panel sum" :aria-label="words.dropShotAndBottom">
    <h2>{{ words.dropShotHeight }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="depthM"
        :label="words.depth"
        role="depth"
        :min="0.5"
        :max="100"
        @update:model-value="(v) => (depth = v)"
      />
      <MeasureField
        :model-value="awayM"
        :label="words.distanceFromTheRod"
        role="distance"
        :min="0.5"
        :max="80"
        @update:model-value="(v) => v && (awayM = v)"
      />
      <MeasureField
        :model-value="leaderM"
        :label="words.leaderToTheSinker"
        role="lureLength"
        :min="0.05"
        :max="3"
        @update:model-value="(v) => v && (leaderM = v)"
      />
      <MeasureField
        :model-value="wishedM"
        :label="words.wantedHeight"
        role="lureLength"
        optional
        :min="0.02"
        :max="3"
        @update:model-value="(v) => (wishedM = v)"
      />
      <MeasureField
        :model-value="flowMps"
        :label="words.currentOrDrift"
        role="current"
        :min="0"
        :max="3"
        @update:model-value="(v) => (flow = v)"
      />
      <v-select v-model="ground" :label="words.bottom" :items="grounds" />
    </div>
    <div class="halves">
      <ChartFrame
        v-model:width="width"
        :height="HEIGHT"
        :says="words.aLeaderOfHolds(show(leaderM, 'lureLength'), show(heightM, 'lureLength'))"
        class="picture"
      >
        <rect x="0" :y="12 + TIP_M * scale" :width="width" :height="depthM * scale" class="water" />
        <path :d="`M0 ${sinker.y}H${width}`" class="bottom" />
        <path :d="`M${tip.x} ${tip.y}L${bait.x} ${bait.y}`" class="line" />
        <path :d="`M${bait.x} ${bait.y}L${sinker.x} ${sinker.y}`" class="leader" />
        <circle :cx="bait.x" :cy="bait.y" r="5" class="bait" />
        <ellipse :cx="sinker.x" :cy="sinker.y - 5" rx="4" ry="7" class="lead" />
        <path :d="`M${bait.x + 12} ${bait.y}V${sinker.y}`" class="dim" />
        <text :x="Math.min(sinker.x + 14, width - 74)" :y="(bait.y + sinker.y) / 2 + 4">
          {{ show(heightM, 'lureLength') }}
        </text>
      </ChartFrame>
      <div class="answers">
        <p>
          {{ words.theBaitHangs }} <b>{{ show(heightM, 'lureLength') }}</b>
          {{ words.aboveTheBottomOn(show(leaderM, 'lureLength')) }}
        </p>
        <p v-if="leaderForM !== null">
          {{ words.forTieALeader(show(wishedM ?? 0, 'lureLength')) }} <b>{{ show(leaderForM, 'lureLength') }}</b>.
        </p>
        <p v-if="!held">{{ words.noLeadHolds }}</p>
        <p v-else>
          {{ words.lightestLeadThatHolds }} <b>{{ show(held.massKg, 'lureMass') }}</b
          >{{ words.takeForWater(show(held.massKg * SAFER, 'lureMass')) }}
        </p>
        <p v-if="held" class="quiet">
          {{ words.onLineAt(line.name, Math.round(held.angleDeg), held.pullN.toFixed(2)) }}
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-20);
  align-items: center;
}
.answers {
  display: grid;
  gap: var(--space-6);
}
b {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
}
.picture {
  width: 100%;
  border-radius: var(--radius-m);
}
.water {
  fill: var(--colour-water-drawn);
  opacity: 0.55;
}
.v-theme--night .water {
  fill: var(--colour-mud);
}
.bottom {
  stroke: var(--colour-sand);
  stroke-width: 6;
}
.line,
.leader {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.3;
}
.leader {
  stroke-width: 2.2;
}
.bait {
  fill: rgb(var(--v-theme-secondary));
}
.lead {
  fill: var(--colour-lead);
}
.dim {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-dasharray: 3 3;
}
@media (max-width: 760px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
