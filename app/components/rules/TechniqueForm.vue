<script setup lang="ts">
import { deliveryWords, ownTechnique as words } from '../../../words'
import { DOINGS } from '../../../data/cadences'
import { showTechnique, techniqueOfOwn, type OwnTechnique } from '../../../core/match'
import { REEL_TYPES, ROD_POWERS, familyOf, techniqueOf, type FamilyId } from '../../../core/tackle'
import { capital } from '~/components/form/choices'
import { fieldsOfForm, useDraft } from '~/composables/useDraft'
import { useJudged } from '~/composables/useJudged'
import { useBox } from '~/stores/box'
import { draftOfTechnique, paceKind, techniqueOfDraft, type TechniqueDraft } from './technique-draft'

/** A technique of one's own: a copy, changed, with a look at its path and at what it would change in the water of today before it is kept. */
const props = defineProps<{ technique: OwnTechnique; draftKey: string }>()
const emit = defineEmits<{ keep: [technique: OwnTechnique]; close: [] }>()
const box = useBox()
const { context } = useJudged()

const draft = reactive<TechniqueDraft>(draftOfTechnique(props.technique))
const kept = useDraft(props.draftKey, () => draft.name || words.formTitle, fieldsOfForm(draft))
const made = computed(() => techniqueOfDraft(draft))
const original = computed(() => techniqueOf(draft.of))
const kind = computed(() => paceKind(original.value))
const shown = computed(() => {
  if (!made.value.ok || !context.value) return null
  return showTechnique(techniqueOfOwn(made.value.own), context.value.demand.wanted, context.value)
})
const others = computed(() => box.practice.techniques.filter(({ id }) => id !== draft.id))
const preview = computed(() =>
  made.value.ok ? { ok: true as const, withIt: { techniques: [...others.value, made.value.own] } } : made.value,
)
function cancel() {
  void kept.drop()
  emit('close')
}
function keep() {
  if (!made.value.ok) return
  kept.sent()
  emit('keep', made.value.own)
}
const families = computed(() =>
  original.value.works.families.map((id) => ({ value: id, title: familyOf(id as FamilyId).name })),
)
const doings = Object.entries(DOINGS)
  .filter(([id]) => id !== 'sink' && id !== 'pause')
  .map(([value, { says }]) => ({ value, title: capital(says) }))
const powers = ROD_POWERS.map((value) => ({ value, title: capital(value) }))
const reels = REEL_TYPES.map((value) => ({ value, title: capital(value) }))
const about = computed(() =>
  [words.copyOf(original.value.name), deliveryWords(original.value.delivery).name].join(' · '),
)
</script>

<template>
  <JudgedForm
    :title="words.formTitle"
    :about="about"
    :keep-label="words.keep"
    :complete="made.ok"
    @keep="keep"
    @cancel="cancel"
  >
    <v-text-field v-model="draft.name" :label="words.name" maxlength="60" autofocus hide-details />
    <v-text-field v-model="draft.how" :label="words.how" maxlength="200" hide-details />
    <fieldset>
      <legend>{{ words.hand }}</legend>
      <TechniquePath v-if="shown" :shown="shown" :says="draft.how" />
      <p v-if="kind === null" class="quiet">{{ words.waterSetsPace }}</p>
      <div class="row">
        <template v-for="(_, i) in draft.pace" :key="`pace-${i}`">
          <MeasureField
            v-if="kind === 'mps'"
            v-model="draft.pace[i]!"
            :label="words.paceMps[i] ?? ''"
            role="lureSpeed"
            :min="0.005"
            :max="6"
          />
          <FigureField
            v-else
            v-model="draft.pace[i]!"
            :label="words.paceWindow[i] ?? ''"
            :min="0"
            :max="100"
            :step="5"
          />
        </template>
        <FigureField v-model="draft.pullS" :label="words.pull" :min="0.25" :max="60" :step="0.1" />
      </div>
      <p v-if="draft.restS.length === 0" class="quiet">{{ words.neverRests }}</p>
      <div v-else class="row">
        <FigureField
          v-for="(_, i) in draft.restS"
          :key="`rest-${i}`"
          v-model="draft.restS[i]!"
          :label="words.rest[i] ?? ''"
          :min="0"
          :max="120"
          :step="0.5"
        />
      </div>
      <h3>{{ words.beat }}</h3>
      <p v-if="draft.beat.length === 0" class="quiet">{{ words.throughout }}</p>
      <div v-for="(part, i) in draft.beat" :key="`beat-${i}`" class="part">
        <v-select v-model="part.does" :label="words.does(i + 1)" :items="doings" hide-details />
        <FigureField v-model="part.percent" :label="words.percent" :min="1" :max="100" :step="5" />
        <button type="button" class="link" :aria-label="words.takePartAway(i + 1)" @click="draft.beat.splice(i, 1)">
          {{ words.takeAway }}
        </button>
      </div>
      <button
        v-if="draft.beat.length < 6"
        type="button"
        class="link"
        @click="draft.beat.push({ does: 'lift', percent: draft.beat.length === 0 ? 100 : null })"
      >
        {{ words.addPart }}
      </button>
    </fieldset>
    <v-select
      v-model="draft.families"
      :label="words.kinds"
      :items="families"
      multiple
      chips
      closable-chips
      hide-details
    />
    <fieldset>
      <legend>{{ words.tackle }}</legend>
      <div class="row">
        <MeasureField v-model="draft.rodM[0]" :label="words.rodFrom" role="rodLength" :min="0.4" :max="5" optional />
        <MeasureField v-model="draft.rodM[1]" :label="words.rodTo" role="rodLength" :min="0.4" :max="5" optional />
        <v-select v-model="draft.power[0]" :label="words.powerFrom" :items="powers" clearable hide-details />
        <v-select v-model="draft.power[1]" :label="words.powerTo" :items="powers" clearable hide-details />
      </div>
      <div class="row">
        <FigureField v-model="draft.linePercent" :label="words.line" :min="30" :max="300" :step="10" clearable />
        <v-select v-model="draft.reels" :label="words.reels" :items="reels" multiple hide-details />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ words.when }}</legend>
      <div>
        <v-checkbox
          v-model="draft.likeOriginal"
          :label="words.likeOriginal(original.name)"
          hide-details
          density="compact"
        />
        <v-checkbox v-model="draft.reaches" :label="words.reaches" hide-details density="compact" />
      </div>
      <template v-if="draft.reaches">
        <v-text-field v-model="draft.sentence" :label="words.sentence" maxlength="200" hide-details />
        <RuleConditions v-model="draft.conditions" />
        <WeightField v-model="draft.weight" :label="words.weight" />
      </template>
    </fieldset>
    <JudgedPreview :technique-id="draft.id" :without="{ techniques: others }" :made="preview" />
  </JudgedForm>
</template>

<style scoped>
h3 {
  font-size: var(--text-4);
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-12);
}
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px auto;
  gap: var(--space-12);
  align-items: center;
}
.link {
  justify-self: start;
  min-height: 40px;
  font-size: var(--text-3);
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
