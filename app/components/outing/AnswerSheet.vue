<script setup lang="ts">
import { answerSheet as words, answerWords, lostPartWords, saySign } from '../../../words'
import { ANSWERS, LOST_PARTS, type AnswerId, type NewEntry } from '../../../core/outing'
import { SIGNS } from '../../../core/water'

/** Tap one: it is written down. Large, apart, and none needs looking at twice. */
const props = defineProps<{ lures?: readonly { id: string; name: string }[] }>()
const emit = defineEmits<{
  answer: [answer: AnswerId, lureId: string | null]
  /** What was seen or lost beside one's own line. */
  beside: [entry: NewEntry, said: string]
  companion: []
  close: []
}>()
/** Of several lures on the line: the first, unless another is tapped before the answer. */
const which = ref<string | null>(props.lures?.[0]?.id ?? null)
const given = (id: AnswerId) => emit('answer', id, which.value === props.lures?.[0]?.id ? null : which.value)
</script>

<template>
  <BottomSheet :title="words.whatDidTheFish" :closing="words.nothingHappened" @close="emit('close')">
    <div v-if="lures && lures.length > 1" class="which" role="group" :aria-label="words.whichLure">
      <button v-for="l in lures" :key="l.id" type="button" :aria-pressed="which === l.id" @click="which = l.id">
        {{ l.name }}
      </button>
    </div>
    <div class="grid">
      <button
        v-for="a in ANSWERS"
        :key="a.id"
        type="button"
        :class="[a.bite ? 'bite' : 'touch', a.id]"
        :data-answer="a.id"
        @click="given(a.id)"
      >
        <b>{{ answerWords(a.id).name }}</b>
        <small>{{ answerWords(a.id).hint }}</small>
      </button>
    </div>
    <h3>{{ words.notOnYourLine }}</h3>
    <div class="beside">
      <button type="button" data-beside="companion" @click="emit('companion')">{{ words.somebodysFish }}</button>
      <button
        v-for="sign in SIGNS"
        :key="sign"
        type="button"
        :data-beside="sign"
        @click="emit('beside', { kind: 'sign', sign }, saySign(sign))"
      >
        {{ saySign(sign) }}
      </button>
      <button
        v-for="part in LOST_PARTS"
        :key="part"
        type="button"
        :data-beside="part"
        @click="emit('beside', { kind: 'lost-part', part }, lostPartWords(part))"
      >
        {{ lostPartWords(part) }}
      </button>
    </div>
  </BottomSheet>
</template>

<style scoped>
.which {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  margin-bottom: var(--space-8);
}
.which button {
  flex: 1;
  min-height: 52px;
  border: 2px solid rgba(var(--v-border-color), 0.55);
  border-radius: var(--radius-l);
  font-weight: 650;
}
.which button[aria-pressed='true'] {
  background: rgb(var(--v-theme-on-surface));
  color: rgb(var(--v-theme-surface));
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: var(--space-8);
}
.grid button {
  min-height: 84px;
  padding: var(--space-8) var(--space-6);
  border-radius: var(--radius-l);
  border: 2px solid rgba(var(--v-border-color), 0.55);
  display: grid;
  align-content: center;
  gap: var(--space-2);
  line-height: 1.15;
}
.grid b {
  font-size: var(--text-4);
}
.grid small {
  font-size: var(--text-1);
  opacity: var(--v-medium-emphasis-opacity);
}
.grid .bite {
  background: rgb(var(--v-theme-surface-variant));
}
.grid .landed {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.grid .landed small {
  opacity: 1;
}
/* Ten answers in threes: the best of them has a row to itself. */
.grid .landed:last-child:nth-child(3n + 1) {
  grid-column: 1 / -1;
}
h3 {
  font-size: var(--text-3);
  margin-top: var(--space-4);
}
.beside {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
}
.beside button {
  flex: 1 1 auto;
  min-height: 48px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.55);
  font-weight: 650;
}
</style>
