<script setup lang="ts">
import { partForm as words, sayUse } from '../../../words'
import { partUse } from '../../../core/match'
import { usualPart, type Field, type Part, type PartKind, type PartOf } from '../../../core/tackle'
import { draftKey, fieldsOfForm, useDraft } from '~/composables/useDraft'
import { provideUnread } from '~/composables/useUnread'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { judgePart, partFields } from './part-draft'
import { plain } from '~/composables/plain'
import { newId } from '../../../core/new-id'

/** One rod, reel, line or small part, typed in any unit; what it is good for in this box is told while it is typed. */
const props = defineProps<{ kind: PartKind; one: string; part: Part | null }>()
const emit = defineEmits<{ save: [part: Part]; remove: [part: Part]; close: [] }>()

const box = useBox()
const settings = useSettings()
const draft = reactive<Record<string, unknown>>(plain(props.part ?? usualPart(props.kind, newId())))
const kept = useDraft(
  draftKey(props.kind, props.part?.id ?? null),
  () => String(draft.name || props.one),
  fieldsOfForm(draft),
)
const unread = provideUnread()
const problems = ref<Record<string, string>>({})
/** What a new part may be left without; what it must have, or usually has, stands open. */
const isExtra = (f: Field) => f.empty === undefined
const fields = computed(() => partFields(props.kind).filter((f) => !isExtra(f)))
const extras = computed(() => partFields(props.kind).filter(isExtra))
const isSaid = computed(() => extras.value.some((f) => draft[f.key] !== undefined))
const drawer = computed(() => box.box.reels.map((r) => ({ value: r.id, title: r.name })))
const uses = computed(() => {
  const judged = judgePart(props.kind, { ...draft, name: draft.name || 'x' })
  return judged.ok
    ? sayUse(partUse(props.kind, judged.part as PartOf<typeof props.kind>, box.box), settings.system)
    : ''
})

function save() {
  if (unread.size > 0) {
    problems.value = { fields: words.fixTheFieldMarked }
    return
  }
  const judged = judgePart(props.kind, plain(draft))
  problems.value = judged.ok ? {} : judged.problems
  if (!judged.ok) return
  kept.sent()
  emit('save', judged.part)
}
</script>

<template>
  <EditForm
    :title="part ? words.change(part.name) : words.add(one)"
    :adding="part === null"
    :problems="problems"
    @save="save"
    @remove="part && emit('remove', part)"
    @close="emit('close')"
  >
    <FormField
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :model-value="draft[f.key]"
      :drawer="drawer"
      :error="problems[f.key]"
      :class="{ wide: f.key === 'name' }"
      @update:model-value="(v) => (draft[f.key] = v)"
    />
    <MoreFields v-if="extras.length" :title="words.moreAboutIt" :about="words.allOptional" :said="isSaid">
      <FormField
        v-for="f in extras"
        :key="f.key"
        :field="f"
        :model-value="draft[f.key]"
        :error="problems[f.key]"
        @update:model-value="(v) => (draft[f.key] = v)"
      />
    </MoreFields>
    <template #notes>
      <p v-if="uses" class="uses" role="status">{{ words.here(uses) }}</p>
    </template>
  </EditForm>
</template>

<style scoped>
.uses {
  margin-top: var(--space-12);
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface-variant));
}
</style>
