<script setup lang="ts">
import { answerSheet as words, answerWords } from '../../../words'
import { ANSWERS, type AnswerId } from '../../../core/outing'

/** Tap one: it is written down. Large, apart, and none needs looking at twice. */
const emit = defineEmits<{ answer: [answer: AnswerId]; close: [] }>()
</script>

<template>
  <BottomSheet :title="words.whatDidTheFish" :closing="words.nothingHappened" @close="emit('close')">
    <div class="grid">
      <button
        v-for="a in ANSWERS"
        :key="a.id"
        type="button"
        :class="[a.bite ? 'bite' : 'touch', a.id]"
        :data-answer="a.id"
        @click="emit('answer', a.id)"
      >
        <b>{{ answerWords(a.id).name }}</b>
        <small>{{ answerWords(a.id).hint }}</small>
      </button>
    </div>
  </BottomSheet>
</template>

<style scoped>
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
</style>
