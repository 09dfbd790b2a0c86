<script setup lang="ts">
import { sayUses } from '../../../core/match'
import { usualPart, type Part, type PartKind, type PartOf } from '../../../core/tackle'
import { provideUnread } from '~/composables/useUnread'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { judgePart, partFields } from './part-draft'

/** One rod, reel, line or small part, typed in any unit; what it is good for in this box is told while it is typed. */
const props = defineProps<{ kind: PartKind; one: string; part: Part | null }>()
const emit = defineEmits<{ save: [part: Part]; remove: [part: Part]; close: [] }>()

const box = useBox()
const settings = useSettings()
const draft = reactive<Record<string, unknown>>(
  JSON.parse(JSON.stringify(props.part ?? usualPart(props.kind, crypto.randomUUID()))),
)
const unread = provideUnread()
const problems = ref<Record<string, string>>({})
const fields = computed(() => partFields(props.kind))
const drawer = computed(() => box.box.reels.map((r) => ({ value: r.id, title: r.name })))
const uses = computed(() => {
  const judged = judgePart(props.kind, { ...draft, name: draft.name || 'x' })
  return judged.ok ? sayUses(props.kind, judged.part as PartOf<typeof props.kind>, box.box, settings.system) : ''
})

function save() {
  if (unread.size > 0) {
    problems.value = { fields: 'Mend the field marked red first; nothing is saved yet.' }
    return
  }
  const judged = judgePart(props.kind, JSON.parse(JSON.stringify(draft)))
  problems.value = judged.ok ? {} : judged.problems
  if (judged.ok) emit('save', judged.part)
}
</script>

<template>
  <form class="panel part-form" @submit.prevent="save">
    <h2>{{ part ? `Change ${part.name}` : `Add a ${one}` }}</h2>
    <div class="fields">
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
    </div>
    <p v-if="uses" class="uses" role="status">Here it {{ uses }}.</p>
    <p v-if="Object.keys(problems).length" class="wrong" role="alert">{{ Object.values(problems).join(' ') }}</p>
    <div class="foot">
      <v-btn color="primary" type="submit">{{ part ? 'Save' : 'Add to the box' }}</v-btn>
      <v-btn variant="text" @click="$emit('close')">Cancel</v-btn>
      <v-btn v-if="part" variant="text" color="error" class="remove" @click="$emit('remove', part)">Remove</v-btn>
    </div>
  </form>
</template>

<style scoped>
.part-form {
  padding: 20px 22px;
  overflow-y: auto;
  background: rgb(var(--v-theme-surface));
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
  margin-top: 16px;
}
.wide {
  grid-column: 1 / -1;
}
.uses {
  margin-top: 14px;
  padding: 8px 14px;
  border-radius: 10px;
  background: rgb(var(--v-theme-surface-variant));
}
.wrong {
  margin-top: 12px;
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-error));
}
.foot {
  display: flex;
  gap: 8px;
  margin-top: 18px;
}
.remove {
  margin-left: auto;
}
@media (max-width: 420px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
