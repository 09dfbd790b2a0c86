<script setup lang="ts">
import { measureField as words } from '../../../words'
import type { RoleId } from '../../../core/quantity'
import { useMeasure } from '~/composables/useMeasure'
import { tellUnread } from '~/composables/useUnread'

/** A measure typed in any unit: `3/8 oz`, `10g`, `55 F`. Shows the angler's own unit; keeps SI. */
const props = defineProps<{
  label: string
  role: RoleId
  modelValue: number | null
  min?: number
  max?: number
  optional?: boolean
  hint?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [valueSi: number | null] }>()

const { show, figure, unit, read } = useMeasure()
const text = ref('')
const problem = ref('')
const typing = ref(false)
tellUnread(problem)

function settle() {
  text.value = props.modelValue === null ? '' : figure(props.modelValue, props.role)
}
watch(
  () => [props.modelValue, unit(props.role)],
  () => {
    if (!typing.value) settle()
  },
  { immediate: true },
)

function take() {
  if (props.optional && text.value.trim() === '') {
    problem.value = ''
    return emit('update:modelValue', null)
  }
  const found = read(text.value, props.role)
  if ('problem' in found) {
    problem.value = found.problem
    return
  }
  const { min, max } = props
  const low = min !== undefined && found.valueSi < min - 1e-9
  const high = max !== undefined && found.valueSi > max + 1e-9
  if (low || high) {
    problem.value = words.between(show(min ?? 0, props.role), show(max ?? 0, props.role))
    return
  }
  problem.value = ''
  emit('update:modelValue', found.valueSi)
}
function leave() {
  typing.value = false
  if (problem.value === '') settle()
}
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    :suffix="unit(role)"
    :error-messages="problem"
    :hint="hint"
    inputmode="text"
    autocomplete="off"
    @focus="typing = true"
    @update:model-value="take"
    @blur="leave"
    @keydown.enter="leave"
  />
</template>
