<script setup lang="ts">
import { sumDownrigger as words } from '../../../words'
import { cableForDepth, downrigger } from '../../../core/motion'
import { useMeasure } from '~/composables/useMeasure'

/** The downrigger's ball: cable for a depth, and how far it is blown back. */
const props = defineProps<{ density: number; viscosity: number }>()
const { show } = useMeasure()
const ballKg = ref(4)
const wantedM = ref(12)
const speedMps = ref(1)
const waterFor = computed(() => ({ density: props.density, viscosity: props.viscosity }))
const cableM = computed(() => cableForDepth(ballKg.value, wantedM.value, speedMps.value, waterFor.value))
const ball = computed(() =>
  cableM.value === null ? null : downrigger(ballKg.value, cableM.value, speedMps.value, waterFor.value),
)
</script>

<template>
  <section class="panel sum" :aria-label="words.downrigger">
    <h2>{{ words.downrigger }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="ballKg"
        :label="words.ball"
        role="sinkerMass"
        :min="0.3"
        :max="15"
        @update:model-value="(v) => v && (ballKg = v)"
      />
      <MeasureField
        :model-value="wantedM"
        :label="words.wantedDepth"
        role="depth"
        :min="1"
        :max="80"
        @update:model-value="(v) => v && (wantedM = v)"
      />
      <MeasureField
        :model-value="speedMps"
        :label="words.speed"
        role="lureSpeed"
        :min="0.1"
        :max="4"
        @update:model-value="(v) => v && (speedMps = v)"
      />
    </div>
    <p v-if="ball && cableM !== null" role="status" class="answer">
      {{ words.letOut }} <b>{{ show(cableM, 'depth') }}</b> {{ words.ofCableTheBall(show(ball.depthM, 'depth')) }}
      <b>{{ show(ball.blowBackM, 'depth') }}</b>.
    </p>
    <p v-else role="status" class="answer">
      {{ words.noLengthOfCable }}
    </p>
    <p class="quiet">{{ words.steelCableOfMm }}</p>
    <p class="caution">
      <b>{{ words.careful }}</b> {{ words.aBallOn }}
    </p>
  </section>
</template>

<style scoped>
.sum {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-16) var(--space-20) var(--space-16);
  align-content: start;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: var(--space-12);
}
.answer b {
  font-family: var(--v-font-heading);
  font-size: var(--text-6);
}
.quiet {
  font-size: var(--text-2);
}
</style>
