<script setup lang="ts">
import { againstReference as words } from '../../../words'
import { compareWithReference } from '../../../core/bench'
import type { Series } from '~/composables/useSeries'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'

/** The lure beside the reference lure of this kind of test. */
const props = defineProps<{ run: Series }>()
const box = useBox()
const settings = useSettings()
const { kind, lure } = props.run
const references = computed(() => {
  const ids = new Set(
    box.box.tests.filter((t) => t.kind === kind.value && t.lureId !== lure.value?.id).map((t) => t.lureId),
  )
  return box.box.lures.filter((l) => ids.has(l.id)).map((l) => ({ value: l.id, title: l.name }))
})
const referenceId = computed(() => {
  const kept = settings.references[kind.value]
  return references.value.some((r) => r.value === kept) ? (kept ?? null) : (references.value[0]?.value ?? null)
})
const compared = computed(() => {
  const reference = referenceId.value ? box.lureById.get(referenceId.value) : undefined
  return lure.value && reference ? compareWithReference(kind.value, lure.value, reference, box.box.tests) : null
})
const share = (ratio: number) => {
  const off = Math.round((ratio - 1) * 100)
  return off === 0 ? words.theSame : words.than(Math.abs(off), off > 0 ? 'more' : 'less')
}
</script>

<template>
  <div v-if="references.length" class="against">
    <v-select
      :label="words.besideTheReferenceLure"
      density="compact"
      hide-details
      :items="references"
      :model-value="referenceId"
      @update:model-value="(id: string) => settings.keep({ references: { ...settings.references, [kind]: id } })"
    />
    <p v-if="compared">
      {{ share(compared.ratio) }} {{ compared.reference.name }}{{ compared.clear ? '.' : words.butTheTwo }}
    </p>
    <p v-else class="quiet">{{ words.testThisOne }}</p>
  </div>
</template>

<style scoped>
.against {
  display: grid;
  gap: var(--space-4);
}
</style>
