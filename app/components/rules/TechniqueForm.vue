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
const figure = (typed: string) => (typed === '' || !Number.isFinite(Number(typed)) ? null : Number(typed))
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
  <v-card class="form">
    <header>
      <h2>{{ words.formTitle }}</h2>
      <p class="quiet">{{ about }}</p>
    </header>
    <div class="body">
      <DraftBar />
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
            <v-text-field
              v-else
              type="number"
              min="0"
              max="100"
              step="5"
              :label="words.paceWindow[i]"
              :model-value="draft.pace[i]"
              hide-details
              @update:model-value="(v) => (draft.pace[i] = figure(v))"
            />
          </template>
          <v-text-field
            type="number"
            min="0.25"
            max="60"
            step="0.1"
            :label="words.pull"
            :model-value="draft.pullS"
            hide-details
            @update:model-value="(v) => (draft.pullS = figure(v))"
          />
        </div>
        <p v-if="draft.restS.length === 0" class="quiet">{{ words.neverRests }}</p>
        <div v-else class="row">
          <v-text-field
            v-for="(seconds, i) in draft.restS"
            :key="`rest-${i}`"
            type="number"
            min="0"
            max="120"
            step="0.5"
            :label="words.rest[i]"
            :model-value="seconds"
            hide-details
            @update:model-value="(v) => (draft.restS[i] = figure(v))"
          />
        </div>
        <h3>{{ words.beat }}</h3>
        <p v-if="draft.beat.length === 0" class="quiet">{{ words.throughout }}</p>
        <div v-for="(part, i) in draft.beat" :key="`beat-${i}`" class="part">
          <v-select v-model="part.does" :label="words.does(i + 1)" :items="doings" hide-details />
          <v-text-field
            type="number"
            min="1"
            max="100"
            step="5"
            :label="words.percent"
            :model-value="part.percent"
            hide-details
            @update:model-value="(v) => (part.percent = figure(v))"
          />
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
          <v-text-field
            type="number"
            min="30"
            max="300"
            step="10"
            :label="words.line"
            :model-value="draft.linePercent"
            clearable
            hide-details
            @update:model-value="(v) => (draft.linePercent = figure(v ?? ''))"
          />
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
          <label class="weigh">
            <span>{{ words.weight }}</span>
            <input v-model.number="draft.weight" type="range" min="0.5" max="12" step="0.5" />
            <b>{{ draft.weight }}</b>
          </label>
        </template>
      </fieldset>
      <JudgedPreview :technique-id="draft.id" :without="{ techniques: others }" :made="preview" />
    </div>
    <footer>
      <v-btn variant="text" @click="cancel">{{ words.close }}</v-btn>
      <v-btn color="primary" :disabled="!made.ok" @click="keep">{{ words.keep }}</v-btn>
    </footer>
  </v-card>
</template>

<style scoped>
.form {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-12);
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
  overflow-y: auto;
  padding-top: var(--space-6);
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
  display: grid;
  gap: var(--space-12);
}
legend {
  padding: 0;
  font-family: var(--v-font-heading);
  font-weight: 700;
  margin-bottom: var(--space-8);
}
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
.weigh {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) 34px;
  gap: var(--space-12);
  align-items: center;
}
.weigh input {
  accent-color: rgb(var(--v-theme-primary));
  min-height: 40px;
}
footer {
  display: flex;
  justify-content: flex-end;
  gap: var(--space-8);
}
</style>
