<script setup lang="ts">
import { practiceBar as words } from '../../../words'

/** The thumb’s place on the practice lake: time goes on by a tap, or runs. */
defineProps<{ status: string; running: boolean; leftMin: number }>()
defineEmits<{ run: []; five: []; next: [] }>()
</script>

<template>
  <div class="thumb">
    <p class="said" role="status">{{ status ? words.said(status, words.left(leftMin)) : words.left(leftMin) }}</p>
    <button type="button" :aria-pressed="running" data-practice="run" @click="$emit('run')">
      {{ running ? words.halt : words.run }}
    </button>
    <button type="button" data-practice="five" @click="$emit('five')">{{ words.fiveMinutes }}</button>
    <button type="button" class="next" data-practice="next" @click="$emit('next')">{{ words.nextAnswer }}</button>
  </div>
</template>

<style scoped>
.said {
  grid-column: 1 / -1;
  font-weight: 650;
  text-align: center;
}
.thumb {
  position: fixed;
  z-index: 20;
  inset: auto 0 0 0;
  display: grid;
  grid-template-columns: 1fr 80px 1fr;
  gap: var(--space-8);
  max-width: 664px;
  margin: 0 auto;
  padding: var(--space-8) var(--space-12) calc(var(--space-8) + env(safe-area-inset-bottom));
  background: rgb(var(--v-theme-background));
  border-top: 1px solid rgba(var(--v-border-color), 0.3);
}
.thumb button {
  min-height: 64px;
  border-radius: var(--radius-l);
  border: 2.5px solid rgb(var(--v-theme-on-surface));
  font-weight: 750;
  background: rgb(var(--v-theme-surface));
}
.thumb button[aria-pressed='true'] {
  background: rgb(var(--v-theme-on-surface));
  color: rgb(var(--v-theme-surface));
}
.thumb .next {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
</style>
