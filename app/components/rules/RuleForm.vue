<script setup lang="ts">
import { AXES, type OwnRule } from '../../../core/match'
import { COLOUR_GROUPS, FAMILIES, RETRIEVES } from '../../../core/tackle'
import {
  ASKABLE_NUMBERS,
  TEXT_FEATURES,
  featureChoices,
  featureRole,
  type NumberFeature,
  type TextFeature,
} from '../../../core/water'
import { capital } from '~/components/form/choices'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'
import { draftOf, newDraft, ruleOf, type Condition, type RuleDraft } from './rule-draft'
import { featureName, sayFeatureValue } from '../../../words'

/** A rule of one's own, with a look at what it would change in the water of today before it is kept. */
const props = defineProps<{ rule: OwnRule | null }>()
const emit = defineEmits<{ keep: [rule: OwnRule]; close: [] }>()
const box = useBox()
const match = useMatch()

const draft = reactive<RuleDraft>(props.rule ? draftOf(props.rule) : newDraft(`own-${crypto.randomUUID()}`))
const made = computed(() => ruleOf(draft))

const TEXTS = TEXT_FEATURES.filter((f) => featureChoices(f) !== null)
const facts = [
  ...TEXTS.map((f) => ({ value: `is ${f}`, title: `${capital(featureName(f))} is …` })),
  ...ASKABLE_NUMBERS.flatMap((f) => [
    { value: `over ${f}`, title: `${capital(featureName(f))} over …` },
    { value: `under ${f}`, title: `${capital(featureName(f))} under …` },
  ]),
]
const adding = ref<string | null>(null)
watch(adding, async (key) => {
  if (!key) return
  const [kind, fact] = key.split(' ') as [Condition['kind'], string]
  draft.conditions.push(
    kind === 'is'
      ? { kind, fact: fact as TextFeature, values: [] }
      : { kind, fact: fact as NumberFeature, value: null },
  )
  await nextTick()
  adding.value = null
})
const titled = (fact: TextFeature) =>
  (featureChoices(fact) ?? []).map((value) => ({ value, title: capital(sayFeatureValue(fact, value)) }))
function change(i: number, over: object) {
  draft.conditions[i] = { ...draft.conditions[i], ...over } as Condition
}
const families = FAMILIES.map((f) => ({ value: f.id as string, title: f.name }))
const retrieves = RETRIEVES.map((r) => ({ value: r.id, title: r.name }))
const colours = COLOUR_GROUPS.map((g) => ({ value: g as string, title: capital(g) }))
const axes = AXES.filter((a) => a.id !== 'colour' && a.id !== 'record').map((a) => ({
  value: a.id as string,
  title: a.name,
}))
const ASKS = [
  { value: 'favour', title: 'Tie on' },
  { value: 'avoid', title: 'Leave in the box' },
  { value: 'axis', title: 'Ask for more or less of something' },
]

/** The ranking without the rule and with it; asked for when the typing rests. */
interface Change {
  readonly name: string
  readonly was: number | null
  readonly now: number
  readonly score: number
}
const preview = shallowRef<readonly Change[] | null>(null)
let resting: ReturnType<typeof setTimeout> | undefined
watch(
  () => JSON.stringify(made.value),
  () => {
    clearTimeout(resting)
    preview.value = null
    resting = setTimeout(() => void look(), 350)
  },
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(resting))
const others = computed(() => box.practice.own.filter((r) => r.id !== draft.id))
async function look() {
  if (!made.value.ok || !match.asked) return
  const { rule } = made.value
  const asked = plain(match.asked)
  const worker = useMatchWorker()
  await match.sendInputs()
  const without = await worker.preview({ ...asked, practice: { ...asked.practice, own: plain(others.value) } })
  const withIt = await worker.preview({
    ...asked,
    practice: { ...asked.practice, own: plain([...others.value, rule]) },
  })
  const place = new Map(without.map((r, i) => [r.id, i + 1]))
  preview.value = withIt
    .slice(0, 6)
    .map((r, i) => ({ name: r.name, was: place.get(r.id) ?? null, now: i + 1, score: r.score }))
}
const moves = computed(() => preview.value?.filter((p) => p.was !== p.now).length ?? 0)
</script>

