<script setup lang="ts">
import { lureForm as words, sayUnusual, sayWeights } from '../../../words'
import {
  FAMILIES,
  HungHooks,
  LURE_CONDITIONS,
  familyOf,
  fieldsOf,
  usualHooks,
  type FamilyId,
  type Lure,
  traitFields,
  usualTraits,
} from '../../../core/tackle'
import { choices } from '~/components/form/choices'
import { draftKey, useDraft } from '~/composables/useDraft'
import { provideUnread } from '~/composables/useUnread'
import { repository } from '~/stores/repository'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { COST_FIELD, lureOfDraft, makeFields, newDraft, type Draft } from './draft'
import { plain } from '~/composables/plain'
import { newId } from '../../../core/new-id'

/** One lure, typed in any unit, drawn while it is typed. What is typed survives a browser that dies. */
const props = defineProps<{ lure: Lure | null }>()
const emit = defineEmits<{
  save: [lure: Lure, photo: string | null]
  remove: [lure: Lure]
  copy: [lure: Lure]
  series: [lure: Lure]
  close: []
}>()

const settings = useSettings()
const box = useBox()
const draft = reactive<Draft>(plain<Draft>(props.lure ?? newDraft(newId(), box.box.lures)))
const photo = ref<string | null>(null)
onMounted(async () => {
  if (!photo.value && draft.photoId) photo.value = (await repository.photo(draft.photoId))?.dataUrl ?? null
})
const kept = useDraft(draftKey('lures', props.lure?.id ?? null), () => draft.name || words.aNewLure, {
  // The picture as it is stored is not typed.
  get: () => ({ lure: draft, photo: draft.photoId === props.lure?.photoId ? null : photo.value }),
  set: (value) => {
    const { lure, photo: picture } = value as { lure: Draft; photo: string | null }
    Object.assign(draft, lure)
    if (picture) photo.value = picture
  },
})
const problems = ref<Record<string, string>>({})
const unread = provideUnread()
const families = FAMILIES.map((f) => ({ value: f.id, title: f.name }))
const conditions = choices(LURE_CONDITIONS)
const sounds = [
  { value: 'silent', title: words.silent },
  { value: 'knock', title: words.oneKnock },
  { value: 'rattles', title: words.rattles },
]
const family = computed(() => familyOf(draft.family))
const fields = computed(() => traitFields(draft.family))
const hookFields = fieldsOf(HungHooks.shape).filter(({ key }) => key !== 'tail' && key !== 'ringN')
const made = computed(() => makeFields(draft.family))
/** What is said of its make; what is taken back is not said. */
function say(key: string, value: unknown) {
  const { [key]: _, ...rest } = (draft.make ?? {}) as Record<string, unknown>
  const now = value === undefined ? rest : { ...rest, [key]: value }
  draft.make = Object.keys(now).length > 0 ? (now as Draft['make']) : undefined
}

function setFamily(id: FamilyId) {
  draft.traits = usualTraits(id, box.box.lures)
  draft.family = id
  draft.hooks = usualHooks(id, draft.lengthM)
  draft.make = undefined
}
const asLure = computed(() => draft as Lure)
const weights = computed(() => sayWeights(asLure.value, settings.system))
const unusual = computed(() => sayUnusual(asLure.value, settings.system))

function judged(): Lure | null {
  if (unread.size > 0) {
    problems.value = { fields: words.fixTheFieldMarked }
    return null
  }
  const found = lureOfDraft(plain<Draft>(draft))
  problems.value = found.ok ? {} : found.problems
  return found.ok ? found.lure : null
}
function save() {
  const lure = judged()
  if (!lure) return
  kept.sent()
  emit('save', lure, photo.value)
}
/** Colours and weights of a lure in the box, or of one that is not there yet. */
function series() {
  const lure = props.lure ?? judged()
  if (lure) void leave(() => emit('series', lure))
}
async function leave(to: () => void) {
  await kept.drop()
  to()
}
function altered(lure: Lure) {
  Object.assign(draft, plain<Draft>(lure))
}
function setPhoto(dataUrl: string | null) {
  photo.value = dataUrl
  draft.photoId = dataUrl ? `photo:${newId()}` : null
}
</script>

