<script setup lang="ts">
import { thumbBar as words } from '../../../words'
import { mdiUndo } from '@mdi/js'

/** At the bottom, for the thumb: take back, cast, and the fish; above them what was logged last. */
defineProps<{
  status: string
  casts: number
  counted: string
  canUndo: boolean
  canCast: boolean
  canAnswer: boolean
}>()
defineEmits<{ undo: []; cast: []; fish: [] }>()
</script>

<template>
  <div class="thumb">
    <p class="said" role="status">{{ status }}</p>
    <button type="button" :disabled="!canUndo" :aria-label="words.takeTheLastEntry" @click="$emit('undo')">
      <v-icon :icon="mdiUndo" size="28" />
    </button>
    <button type="button" class="cast" :disabled="!canCast" @click="$emit('cast')">
      {{ counted }}<b>{{ casts }}</b>
    </button>
    <button type="button" class="fish" :disabled="!canAnswer" @click="$emit('fish')">{{ words.fish }}</button>
  </div>
</template>

<style scoped>
.said {
  grid-column: 1 / -1;
  font-weight: 650;
  text-align: center;
}
.said:empty {
  display: none;
}
.thumb {
  position: fixed;
  z-index: 20;
  inset: auto 0 0 0;
  display: grid;
  grid-template-columns: 64px 96px 1fr;
  gap: var(--space-8);
  max-width: 664px;
  margin: 0 auto;
  padding: var(--space-8) var(--space-12) calc(var(--space-8) + env(safe-area-inset-bottom));
  background: rgb(var(--v-theme-background));
  border-top: 1px solid rgba(var(--v-border-color), 0.3);
}
.thumb button {
  min-height: 72px;
  border-radius: var(--radius-l);
  border: 2.5px solid rgb(var(--v-theme-on-surface));
  font-weight: 750;
  font-size: var(--text-4);
  background: rgb(var(--v-theme-surface));
}
.thumb button:disabled {
  opacity: 0.45;
}
.cast b {
  display: block;
  font-size: var(--text-6);
  line-height: 1;
}
.thumb .fish {
  background: rgb(var(--v-theme-secondary));
  border-color: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-on-secondary));
  font-size: var(--text-5);
}
</style>
