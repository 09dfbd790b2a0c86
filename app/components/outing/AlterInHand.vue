<script setup lang="ts">
import { alteredWords, rigSheet as words } from '../../../words'
import { ALTERED_IN_HAND, type AlteredInHand, type Carried } from '../../../core/outing'

/** What was done to the lure in the hand: one tap, and for a cut its length since. From then on it is fished, and counted, so. */
const props = defineProps<{ carried: Carried }>()
const emit = defineEmits<{ alter: [what: AlteredInHand, lengthM: number | null] }>()
const cutting = ref(false)
const lengthM = ref(Math.round(props.carried.lengthM * 750) / 1000)
function tap(what: AlteredInHand) {
  if (what === 'cut') cutting.value = !cutting.value
  else emit('alter', what, null)
}
</script>

<template>
  <section class="altered" :aria-label="words.changedInTheHand">
    <h3>{{ words.changedInTheHand }}</h3>
    <div class="what">
      <button
        v-for="what in ALTERED_IN_HAND"
        :key="what"
        type="button"
        :aria-expanded="what === 'cut' ? cutting : undefined"
        :data-altered="what"
        @click="tap(what)"
      >
        {{ alteredWords(what).does }}
      </button>
    </div>
    <form v-if="cutting" class="cut" @submit.prevent="emit('alter', 'cut', lengthM)">
      <MeasureField
        :label="words.cutTo"
        role="lureLength"
        :model-value="lengthM"
        :min="0.01"
        :max="carried.lengthM"
        @update:model-value="(v) => v !== null && (lengthM = v)"
      />
      <button type="submit">{{ words.keep }}</button>
    </form>
  </section>
</template>

<style scoped>
.altered {
  display: grid;
  gap: var(--space-8);
  padding: var(--space-12) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
h3 {
  font-size: var(--text-3);
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
button {
  min-height: 48px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
.cut {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-8);
  align-items: start;
}
</style>
