<script setup lang="ts">
import { unfinishedDrafts as words } from '../../../words'
import { draftKey } from '~/composables/useDraft'
import { repository } from '~/stores/repository'

/** What was being typed when the page was closed or died: carried on, or thrown away. */
const props = defineProps<{
  /** Forms that can be opened from here. */
  forms: readonly string[]
  /** Whether what it changes is still there. */
  known: (form: string, id: string) => boolean
}>()
/** `id`: null for a new thing. */
const emit = defineEmits<{ resume: [form: string, id: string | null] }>()
type Kept = Awaited<ReturnType<typeof repository.drafts>>[number]
const drafts = shallowRef<readonly Kept[]>([])
const formOf = (draft: Kept) => draft.key.slice(0, draft.key.indexOf(':'))
const idOf = (draft: Kept) => draft.key.slice(draft.key.indexOf(':') + 1)
onMounted(async () => {
  drafts.value = (await repository.drafts()).filter((d) => props.forms.includes(formOf(d)))
})
async function drop(draft: Kept) {
  await repository.dropDraft(draft.key)
  drafts.value = drafts.value.filter((d) => d !== draft)
}
const changes = (draft: Kept) => props.known(formOf(draft), idOf(draft))
async function resume(draft: Kept) {
  drafts.value = drafts.value.filter((d) => d !== draft)
  const form = formOf(draft)
  if (changes(draft)) return emit('resume', form, idOf(draft))
  // What it changed is gone meanwhile: it becomes a new one.
  await repository.dropDraft(draft.key)
  await repository.keepDraft({ ...draft, key: draftKey(form, null) })
  emit('resume', form, null)
}
const about = (draft: Kept) => (changes(draft) ? words.changing : words.adding)
</script>

<template>
  <ul v-if="drafts.length" class="drafts">
    <li v-for="d in drafts" :key="d.key" class="panel" role="status">
      <span>{{ words.youWere(about(d)) }} <b>{{ d.title }}</b> {{ words.andHadNotSaved }}</span>
      <v-btn size="small" color="primary" @click="resume(d)">{{ words.carryOn }}</v-btn>
      <v-btn size="small" variant="text" @click="drop(d)">{{ words.discard }}</v-btn>
    </li>
  </ul>
</template>

<style scoped>
.drafts {
  list-style: none;
  margin: var(--space-12) 0 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8) var(--space-12);
  padding: var(--space-8) var(--space-16);
  border-left: 5px solid rgb(var(--v-theme-secondary));
}
</style>