<template>
  <EditForm
    :title="lure ? words.change(lure.name) : words.addALure"
    :adding="lure === null"
    :problems="problems"
    @save="save"
    @remove="lure && emit('remove', lure)"
    @close="emit('close')"
  >
    <template #head>
      <p class="quiet">{{ family.about }}</p>
    </template>
    <template #side>
      <div class="preview"><LureDrawing :lure="asLure" :width-px="190" /></div>
      <p class="weights">{{ weights }}</p>
      <LurePhoto
        :photo="photo"
        :colours="draft.colour"
        @photo="setPhoto"
        @colour="(part, colour) => (draft.colour[part] = colour)"
      />
      <div class="more">
        <v-btn v-if="lure" variant="outlined" size="small" @click="leave(() => lure && emit('copy', lure))">{{
          words.duplicate
        }}</v-btn>
        <v-btn variant="outlined" size="small" @click="series">{{ words.makeASeries }}</v-btn>
        <ShareThing v-if="lure" kind="lure" :id="lure.id" :name="lure.name" />
      </div>
      <LureChanges v-if="lure" :lure="asLure" @change="altered" />
    </template>
    <v-text-field
      v-model="draft.name"
      :label="words.name"
      :error-messages="problems.name"
      maxlength="80"
      autofocus
      class="wide"
    />
    <v-select
      :label="words.family"
      :items="families"
      :model-value="draft.family"
      class="wide"
      @update:model-value="setFamily"
    />
    <MeasureField
      :label="words.length"
      role="lureLength"
      :model-value="draft.lengthM"
      :min="0.01"
      :max="0.5"
      @update:model-value="(v) => v !== null && (draft.lengthM = v)"
    />
    <MeasureField
      :label="words.labelledWeight"
      role="lureMass"
      :model-value="draft.massKg"
      :min="0.0003"
      :max="1"
      @update:model-value="(v) => v !== null && (draft.massKg = v)"
    />
    <MeasureField
      :label="words.measuredWeightOptional"
      role="lureMass"
      :model-value="draft.measuredMassKg"
      :min="0.0003"
      :max="1"
      optional
      @update:model-value="(v) => (draft.measuredMassKg = v)"
    />
    <v-select v-model="draft.sound" :label="words.sound" :items="sounds" />
    <FormField
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :model-value="draft.traits[f.key]"
      @update:model-value="(v) => (draft.traits[f.key] = v)"
    />
    <template v-if="draft.hooks">
      <FormField
        v-for="f in hookFields"
        :key="f.key"
        :field="f"
        :model-value="draft.hooks[f.key as keyof HungHooks]"
        @update:model-value="(v) => draft.hooks && Object.assign(draft.hooks, { [f.key]: v })"
      />
    </template>
    <LureColours v-model="draft.colour" />
    <MoreFields :title="words.howItIsMade" :about="words.allOptional" :said="draft.make !== undefined">
      <FormField
        v-for="f in made"
        :key="f.key"
        :field="f"
        :model-value="draft.make?.[f.key as keyof typeof draft.make]"
        @update:model-value="(v) => say(f.key, v)"
      />
      <TailHook v-if="draft.hooks && draft.hooks.style !== 'moulded'" v-model="draft.hooks" />
    </MoreFields>
    <v-text-field
      v-model.number="draft.count"
      :label="words.howMany"
      type="number"
      min="0"
      max="999"
      :error-messages="problems.count"
    />
    <TrayFields v-model:tray-id="draft.trayId" v-model:slot-at="draft.slot" />
    <FormField
      :field="COST_FIELD"
      :model-value="draft.cost"
      :error="problems.cost"
      @update:model-value="(v) => (draft.cost = v as number | null)"
    />
    <v-select v-model="draft.condition" :label="words.condition" :items="conditions" />
    <v-text-field
      v-model.number="draft.fish"
      :label="words.fishLandedOn"
      type="number"
      min="0"
      :error-messages="problems.fish"
    />
    <v-textarea
      v-model="draft.notes"
      :label="words.notes"
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
  border-radius: var(--radius-l);
  background: var(--tray-bed);
  overflow: hidden;
}
.weights {
  font-size: var(--text-3);
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.unusual {
  margin-top: var(--space-12);
  padding: var(--space-6) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
</style>
