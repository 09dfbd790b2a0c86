<script setup lang="ts">
import { testField as words } from '../../../words'
import { useBox } from '~/stores/box'
import type { FormField } from './test-form'

/** One field of a test: a measure, a choice, or a thing out of a drawer. */
const props = defineProps<{ field: FormField; modelValue: unknown }>()
const emit = defineEmits<{ 'update:modelValue': [value: unknown] }>()
const box = useBox()
const items = computed(() => {
  const { from, options } = props.field
  if (options) return options.map((o) => ({ value: o, title: o.charAt(0).toUpperCase() + o.slice(1) }))
  if (!from) return []
  const things = box.box[from].map((p) => ({ value: p.id as string | null, title: p.name }))
  return props.field.optional ? [{ value: null, title: words.notSaid }, ...things] : things
})
</script>

<template>
  <MeasureField
    v-if="field.role"
    :label="field.label"
    :role="field.role"
    :model-value="typeof modelValue === 'number' ? modelValue : null"
    :min="field.min"
    :max="field.max"
    :optional="field.optional"
    @update:model-value="(v) => emit('update:modelValue', v)"
  />
  <v-select
    v-else
    :label="field.label"
    :items="items"
    :model-value="modelValue"
    @update:model-value="(v: unknown) => emit('update:modelValue', v)"
  />
</template>
