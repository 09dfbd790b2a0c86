<script setup lang="ts">
import { reviewPatternsPage as words, thumbRuleName } from '../../../words'
import { ALPHA, MEASURES, factorOf, checkRules, type Findings } from '../../../core/review'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useReview } from '~/stores/review'

useHead({ title: words.patternsYgrion })
const review = useReview()
const findings = shallowRef<Findings | null>(null)
let asked = 0
watch(
  () => [review.tried, review.measure] as const,
  async ([tried, measure]) => {
    const mine = ++asked
    findings.value = null
    const found = await useMatchWorker().patterns(...plain([tried, measure] as const))
    if (mine === asked) findings.value = found
  },
  { immediate: true },
)
const outings = computed(() => new Set(review.tried.map((t) => t.dayId)).size)
const says = computed(() => MEASURES.find((m) => m.id === review.measure)?.says ?? '')
const held = computed(() => checkRules(review.tried, review.measure))
const percent = (p: number) => `${Math.max(1, Math.round(100 * p))} %`
const rate = (r: { median: number; low: number; high: number }) =>
  words.anHour(r.median.toFixed(1), r.low.toFixed(1), r.high.toFixed(1))
const VERDICTS = {
  'bears out': words.yourLogAgrees,
  contradicts: words.yourLogDisagrees,
  open: words.tooEarlyToSay,
} as const
</script>

<template>
  <div class="page">
    <PageHead :title="words.patternsWithinPatterns" :about="words.whatStandsOutFrom"><ReviewTabs /></PageHead>
    <ReviewFilter />
    <section class="panel card" :aria-label="words.patterns">
      <h2>{{ words.whatStandsOut }}</h2>
      <p v-if="!findings" role="status">{{ words.lookingAndShuffling }}</p>
      <template v-else>
        <ol v-if="findings.patterns.length" class="found">
          <li v-for="p in findings.patterns.slice(0, 12)" :key="`${p.within?.label} ${p.factor} ${p.label}`">
            <p class="what">
              {{ factorOf(p.factor).name }}: <b>{{ p.label }}</b>
              <template v-if="p.within">
                {{ words.within(factorOf(p.within.factor).name.toLowerCase(), p.within.label) }}</template
              >
            </p>
            <p>
              {{ words.inHAgainstFor(rate(p.rate), (p.minutes / 60).toFixed(1), rate(p.rest.rate)) }}
              <span class="quiet">{{ words.chanceAloneDoes(percent(p.pValue)) }}</span>
              <span v-if="p.same.length" class="quiet"> {{ words.theSameEffort(p.same.join('; ')) }}</span>
            </p>
          </li>
        </ol>
        <p v-else>
          {{ words.nothingStandsOutFrom(review.tried.length < 20 ? words.someMoreOutings : '') }}
        </p>
        <p class="quiet how">
          {{ words.foundOnlyIn(outings) }}
        </p>
        <p class="quiet how">
          {{ words.partsOfTheLog(findings.testsRun, findings.shuffles, says, percent(ALPHA)) }}
        </p>
      </template>
    </section>
    <section class="panel card" :aria-label="words.rulesOfThumb">
      <h2>{{ words.rulesOfThumbAgainst }}</h2>
      <p v-if="held.length === 0" class="quiet">
        {{ words.noRuleOfThumb }}
      </p>
      <ul v-else class="held">
        <li v-for="h in held" :key="h.rule.id" :class="h.verdict.replace(' ', '-')">
          <p class="what">
            <b>{{ thumbRuleName(h.rule.id) }}</b> <span class="verdict">{{ VERDICTS[h.verdict] }}</span>
          </p>
          <p>
            {{
              words.withInHWithout(
                rate(h.with.rate),
                (h.with.minutes / 60).toFixed(1),
                rate(h.without.rate),
                (h.without.minutes / 60).toFixed(1),
              )
            }}
            <b>{{ percent(h.chance) }}</b>.
          </p>
        </li>
      </ul>
      <p class="quiet how">
        {{ words.saidAtEitherWay }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.card {
  padding: var(--space-16) var(--space-20);
  margin-bottom: var(--space-16);
}
ol,
ul {
  margin: var(--space-8) 0;
  padding: 0;
  list-style: none;
}
li {
  padding: var(--space-8) 0 var(--space-8) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-primary));
  margin-bottom: var(--space-8);
}
.held li {
  border-color: rgba(var(--v-border-color), 0.35);
}
.held li.contradicts {
  border-color: rgb(var(--v-theme-secondary));
}
.held li.bears-out {
  border-color: rgb(var(--v-theme-success));
}
.what {
  font-size: var(--text-4);
}
.verdict {
  margin-left: var(--space-8);
  font-size: var(--text-3);
  font-weight: 650;
}
.contradicts .verdict {
  color: rgb(var(--v-theme-secondary));
}
.how {
  max-width: 90ch;
  font-size: var(--text-3);
}
</style>
