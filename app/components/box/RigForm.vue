<script setup lang="ts">
import { capital, RIG_PARTS, rigForm as words } from '../../../words'
import {
  RIG_TYPES,
  checkRig,
  rigParts,
  rigTypeOf,
  type Rig,
  type RigPart,
  type RigWater,
  type RigTypeId,
} from '../../../core/tackle'
import { draftKey, fieldsOfForm, useDraft } from '~/composables/useDraft'
import { provideUnread } from '~/composables/useUnread'
import { useBox } from '~/stores/box'
import { fitted, judgeRigDraft, luresFor, openJoints, partsFor } from './rig-draft'

/** The rig builder: parts are chosen, the rig is drawn, and every joint says at once whether it holds and why. */
const props = defineProps<{ rig: Rig; adding: boolean; water: RigWater }>()
const emit = defineEmits<{ save: [rig: Rig]; remove: [rig: Rig]; close: [] }>()

const box = useBox()
const draft = reactive<Rig>({ ...props.rig, further: [...props.rig.further] })
const kept = useDraft(
  draftKey('rigs', props.adding ? null : props.rig.id),
  () => draft.name || words.aNewRig,
  fieldsOfForm(draft),
)
const unread = provideUnread()
const problems = ref<Record<string, string>>({})
const type = computed(() => rigTypeOf(draft.type))
const parts = computed(() => rigParts(draft, box.box))
const judgements = computed(() => checkRig(parts.value, props.water))
const missing = computed(() => openJoints(parts.value))
const types = RIG_TYPES.map((w) => ({ value: w.id, title: w.name }))
const NONE = { value: null, title: words.none }
const named = (list: readonly { id: string; name: string }[]) => list.map((one) => ({ value: one.id, title: one.name }))
const lures = computed(() => named(luresFor(type.value, box.box)))
const slots = computed(() =>
  [...type.value.needs, ...type.value.may].map((part) => ({
    part,
    key: `${part}Id` as `${RigPart}Id`,
    label: capital(RIG_PARTS[part]),
    needed: type.value.needs.includes(part),
    items: [NONE, ...named(partsFor(part, type.value, box.box))],
  })),
)
const lines = computed(() => [
  NONE,
  ...box.box.lines.map((l) => {
    const reel = box.box.reels.find((r) => r.id === l.reelId)
    return { value: l.id, title: reel ? `${l.name} on ${reel.name}` : words.inTheDrawer(l.name) }
  }),
])
function setType(id: RigTypeId) {
  Object.assign(draft, fitted({ ...draft, type: id }, box.box))
}
function save() {
  if (unread.size > 0) {
    problems.value = { fields: words.fixTheFieldMarked }
    return
  }
  const judged = judgeRigDraft({ ...draft })
  problems.value = judged.ok ? {} : judged.problems
  if (!judged.ok) return
  kept.sent()
  emit('save', judged.rig)
}
</script>

<template>
  <EditForm
    :title="adding ? words.buildARig : words.changeThe(rig.name)"
    :adding="adding"
    :problems="problems"
    even
    @save="save"
    @remove="emit('remove', rig)"
    @close="emit('close')"
  >
    <template #head>
      <RigDrawing :parts="parts" class="drawn" />
    </template>
    <template #side>
      <section :aria-label="words.rigCheck" aria-live="polite">
        <h3>{{ words.rigCheck }}</h3>
        <p v-if="missing.length" class="missing">{{ words.stillOpen(missing.join(', ')) }}</p>
        <JointList :judgements="judgements" />
        <p v-if="type.tip" class="tip">{{ type.tip }}</p>
        <ShareThing v-if="!adding" :id="rig.id" kind="rig" :name="rig.name" />
        <p class="law">{{ words.localRulesOnHooks }}</p>
      </section>
    </template>
    <v-text-field
      v-model="draft.name"
      :label="words.name"
      maxlength="80"
      class="wide"
      :error-messages="problems.name"
      :autofocus="adding"
    />
    <v-select
      :label="words.rigType"
      :items="types"
      :model-value="draft.type"
      class="wide"
      :hint="type.about"
      persistent-hint
      @update:model-value="setType"
    />
    <v-autocomplete
      v-model="draft.lureId"
      :label="words.lureOrBodyCan(lures.length)"
      :items="lures"
      class="wide"
      variant="outlined"
      density="compact"
      hide-details="auto"
      clearable
    />
    <v-select
      v-for="s in slots"
      :key="s.part"
      v-model="draft[s.key]"
      :label="s.needed ? s.label : words.ifAny(s.label)"
      :items="s.items"
    />
    <v-select v-model="draft.leaderId" :label="words.leader" :items="[NONE, ...named(box.box.leaders)]" />
    <v-select v-model="draft.lineId" :label="words.line" :items="lines" />
    <v-select v-model="draft.rodId" :label="words.rod" :items="[NONE, ...named(box.box.rods)]" />
    <MeasureField
      v-if="type.weakLink"
      :label="words.dropperBreaksAt"
      role="lineStrength"
      :model-value="draft.weakLinkN"
      :min="1"
      :max="500"
      optional
      @update:model-value="(v) => (draft.weakLinkN = v)"
    />
    <v-checkbox
      v-if="type.id === 'spinnerbait-trailer'"
      v-model="draft.stinger"
      :label="words.aStingerHookBehind"
      density="compact"
      hide-details
    />
    <RigFurther v-model="draft.further" :type="draft.type" />
    <v-textarea v-model="draft.notes" :label="words.notes" rows="2" auto-grow maxlength="500" class="wide" />
  </EditForm>
</template>

<style scoped>
.drawn {
  margin-top: var(--space-12);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-6);
}
.missing {
  padding: var(--space-4) var(--space-8);
  margin-bottom: var(--space-6);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
.tip {
  margin-top: var(--space-8);
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface-variant));
}
.law {
  margin-top: var(--space-8);
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
