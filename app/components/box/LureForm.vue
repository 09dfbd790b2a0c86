<script setup lang="ts">
import { COLOURS, FAMILIES, PATTERNS, familyOf, type FamilyId, type Lure } from '../../../core/tackle'
import { capital, choices } from '~/components/form/choices'
import { useMeasure } from '~/composables/useMeasure'
import { provideUnread } from '~/composables/useUnread'
import { judge, newDraft, traitFields, usualTraits, type Draft } from './draft'

/** One lure, typed in any unit, drawn while it is typed. */
const props = defineProps<{ lure: Lure | null; trays: readonly string[] }>()
const emit = defineEmits<{ save: [lure: Lure]; remove: [lure: Lure]; close: [] }>()

const { show } = useMeasure()
const draft = reactive<Draft>(
  props.lure ? (JSON.parse(JSON.stringify(props.lure)) as Draft) : newDraft(crypto.randomUUID()),
)
const problems = ref<Record<string, string>>({})
const unread = provideUnread()
const families = FAMILIES.map((f) => ({ value: f.id, title: f.name }))
const colours = COLOURS.map((c) => ({ value: c.id, title: c.name, hex: c.hex }))
const patterns = choices(PATTERNS)
const sounds = [
  { value: 'silent', title: 'Silent' },
  { value: 'knock', title: 'One knock' },
  { value: 'rattles', title: 'Rattles' },
]
const family = computed(() => familyOf(draft.family))
const fields = computed(() => traitFields(draft.family))

function setFamily(id: FamilyId) {
  draft.traits = usualTraits(id)
  draft.family = id
}
const unusual = computed(() => {
  const [low, high] = family.value.lengthM
  const [light, heavy] = family.value.massKg
  if (draft.lengthM < low || draft.lengthM > high)
    return `Unusual for a ${family.value.name.toLowerCase()}: ${show(draft.lengthM, 'lureLength')} long. Most are ${show(low, 'lureLength')} to ${show(high, 'lureLength')}.`
  if (draft.massKg < light || draft.massKg > heavy)
    return `Unusual for a ${family.value.name.toLowerCase()}: ${show(draft.massKg, 'lureMass')}. Most weigh ${show(light, 'lureMass')} to ${show(heavy, 'lureMass')}.`
  return ''
})
const asLure = computed(() => draft as unknown as Lure)

function save() {
  if (unread.size > 0) {
    problems.value = { fields: 'Mend the field marked red first; nothing is saved yet.' }
    return
  }
  problems.value = {}
  const judged = judge(JSON.parse(JSON.stringify(draft)) as Draft)
  if (judged.ok) emit('save', judged.lure)
  else problems.value = judged.problems
}
</script>

<template>
  <EditForm
    :title="lure ? `Change ${lure.name}` : 'Add a lure'"
    :adding="lure === null"
    :problems="problems"
    @save="save"
    @remove="lure && emit('remove', lure)"
    @close="emit('close')"
  >
    <template #head>
      <p class="quiet">{{ family.about }}</p>
      <div class="preview"><LureDrawing :lure="asLure" :width-px="190" /></div>
    </template>
    <v-text-field
      v-model="draft.name"
      label="Name"
      :error-messages="problems.name"
      maxlength="80"
      autofocus
      class="wide"
    />
    <v-select
      label="Family"
      :items="families"
      :model-value="draft.family"
      class="wide"
      @update:model-value="setFamily"
    />
    <MeasureField
      label="Length"
      role="lureLength"
      :model-value="draft.lengthM"
      :min="0.01"
      :max="0.5"
      @update:model-value="(v) => v !== null && (draft.lengthM = v)"
    />
    <MeasureField
      label="Weight on the packet"
      role="lureMass"
      :model-value="draft.massKg"
      :min="0.0003"
      :max="1"
      @update:model-value="(v) => v !== null && (draft.massKg = v)"
    />
    <MeasureField
      label="Weighed (if so)"
      role="lureMass"
      :model-value="draft.measuredMassKg"
      :min="0.0003"
      :max="1"
      optional
      @update:model-value="(v) => (draft.measuredMassKg = v)"
    />
    <v-select v-model="draft.sound" label="Sound" :items="sounds" />
    <FormField
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :model-value="draft.traits[f.key]"
      @update:model-value="(v) => (draft.traits[f.key] = v)"
    />
    <v-select
      v-for="part in ['back', 'flank', 'belly'] as const"
      :key="part"
      v-model="draft.colour[part]"
      :label="capital(part)"
      :items="colours"
    >
      <template #item="{ props: item, internalItem }">
        <v-list-item v-bind="item">
          <template #prepend>
            <svg width="26" height="20" aria-hidden="true">
              <circle cx="10" cy="10" r="9" :fill="internalItem.raw.hex" stroke="currentColor" />
            </svg>
          </template>
        </v-list-item>
      </template>
    </v-select>
    <v-select v-model="draft.colour.pattern" label="Pattern" :items="patterns" />
    <v-text-field
      v-model.number="draft.count"
      label="How many"
      type="number"
      min="0"
      max="999"
      :error-messages="problems.count"
    />
    <v-combobox
      v-model="draft.tray"
      label="Tray"
      :items="[...trays]"
      variant="outlined"
      density="compact"
      hide-details="auto"
      :error-messages="problems.tray"
    />
    <v-textarea
      v-model="draft.notes"
      label="Notes"
      rows="2"
      auto-grow
      maxlength="500"
      class="wide"
      :error-messages="problems.notes"
    />
    <template #notes>
      <p v-if="unusual" class="unusual" role="status">{{ unusual }}</p>
    </template>
  </EditForm>
</template>

<style scoped>
.preview {
  display: grid;
  place-items: center;
  min-height: 150px;
  margin-top: 14px;
  border-radius: 14px;
  background: #dde3d8;
}
.unusual {
  margin-top: 12px;
  padding: 6px 12px;
  border-left: 4px solid rgb(var(--v-theme-warning));
}
</style>
