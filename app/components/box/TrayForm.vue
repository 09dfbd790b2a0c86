<script setup lang="ts">
import { trayForm as words } from '../../../words'
import { Tray, fieldsOf, slotsOf, trayFor, type Tray as TrayType } from '../../../core/tackle'
import { sayIssue } from '~/components/form/issue'
import { draftKey, fieldsOfForm, useDraft } from '~/composables/useDraft'
import { provideUnread } from '~/composables/useUnread'
import { useBox } from '~/stores/box'
import { newId } from '../../../core/new-id'

/** A tray: its name and its compartments, drawn while they are set. */
const props = defineProps<{ tray: TrayType | null }>()
const emit = defineEmits<{ save: [tray: TrayType]; remove: [tray: TrayType]; close: [] }>()

const box = useBox()
const draft = reactive<Record<string, unknown>>({
  ...(props.tray ?? { ...trayFor('x', 24), id: newId(), name: '' }),
})
const kept = useDraft(
  draftKey('trays', props.tray?.id ?? null),
  () => String(draft.name || words.aNewTray),
  fieldsOfForm(draft),
)
const unread = provideUnread()
const problems = ref<Record<string, string>>({})
const fields = fieldsOf(Tray.shape)
const held = computed(() => box.box.lures.filter((l) => l.trayId === props.tray?.id))
const WORDS: Readonly<Record<string, string>> = {
  name: words.giveItAName,
  columns: words.compartmentsAcross,
  rows: words.compartmentsDown,
}
const checked = computed(() => Tray.safeParse(draft))
/** Lures in compartments that a smaller tray no longer has go into its last one. */
const beyond = computed(() => {
  const { data } = checked.value
  return data ? held.value.filter((l) => (l.slot ?? 0) >= slotsOf(data)).length : 0
})
function save() {
  if (unread.size > 0) {
    problems.value = { fields: words.fixTheFieldMarked }
    return
  }
  const { data, error } = checked.value
  if (data) {
    const twin = box.box.trays.find((t) => t.id !== data.id && t.name.toLowerCase() === data.name.toLowerCase())
    problems.value = twin ? { name: words.thereIsATray(twin.name) } : {}
    if (twin) return
    kept.sent()
    emit('save', data)
  } else
    problems.value = Object.fromEntries(
      error.issues.map((i) => [String(i.path[0]), WORDS[String(i.path[0])] ?? sayIssue(i, draft)]),
    )
}
</script>

<template>
  <EditForm
    :title="tray ? words.change(tray.name) : words.addATray"
    :adding="tray === null"
    :problems="problems"
    @save="save"
    @remove="tray && emit('remove', tray)"
    @close="emit('close')"
  >
    <FormField
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :model-value="draft[f.key]"
      :error="problems[f.key]"
      :class="{ wide: f.key === 'name' }"
      @update:model-value="(v) => (draft[f.key] = v)"
    />
    <template #notes>
      <div v-if="checked.success" class="case" aria-hidden="true" :style="{ '--columns': checked.data.columns }">
        <i v-for="n in slotsOf(checked.data)" :key="n" />
      </div>
      <p v-if="beyond" role="status" class="beyond">
        {{ words.ofItsLuresLie(beyond) }}
      </p>
      <p v-if="tray" class="quiet">{{ words.removingItLeavesIts(held.length) }}</p>
    </template>
  </EditForm>
</template>

<style scoped>
.case {
  display: grid;
  grid-template-columns: repeat(var(--columns), 1fr);
  gap: var(--space-4);
  max-width: 320px;
  margin: var(--space-12) 0;
  padding: var(--space-6);
  border-radius: var(--radius-m);
  background: var(--colour-tray-frame);
}
.case i {
  height: 16px;
  border-radius: var(--radius-s);
  background: var(--tray-bed);
}
.beyond {
  margin-bottom: var(--space-8);
  padding: var(--space-4) var(--space-8);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
</style>
