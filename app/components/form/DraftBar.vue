<script setup lang="ts">
import { draftBar as words } from '../../../words'
import { KEPT_DRAFT } from '~/composables/useDraft'

/** In a form: that what stands there was typed before and is not stored, with the way back. */
const kept = inject(KEPT_DRAFT, null)
</script>

<template>
  <p v-if="kept?.restored.value" class="kept" role="status">
    <span>{{ words.typedBefore }}</span>
    <v-btn size="small" variant="text" @click="kept.startOver()">{{ words.startOver }}</v-btn>
  </p>
</template>

<style scoped>
.kept {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-12);
  align-items: center;
  justify-content: space-between;
  margin-top: var(--space-8);
  padding: var(--space-4) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-secondary));
  background: rgb(var(--v-theme-surface-variant));
}
</style>
