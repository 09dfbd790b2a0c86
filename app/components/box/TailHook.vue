<script setup lang="ts">
import { tailHook as words } from '../../../words'
import { HungHooks, fieldsOf, type TailHook } from '../../../core/tackle'

/** The hook at the tail, where it is another than the rest: a dressed single behind a treble. */
const hooks = defineModel<HungHooks>({ required: true })
const fields = fieldsOf(HungHooks.shape.tail.unwrap().shape)
const ring = fieldsOf({ ringN: HungHooks.shape.ringN })
function setOther(other: boolean) {
  const { tail, ...rest } = hooks.value
  const { style, size, wire } = tail ?? rest
  hooks.value = other ? { ...rest, tail: { style, size, wire, dressed: false } } : rest
}
function setTail(key: string, value: unknown) {
  if (hooks.value.tail) hooks.value = { ...hooks.value, tail: { ...hooks.value.tail, [key]: value } as TailHook }
}
function setRing(value: unknown) {
  const { ringN, ...rest } = hooks.value
  hooks.value = value === undefined ? rest : { ...rest, ringN: Number(value ?? ringN) }
}
</script>

<template>
  <v-checkbox
    :label="words.anotherAtTheTail"
    :model-value="hooks.tail !== undefined"
    density="compact"
    hide-details
    class="wide"
    @update:model-value="(v) => setOther(v === true)"
  />
  <template v-if="hooks.tail">
    <FormField
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :model-value="hooks.tail[f.key as keyof TailHook]"
      @update:model-value="(v) => setTail(f.key, v)"
    />
  </template>
  <FormField v-for="f in ring" :key="f.key" :field="f" :model-value="hooks.ringN" @update:model-value="setRing" />
</template>
