<script setup lang="ts">
import { formField as words } from '../../../words'
import { choices } from './choices'
import { tellUnread } from '~/composables/useUnread'
import { COLOURS, type Field } from '../../../core/tackle'

/** One field of a form, in the shape its schema asks for. */
const props = defineProps<{
  field: Field
  modelValue: unknown
  /** What it may point at, where it points into a drawer. */
  drawer?: readonly { value: string; title: string }[]
  error?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: unknown] }>()
/** Choices as they are read: colours by their names, all else as it is kept. */
const named = computed(() =>
  choices(props.field.options).map((one) => ({
    ...one,
    title: COLOURS.find(({ id }) => id === one.value)?.name ?? one.title,
  })),
)
const NOT_SAID = { value: null, title: words.notSaid }
const none = { value: null, title: words.inTheDrawer }
/** What was typed where no figure can be read of it yet; the form around it saves nothing meanwhile. */
const unreadable = ref('')
tellUnread(unreadable)
function number(text: string) {
  const bare = text.trim().replace(',', '.')
  if (bare === '' && props.field.optional) {
    unreadable.value = ''
    return emit('update:modelValue', props.field.empty)
  }
  const value = Number(bare)
  unreadable.value = bare !== '' && Number.isFinite(value) ? '' : words.isNotANumber(text)
  if (unreadable.value === '') emit('update:modelValue', value)
}
</script>

<template>
  <MeasureField
    v-if="field.kind === 'measure'"
    :label="field.label"
    :role="field.role"
    :model-value="modelValue == null ? null : Number(modelValue)"
    :min="field.min"
    :max="field.max"
    :optional="field.optional"
    @update:model-value="(v) => (v !== null || field.optional) && emit('update:modelValue', v ?? field.empty)"
  />
  <v-select
    v-else-if="field.kind === 'choice'"
    :label="field.label"
    :items="[...(field.optional ? [NOT_SAID] : []), ...named]"
    :model-value="modelValue == null ? null : String(modelValue)"
    :error-messages="error"
    @update:model-value="(v) => emit('update:modelValue', v ?? field.empty)"
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
    :model-value="modelValue == null ? '' : String(modelValue)"
    inputmode="decimal"
    :error-messages="unreadable || error"
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
