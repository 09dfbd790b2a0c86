<script setup lang="ts">
import { choices } from './choices'
import type { Field } from './fields'

/** One field of a form, in the shape its schema asks for. */
const props = defineProps<{
  field: Field
  modelValue: unknown
  /** What it may point at, where it points into a drawer. */
  drawer?: readonly { value: string; title: string }[]
  error?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: unknown] }>()
const none = { value: null, title: 'In the drawer' }
function number(text: string) {
  const value = Number(text.replace(',', '.'))
  emit('update:modelValue', Number.isFinite(value) ? value : props.modelValue)
}
</script>

<template>
  <MeasureField
    v-if="field.kind === 'measure'"
    :label="field.label"
    :role="field.role"
    :model-value="Number(modelValue)"
    :min="field.min"
    :max="field.max"
    @update:model-value="(v) => v !== null && emit('update:modelValue', v)"
  />
  <v-select
    v-else-if="field.kind === 'choice'"
    :label="field.label"
    :items="choices(field.options)"
    :model-value="String(modelValue)"
    :error-messages="error"
    @update:model-value="(v) => emit('update:modelValue', v)"
  />
  <v-select
    v-else-if="field.kind === 'from'"
    :label="field.label"
    :items="[none, ...(drawer ?? [])]"
    :model-value="modelValue"
    :error-messages="error"
    @update:model-value="(v) => emit('update:modelValue', v)"
  />
  <v-checkbox
    v-else-if="field.kind === 'yes-no'"
    :label="field.label"
    :model-value="modelValue === true"
    density="compact"
    hide-details
    @update:model-value="(v) => emit('update:modelValue', v === true)"
  />
  <v-text-field
    v-else-if="field.kind === 'number'"
    :label="field.label"
    :model-value="String(modelValue)"
    inputmode="decimal"
    :error-messages="error"
    @update:model-value="number"
  />
  <v-text-field
    v-else
    :label="field.label"
    :model-value="String(modelValue)"
    maxlength="80"
    :error-messages="error"
    @update:model-value="(v) => emit('update:modelValue', v)"
  />
</template>
