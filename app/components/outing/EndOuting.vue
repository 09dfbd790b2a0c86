<script setup lang="ts">
import { endOuting as words } from '../../../words'
/** The end of an outing, asked twice: a thumb slips. */
const emit = defineEmits<{ end: [] }>()
const asking = ref(false)
</script>

<template>
  <button v-if="!asking" type="button" @click="asking = true">{{ words.endTheOuting }}</button>
  <div v-else>
    <p>{{ words.endItItStays }}</p>
    <button type="button" class="strong" @click="emit('end')">{{ words.end }}</button>
    <button type="button" @click="asking = false">{{ words.fishOn }}</button>
  </div>
</template>

<style scoped>
button {
  width: 100%;
  min-height: 56px;
  margin-top: var(--space-8);
  border-radius: var(--radius-l);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
.strong {
  background: rgb(var(--v-theme-error));
  border-color: rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-surface));
}
</style>