<template>
  <v-card class="form">
    <header>
      <h2>{{ rule ? 'Change my rule' : 'A rule of my own' }}</h2>
    </header>
    <div class="body">
      <v-text-field v-model="draft.sentence" label="The rule in a sentence" maxlength="200" autofocus />
      <fieldset>
        <legend>When</legend>
        <p v-if="draft.conditions.length === 0" class="quiet">Always, until you add a condition.</p>
        <div v-for="(c, i) in draft.conditions" :key="i" class="condition">
          <template v-if="c.kind === 'is'">
            <v-select
              :label="`${capital(featureName(c.fact))} is one of`"
              :items="titled(c.fact)"
              :model-value="c.values"
              multiple
              hide-details
              @update:model-value="(values) => change(i, { values })"
            />
          </template>
          <MeasureField
            v-else-if="featureRole(c.fact)"
            :label="`${capital(featureName(c.fact))} ${c.kind}`"
            :role="featureRole(c.fact)!"
            :model-value="c.value"
            optional
            @update:model-value="(value) => change(i, { value })"
          />
          <v-text-field
            v-else
            :label="`${capital(featureName(c.fact))} ${c.kind}`"
            type="number"
            :model-value="c.value"
            @update:model-value="(v) => change(i, { value: v === '' ? null : Number(v) })"
          />
          <button
            type="button"
            class="link"
            :aria-label="`Take condition ${i + 1} away`"
            @click="draft.conditions.splice(i, 1)"
          >
            Take away
          </button>
        </div>
        <v-autocomplete v-model="adding" label="Add a condition" :items="facts" hide-details />
      </fieldset>
      <fieldset>
        <legend>Then</legend>
        <v-select v-model="draft.asks" label="What it does" :items="ASKS" hide-details />
        <template v-if="draft.asks !== 'axis'">
          <v-autocomplete
            v-model="draft.families"
            label="Kinds of lure"
            :items="families"
            multiple
            chips
            closable-chips
            hide-details
          />
          <v-autocomplete
            v-model="draft.retrieves"
            label="Fished like this"
            :items="retrieves"
            multiple
            chips
            closable-chips
            hide-details
          />
          <v-select
            v-model="draft.colours"
            label="Mostly of this colour"
            :items="colours"
            multiple
            chips
            hide-details
          />
        </template>
        <template v-else>
          <v-select v-model="draft.axis" label="Of what" :items="axes" hide-details />
          <v-text-field
            label="How much (m/s, s, m, or 0 to 1)"
            type="number"
            step="0.05"
            :model-value="draft.want"
            hide-details
            @update:model-value="(v) => (draft.want = v === '' ? null : Number(v))"
          />
        </template>
        <label class="weigh">
          <span>Weight</span>
          <input v-model.number="draft.weight" type="range" min="0.5" max="12" step="0.5" />
          <b>{{ draft.weight }}</b>
        </label>
      </fieldset>
      <section class="preview" aria-live="polite">
        <h3>What it would change today</h3>
        <p v-if="!made.ok" class="quiet">{{ made.problem }}</p>
        <p v-else-if="!preview" class="quiet">Ranking your box with it …</p>
        <template v-else>
          <p class="quiet">
            {{ moves === 0 ? 'Nothing among the first six.' : `${moves} of the first six change their place.` }}
          </p>
          <ol>
            <li v-for="p in preview" :key="p.name">
              <b>{{ p.name }}</b> {{ p.score.toFixed(1) }}
              <span :class="{ up: p.was === null || p.was > p.now, down: p.was !== null && p.was < p.now }">
                {{ p.was === p.now ? '' : p.was === null ? 'new here' : `was ${p.was}` }}
              </span>
            </li>
          </ol>
        </template>
      </section>
    </div>
    <footer>
      <v-btn variant="text" @click="emit('close')">Close</v-btn>
      <v-btn color="primary" :disabled="!made.ok" @click="made.ok && emit('keep', made.rule)">Keep the rule</v-btn>
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
  gap: var(--space-16);
  overflow-y: auto;
  padding-top: var(--space-6);
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-12);
}
legend {
  padding: 0;
  font-family: var(--v-font-heading);
  font-weight: 700;
  margin-bottom: var(--space-8);
}
.condition {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-12);
  align-items: center;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 40px;
  font-size: var(--text-3);
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
.preview {
  padding: var(--space-12) var(--space-12);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.preview h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-4);
}
ol {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-20);
}
.up {
  color: rgb(var(--v-theme-primary));
  font-weight: 650;
}
.down {
  color: rgb(var(--v-theme-secondary));
}
footer {
  display: flex;
  justify-content: flex-end;
  gap: var(--space-8);
}
</style>
