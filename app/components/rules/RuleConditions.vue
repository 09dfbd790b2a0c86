<script setup lang="ts">
import { ruleConditions as words, featureName, sayFeatureValue } from '../../../words'
import {
  ASKABLE_NUMBERS,
  TEXT_FEATURES,
  featureChoices,
  featureRole,
  type NumberFeature,
  type TextFeature,
} from '../../../core/water'
import { capital } from '~/components/form/choices'
import type { Condition } from './rule-draft'

/** In which waters a rule holds: each condition a line, all of them at once. */
const conditions = defineModel<Condition[]>({ required: true })
const TEXTS = TEXT_FEATURES.filter((f) => featureChoices(f) !== null)
const facts = [
  ...TEXTS.map((f) => ({ value: `is:${f}`, title: words.isWord(capital(featureName(f))) })),
  ...ASKABLE_NUMBERS.flatMap((f) => [
    { value: `over:${f}`, title: words.over(capital(featureName(f))) },
    { value: `under:${f}`, title: words.under(capital(featureName(f))) },
  ]),
]
const adding = ref<string | null>(null)
watch(adding, async (key) => {
  if (!key) return
  const [kind, fact] = key.split(':') as [Condition['kind'], string]
  conditions.value.push(
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
  conditions.value[i] = { ...conditions.value[i], ...over } as Condition
}
</script>

<template>
  <fieldset>
    <legend>{{ words.when }}</legend>
    <p v-if="conditions.length === 0" class="quiet">{{ words.alwaysUntilYouAdd }}</p>
    <div v-for="(c, i) in conditions" :key="i" class="condition">
      <template v-if="c.kind === 'is'">
        <v-select
          :label="words.isOne(capital(featureName(c.fact)))"
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
        @update:model-value="(value: number | null) => change(i, { value })"
      />
      <FigureField
        v-else
        :label="`${capital(featureName(c.fact))} ${c.kind}`"
        :model-value="c.value"
        @update:model-value="(value: number | null) => change(i, { value })"
      />
      <button type="button" class="link" :aria-label="words.takeConditionAway(i + 1)" @click="conditions.splice(i, 1)">
        {{ words.takeAway }}
      </button>
    </div>
    <v-autocomplete v-model="adding" :label="words.addACondition" :items="facts" hide-details />
  </fieldset>
</template>

<style scoped>
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
</style>
