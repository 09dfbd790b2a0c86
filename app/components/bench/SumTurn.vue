<script setup lang="ts">
import { sumTurn as words } from '../../../words'
import { throughTurn, type BuildMotion, type Fluid } from '../../../core/motion'
import { useMeasure } from '~/composables/useMeasure'

/** What a turn does to the lures behind the boat: inner rods slow, outer rods hurry. */
const props = defineProps<{
  motion: BuildMotion
  fluid: Fluid
  line: { diameterM: number; densityKgM3: number }
  lineOutM: number
  tipM: number
  speedMps: number
}>()
const { show } = useMeasure()
const radiusM = ref(30)
const sideM = ref(1.5)
const TURNS_DEG = 120
/** The bottom plays no part here. */
const DEEP_M = 200
const rods = computed(() =>
  ([-1, 1] as const).map((to) => ({
    to,
    ...throughTurn({
      motion: props.motion,
      ...props.fluid,
      line: props.line,
      lineOutM: props.lineOutM,
      tipM: props.tipM,
      speedMps: props.speedMps,
      radiusM: Math.max(radiusM.value, 2 * sideM.value),
      turnsDeg: TURNS_DEG,
      sideM: to * sideM.value,
      depthM: DEEP_M,
    }),
  })),
)
</script>

<template>
  <div class="turn">
    <h3>{{ words.inATurn }}</h3>
    <div class="fields">
      <MeasureField
        :model-value="radiusM"
        :label="words.radius"
        role="distance"
        :min="5"
        :max="200"
        @update:model-value="(v) => v && (radiusM = v)"
      />
      <MeasureField
        :model-value="sideM"
        :label="words.rodTipOff"
        role="depth"
        :min="0.2"
        :max="10"
        @update:model-value="(v) => v && (sideM = v)"
      />
    </div>
    <table :aria-label="words.inATurn">
      <thead>
        <tr>
          <th scope="col">{{ words.rod }}</th>
          <th scope="col">{{ words.speed }}</th>
          <th scope="col">{{ words.depth }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rods" :key="r.to">
          <th scope="row">{{ r.to < 0 ? words.inner : words.outer }}</th>
          <td>{{ words.range(show(r.slowestMps, 'boatSpeed'), show(r.fastestMps, 'boatSpeed')) }}</td>
          <td>{{ words.range(show(r.shallowestM, 'depth'), show(r.deepestM, 'depth')) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">{{ words.whichIsHit(show(speedMps, 'boatSpeed')) }}</p>
  </div>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.turn {
  display: grid;
  gap: var(--space-8);
  padding-top: var(--space-12);
  border-top: 1px solid rgba(var(--v-border-color), 0.2);
}
h3 {
  font-size: var(--text-4);
}
</style>
