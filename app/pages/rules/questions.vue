<script setup lang="ts">
import { rulesQuestionsPage as words, questionWords } from '../../../words'
import {
  RULE_GROUPS,
  OPEN_QUESTIONS,
  secondShare,
  type Practice,
  type Rule,
  type OpenQuestion,
} from '../../../core/match'
import { truthDegree } from '../../../core/water'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

useHead({ title: words.whereAnglersDisagreeYgrion })
const box = useBox()
const water = useWater()
type Side = Practice['sides'][string]

const sides = (s: OpenQuestion) => [
  { value: undefined, title: words.defaultWord },
  { value: 'first' as const, title: questionWords(s.id).first },
  { value: 'second' as const, title: questionWords(s.id).second },
  { value: 'both' as const, title: words.countBoth },
]
const share = (s: OpenQuestion) => {
  const features = water.reading?.features
  return features ? secondShare(s, box.practice.sides, features) : 0
}
const rules = RULE_GROUPS.flatMap((g) => g.rules as readonly Rule[])
/** Rules of a question that count in the water of today. */
const speaking = (s: OpenQuestion) => {
  const features = water.reading?.features
  return features
    ? rules.filter((r) => r.side?.startsWith(`${s.id}.`) && truthDegree(r.when, features) > 0.05).length
    : 0
}
function choose(s: OpenQuestion, side: Side | undefined) {
  const { [s.id]: _, ...rest } = box.practice.sides
  const sides = side ? { ...rest, [s.id]: side } : rest
  void box.putPractice(
    { sides },
    `${questionWords(s.id).question}: ${side === undefined ? words.byDefault : side === 'both' ? words.bothCount : questionWords(s.id)[side]}`,
  )
}
</script>

<template>
  <div class="page">
    <PageHead :title="words.whereGoodAnglersDisagree" :about="words.takeOneSideOr"><RuleTabs /></PageHead>
    <div class="list">
      <fieldset v-for="s in OPEN_QUESTIONS" :id="s.id" :key="s.id" class="panel question">
        <legend>{{ questionWords(s.id).question }}</legend>
        <p class="quiet">{{ questionWords(s.id).why }}</p>
        <div class="sides">
          <label
            v-for="side in sides(s)"
            :key="String(side.value)"
            :class="{ on: box.practice.sides[s.id] === side.value }"
          >
            <input
              type="radio"
              :name="s.id"
              :checked="box.practice.sides[s.id] === side.value"
              @change="choose(s, side.value)"
            />
            <span>{{ side.title }}</span>
          </label>
        </div>
        <div class="scale" aria-hidden="true">
          <span :style="{ width: `${100 * (1 - share(s))}%` }" />
        </div>
        <p class="now">
          {{
            words.inTodaysWater(
              Math.round(100 * (1 - share(s))),
              s.first.id.replace('-', ' '),
              Math.round(100 * share(s)),
              s.second.id.replace('-', ' '),
              speaking(s) === 0 ? words.itMakesNoDifference : words.here(speaking(s)),
            )
          }}
        </p>
      </fieldset>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
  max-width: 1180px;
}
.list {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-16);
}
.question {
  padding: var(--space-16) var(--space-16) var(--space-16);
  margin: 0;
  display: grid;
  gap: var(--space-8);
  align-content: start;
  scroll-margin-top: var(--space-16);
}
.question:target {
  border-color: rgb(var(--v-theme-secondary));
}
legend {
  padding: 0;
  float: left;
  width: 100%;
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-5);
}
.sides {
  display: grid;
  gap: var(--space-4);
}
label {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: var(--space-8);
  align-items: center;
  min-height: 44px;
  padding: var(--space-4) var(--space-12);
  border-radius: var(--radius-m);
  cursor: pointer;
}
label:hover {
  background: rgba(var(--v-theme-surface-variant), 0.5);
}
label.on {
  background: rgb(var(--v-theme-surface-variant));
  font-weight: 650;
}
input {
  accent-color: rgb(var(--v-theme-primary));
  width: 18px;
  height: 18px;
}
.scale {
  height: 8px;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-secondary));
  overflow: hidden;
}
.scale span {
  display: block;
  height: 100%;
  background: rgb(var(--v-theme-primary));
}
.now {
  font-size: var(--text-3);
}
@media (max-width: 860px) {
  .list {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
