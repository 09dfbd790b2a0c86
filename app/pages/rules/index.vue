<script setup lang="ts">
import { rulesPage as words, sayEffects, sayRule, sayWhen } from '../../../words'
import { RULE_GROUPS, sideShare, type OwnRule, type Rule } from '../../../core/match'
import { truthDegree } from '../../../core/water'
import { thenShow } from '~/composables/then-show'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

useHead({ title: words.rulesYgrion })
const box = useBox()
const water = useWater()
const settings = useSettings()

const search = ref('')
const only = ref<'all' | 'here' | 'changed'>('here')
const ONLY = [
  { value: 'here', title: words.activeHere },
  { value: 'all', title: words.all },
  { value: 'changed', title: words.changedWeight },
]
const degree = (rule: Rule) => {
  const features = water.reading?.features
  return features ? truthDegree(rule.when, features) * sideShare(rule, box.practice.sides, features) : 0
}
const weightOf = (rule: Pick<Rule, 'id'>) => box.practice.weights[rule.id] ?? 1
const matches = (rule: Rule) => {
  const sought = (search.value ?? '').trim().toLowerCase()
  if (only.value === 'changed' && weightOf(rule) === 1) return false
  if (only.value === 'here' && degree(rule) < 0.05) return false
  if (!sought) return true
  const text = `${sayRule(rule)} ${sayWhen(rule.when, settings.system)} ${sayEffects(rule, settings.system)}`
  return text.toLowerCase().includes(sought)
}
const groups = computed(() =>
  RULE_GROUPS.map((g) => ({ ...g, shown: (g.rules as readonly Rule[]).filter(matches) })).filter(
    (g) => g.shown.length > 0,
  ),
)
const total = RULE_GROUPS.reduce((sum, g) => sum + g.rules.length, 0)
const shown = computed(() => groups.value.reduce((sum, g) => sum + g.shown.length, 0))
const changed = computed(() => Object.values(box.practice.weights).filter((w) => w !== 1).length)

function weigh(rule: Pick<Rule, 'id' | 'sentence'>, weight: number) {
  const { [rule.id]: _, ...rest } = box.practice.weights
  const weights = weight === 1 ? rest : { ...rest, [rule.id]: weight }
  const label = weight === 0 ? words.switchedOff : weight === 1 ? words.weighedAsUsual : words.weighed(weight)
  void box.putPractice({ weights }, `${label}: ${sayRule(rule)}`)
}

const editing = ref<OwnRule | 'new' | null>(null)
/** A form with what was typed into it and not saved. */
const resume = (_: string, id: string | null) => (editing.value = box.practice.own.find((r) => r.id === id) ?? 'new')
async function keep(rule: OwnRule) {
  const known = box.practice.own.some((r) => r.id === rule.id)
  const own = known ? box.practice.own.map((r) => (r.id === rule.id ? rule : r)) : [...box.practice.own, rule]
  const label = (known ? words.changedTheRule : words.addedTheRule)(rule.sentence)
  await thenShow(editing, null, () => box.putPractice({ own }, label))
}
function remove(rule: OwnRule) {
  void box.putPractice({ own: box.practice.own.filter((r) => r.id !== rule.id) }, words.removedTheRule(rule.sentence))
}
</script>

<template>
  <div class="page">
    <header class="head">
      <div>
        <h1>{{ words.howTheMatchJudges }}</h1>
        <p class="quiet">
          {{ words.rulesOfPractice(total, box.practice.own.length, changed ? words.withAChangedWeight(changed) : '') }}
        </p>
      </div>
      <RuleTabs />
    </header>
    <UnfinishedDrafts
      :forms="['rules']"
      :known="(_, id) => box.practice.own.some((r) => r.id === id)"
      @resume="resume"
    />
    <section class="panel own" aria-labelledby="own-title">
      <header>
        <h2 id="own-title">{{ words.myOwnRules }}</h2>
        <v-btn color="primary" @click="editing = 'new'">{{ words.writeARule }}</v-btn>
      </header>
      <p v-if="box.practice.own.length === 0" class="quiet none">
        {{ words.whatYouKnow }}
      </p>
      <RuleRow
        v-for="r in box.practice.own"
        :key="r.id"
        :rule="r"
        :weight="weightOf(r)"
        :degree="degree(r)"
        own
        @weigh="(w) => weigh(r, w)"
        @edit="editing = r"
        @remove="remove(r)"
      />
    </section>
    <div class="find">
      <v-text-field v-model="search" :label="words.searchTheRules" hide-details clearable autocomplete="off" />
      <v-select v-model="only" :label="words.show" :items="ONLY" hide-details />
      <p class="quiet" role="status">{{ words.of(shown, total) }}</p>
    </div>
    <section v-for="g in groups" :key="g.id" class="panel group" :aria-labelledby="`g-${g.id}`">
      <h2 :id="`g-${g.id}`">{{ g.name }}</h2>
      <RuleRow
        v-for="r in g.shown"
        :key="r.id"
        :rule="r"
        :weight="weightOf(r)"
        :degree="degree(r)"
        @weigh="(w) => weigh(r, w)"
      />
    </section>
    <p v-if="shown === 0" class="quiet none" role="status">{{ words.noRuleFitsThat }}</p>
    <EditDialog :open="editing !== null" :label="words.aRuleOfMy" :width-px="640" @close="editing = null">
      <RuleForm v-if="editing" :rule="editing === 'new' ? null : editing" @keep="keep" @close="editing = null" />
    </EditDialog>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
  max-width: 1080px;
}
.own header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-12) var(--space-16);
}
.none {
  padding: 0 var(--space-16) var(--space-16);
}
.find {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px auto;
  gap: var(--space-12);
  align-items: center;
}
.group h2 {
  padding: var(--space-16) var(--space-16) var(--space-6);
}
.group :deep(.rule + .rule) {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.7));
}
@media (max-width: 600px) {
  .find {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
