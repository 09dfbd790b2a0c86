<script setup lang="ts">
/** A plain figure; null while nothing, or nothing that is a number, stands there. */
defineProps<{ label: string; min?: number; max?: number; step?: number; clearable?: boolean }>()
const value = defineModel<number | null>({ required: true })
const take = (typed: string | null) => {
  const figure = Number(typed ?? '')
  value.value = typed === null || typed === '' || !Number.isFinite(figure) ? null : figure
}
</script>

<template>
  <v-text-field
    type="number"
    :min="min"
    :max="max"
    :step="step"
    :label="label"
    :model-value="value"
    :clearable="clearable"
    hide-details
    @update:model-value="take"
  />
</template>
