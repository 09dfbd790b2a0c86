<script setup lang="ts">
import { unfinishedDrafts as words } from '../../../words'
import { repository } from '~/stores/repository'
import { useBox } from '~/stores/box'
import type { LureDraft } from './LureForm.vue'

/** What was being typed when the page was closed or died: carried on, or thrown away. */
const emit = defineEmits<{ resume: [lureId: string, draft: LureDraft] }>()
const box = useBox()
type Kept = Awaited<ReturnType<typeof repository.drafts>>[number]
const drafts = ref<Kept[]>([])
onMounted(async () => {
  drafts.value = (await repository.drafts()).filter((d) => d.key.startsWith('lure:'))
})
async function drop(draft: Kept) {
  await repository.dropDraft(draft.key)
  drafts.value = drafts.value.filter((d) => d !== draft)
}
function resume(draft: Kept) {
  drafts.value = drafts.value.filter((d) => d !== draft)
  emit('resume', draft.key.slice('lure:'.length), draft.value as LureDraft)
}
const about = (draft: Kept) => (box.lureById.has(draft.key.slice('lure:'.length)) ? 'changing' : 'adding')
</script>

<template>
  <ul v-if="drafts.length" class="drafts">
    <li v-for="d in drafts" :key="d.key" class="panel" role="status">
      <span
        >{{ words.youWere(about(d)) }} <b>{{ d.title }}</b> {{ words.andHadNotSaved }}</span
      >
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
