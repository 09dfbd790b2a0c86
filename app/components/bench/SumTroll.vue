<script setup lang="ts">
import { sumTroll as words } from '../../../words'
import { trollingDepth, type Fluid } from '../../../core/motion'
import { GRAVITY_MPS2 } from '../../../core/constants'
import { runningDepthM } from '../../../core/bench'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { TROLLED_OVER_CAST, TROLL_STEP_MPS } from '../../../data/bench'
import { familyOf, type Line } from '../../../core/tackle'
import { useLureOfBox } from '~/composables/useLureOfBox'
import { useMeasure } from '~/composables/useMeasure'

/** Trolling: how deep a lure runs at the boat's speed and at each small step from it. */
const props = defineProps<{
  line: Line
  water: { tempC: number; salinity: number }
  fluid: Fluid
}>()
const { show } = useMeasure()
const { lure, lureId, known, motion, castMotion, items, dives } = useLureOfBox(() => props.water, 'trolled')
const testedRuns = computed(() => (known.value?.troll ?? known.value?.pull)?.n ?? 0)
const outM = ref(35)
const TIP_M = 1
/** Speed over ground, as the instrument tells it, and the current along the course: positive from behind. */
const overGroundMps = ref<number | null>(null)
const currentMps = ref(0)
const inWindow = (mps: number) =>
  known.value !== null && mps >= known.value.window.slow.value - 1e-6 && mps <= known.value.window.fast.value + 1e-6
/** To begin with, the middle of the lure's window, in whole steps. */
const usualMps = computed(() => {
  const w = known.value?.window
  return w ? Math.round((w.slow.value + w.fast.value) / 2 / TROLL_STEP_MPS) * TROLL_STEP_MPS + currentMps.value : 1
})
const groundMps = computed(() => overGroundMps.value ?? usualMps.value)
const throughMps = computed(() => groundMps.value - currentMps.value)
const SLOWEST_MPS = 0.1
const change = (steps: number) => {
  overGroundMps.value = Math.max(SLOWEST_MPS + currentMps.value, groundMps.value + steps * TROLL_STEP_MPS)
}
const stuff = computed(() => ({
  diameterM: props.line.diameterM,
  densityKgM3: LINE_DENSITY[props.line.material],
}))
/** Steps up and down that are shown. */
const STEPS = [-4, -3, -2, -1, 0, 1, 2, 3, 4] as const
const rows = computed(() => {
  const m = motion.value
  if (!m) return []
  return STEPS.map((step) => ({ step, mps: throughMps.value + step * TROLL_STEP_MPS }))
    .filter(({ mps }) => mps >= SLOWEST_MPS)
    .map(({ step, mps }) => ({
      step,
      groundMps: mps + currentMps.value,
      fits: inWindow(mps),
      ...trollingDepth(m, props.fluid, stuff.value, mps, outM.value, TIP_M),
    }))
})
const practiceM = computed(() => {
  if (!dives.value || !motion.value || testedRuns.value > 0) return null
  const cast = {
    castM: outM.value,
    rodTipM: TIP_M,
    retrieveSpeedMps: 0.8,
    lineDiameterM: props.line.diameterM,
    ...props.fluid,
  }
  return TROLLED_OVER_CAST * runningDepthM(castMotion.value ?? motion.value, cast)
})
const deepest = computed(() => Math.max(...rows.value.map((r) => r.depthM), 0.1))
</script>

<template>
  <section class="panel sum" :aria-label="words.trolling">
    <h2>{{ words.behindTheBoat }}</h2>
    <div class="fields">
      <v-autocomplete
        :model-value="lure?.id"
        :label="words.lure"
        :items="items"
        @update:model-value="(id: string | null) => (lureId = id)"
      />
      <MeasureField
        :model-value="outM"
        :label="words.lineOut"
        role="distance"
        :min="3"
        :max="200"
        @update:model-value="(v) => v && (outM = v)"
      />
      <MeasureField
        :model-value="currentMps"
        :label="words.currentFromBehind"
        role="boatSpeed"
        :min="-2"
        :max="2"
        @update:model-value="(v) => (currentMps = v ?? 0)"
      />
      <div class="speed">
        <v-btn variant="tonal" :aria-label="words.slower" @click="change(-1)">−</v-btn>
        <MeasureField
          :model-value="groundMps"
          :label="words.speedOverGround"
          role="boatSpeed"
          :min="0.1"
          :max="6"
          @update:model-value="(v) => (overGroundMps = v)"
        />
        <v-btn variant="tonal" :aria-label="words.faster" @click="change(1)">+</v-btn>
      </div>
    </div>
    <p v-if="throughMps < SLOWEST_MPS" role="status" class="answer">{{ words.goesWithTheWater }}</p>
    <p v-else-if="currentMps !== 0" role="status" class="answer">
      {{ words.throughTheWater }} <b>{{ show(throughMps, 'boatSpeed') }}</b>.
    </p>
    <table v-if="rows.length" :aria-label="words.depthBySpeed">
      <thead>
        <tr>
          <th scope="col">{{ words.overGround }}</th>
          <th scope="col">{{ words.runsAt }}</th>
          <th scope="col">{{ words.pullAtTheRod }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.step" :class="{ now: r.step === 0, outside: !r.fits }">
          <th scope="row">{{ show(r.groundMps, 'boatSpeed') }}</th>
          <td>
            <span class="depth"
              ><b>{{ show(r.depthM, 'depth') }}</b
              ><span class="bar" aria-hidden="true"><i :style="{ width: `${(r.depthM / deepest) * 100}%` }" /></span
            ></span>
          </td>
          <td>{{ r.fits ? show(r.tensionAtRodN / GRAVITY_MPS2, 'lureMass') : words.outsideItsWindow }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="practiceM !== null" class="differ">
      <b>{{ words.wherePracticeAndThis }}</b> {{ words.withTheTime(show(practiceM, 'depth')) }}
    </p>
    <p v-if="testedRuns > 0" class="quiet">{{ words.byYourRuns(testedRuns) }}</p>
    <p class="quiet">
      {{ words.inStepsOfMph(line.name) }}
      <template v-if="lure && familyOf(lure.family).rotates">{{ words.itSpinsPut }}</template>
    </p>
    <SumTurn
      v-if="motion && throughMps >= SLOWEST_MPS"
      :motion="motion"
      :fluid="fluid"
      :line="stuff"
      :line-out-m="outM"
      :tip-m="TIP_M"
      :speed-mps="throughMps"
    />
  </section>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.depth {
  display: grid;
  grid-template-columns: 60px minmax(60px, 1fr);
  gap: var(--space-8);
  align-items: center;
}
.bar {
  height: 7px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), 0.14);
}
.bar i {
  display: block;
  height: 100%;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
.speed {
  display: grid;
  grid-column: 1 / -1;
  max-width: 300px;
  grid-template-columns: 44px minmax(0, 1fr) 44px;
  gap: var(--space-4);
  align-items: start;
}
.speed .v-btn {
  min-width: 0;
  height: 44px;
  font-size: var(--text-5);
}
tr.now th,
tr.now td {
  background: rgba(var(--v-theme-primary), 0.1);
}
tr.now th {
  font-weight: 700;
}
tr.outside {
  color: rgba(var(--v-theme-on-surface), var(--v-medium-emphasis-opacity));
}
.differ {
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
  font-size: var(--text-3);
}
</style>
