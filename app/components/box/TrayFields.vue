<script setup lang="ts">
import { trayFields as words } from '../../../words'
import { freeSlot, slotName, slotsOf } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** The tray and the compartment in which a lure lies; another tray gives it the first that is free. */
const trayId = defineModel<string | null>('trayId', { required: true })
const slotAt = defineModel<number | null>('slotAt', { required: true })
const box = useBox()
const tray = computed(() => (trayId.value ? box.trayById.get(trayId.value) : undefined))
const trays = computed(() => [
  { value: null, title: words.looseInNoTray },
  ...box.box.trays.map((t) => ({ value: t.id, title: t.name })),
])
const slots = computed(() => {
  const { value } = tray
  return value
    ? Array.from({ length: slotsOf(value) }, (_, slot) => ({ value: slot, title: slotName(value, slot) }))
    : []
})
function choose(id: string | null) {
  trayId.value = id
  const chosen = id ? box.trayById.get(id) : undefined
  const taken = new Set(box.box.lures.flatMap((l) => (l.trayId === id && l.slot !== null ? [l.slot] : [])))
  slotAt.value = chosen ? freeSlot(chosen, taken) : null
}
</script>

<template>
  <v-select :label="words.tray" :items="trays" :model-value="trayId" @update:model-value="choose" />
  <v-select v-if="tray" v-model="slotAt" :label="words.compartment" :items="slots" />
</template>
