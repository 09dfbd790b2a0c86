<script setup lang="ts">
/** How loudly a rule of one's own speaks. */
defineProps<{ label: string }>()
const weight = defineModel<number>({ required: true })
</script>

<template>
  <label class="weigh">
    <span>{{ label }}</span>
    <input v-model.number="weight" type="range" min="0.5" max="12" step="0.5" />
    <b>{{ weight }}</b>
  </label>
</template>

<style scoped>
.weigh {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) 34px;
  gap: var(--space-12);
  align-items: center;
}
input {
  accent-color: rgb(var(--v-theme-primary));
  min-height: 40px;
}
</style>
