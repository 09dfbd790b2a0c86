<script setup lang="ts">
import { dayNote as words } from '../../../words'
import { LONGEST_NOTE, type Outing } from '../../../core/outing'
import { draftKey, useDraft } from '~/composables/useDraft'
import { useOutings } from '~/stores/outings'

/** The note of a day: stored when the field is left, kept while it is typed. */
const props = defineProps<{ outing: Outing }>()
const outings = useOutings()
const note = ref(props.outing.note)
const kept = useDraft(draftKey('notes', props.outing.id), () => props.outing.placeName, {
  get: () => ({ note: note.value }),
  set: (value) => (note.value = (value as { note: string }).note),
})
watch(
  () => props.outing.note,
  (stored, before) => {
    // What is being typed stays when the day changes elsewhere.
    if (note.value !== before) return
    note.value = stored
    void kept.drop()
  },
)
async function keep() {
  if (note.value !== props.outing.note) await outings.save({ ...props.outing, note: note.value }, words.changedANote)
  await kept.drop()
}
</script>

<template>
  <DraftBar />
  <label class="note"
    >{{ words.note }} <textarea v-model="note" rows="3" :maxlength="LONGEST_NOTE" @change="keep" />
  </label>
</template>

<style scoped>
.note {
  display: grid;
  gap: var(--space-4);
  font-weight: 650;
}
textarea {
  background: transparent;
  padding: var(--space-8);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.5);
  font: inherit;
  font-weight: 400;
  color: inherit;
}
</style>
