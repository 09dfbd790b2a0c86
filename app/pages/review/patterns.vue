<script setup lang="ts">
import { ALPHA, MEASURES, factorOf, checkRules, type Findings } from '../../../core/review'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useReview } from '~/stores/review'
import { thumbRuleName } from '../../../words'

useHead({ title: 'Patterns · Ygrion' })
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
const says = computed(() => MEASURES.find((m) => m.id === review.measure)?.says ?? '')
const held = computed(() => checkRules(review.tried, review.measure))
const percent = (p: number) => `${Math.max(1, Math.round(100 * p))} %`
const rate = (r: { median: number; low: number; high: number }) =>
  `${r.median.toFixed(1)} an hour (${r.low.toFixed(1)}–${r.high.toFixed(1)})`
const VERDICTS = {
  'bears out': 'Your log agrees',
  contradicts: 'Your log disagrees',
  open: 'Too early to say',
} as const
</script>

<template>
  <div class="page">
    <PageHead
      title="Patterns within patterns"
      about="What stands out from chance, and your rules of thumb against your own log."
      ><ReviewTabs
    /></PageHead>
    <ReviewFilter />
    <section class="panel card" aria-label="Patterns">
      <h2>What stands out</h2>
      <p v-if="!findings" role="status">Looking, and shuffling the log against luck …</p>
      <template v-else>
        <ol v-if="findings.patterns.length" class="found">
          <li v-for="p in findings.patterns.slice(0, 12)" :key="`${p.within?.label} ${p.factor} ${p.label}`">
            <p class="what">
              {{ factorOf(p.factor).name }}: <b>{{ p.label }}</b>
              <template v-if="p.within">
                within {{ factorOf(p.within.factor).name.toLowerCase() }} {{ p.within.label }}</template
              >
            </p>
            <p>
              {{ rate(p.rate) }} in {{ (p.minutes / 60).toFixed(1) }} h, against {{ rate(p.rest.rate) }} for the rest.
              <span class="quiet">Chance alone does as well {{ percent(p.pValue) }} of the time.</span>
              <span v-if="p.same.length" class="quiet"> The same effort is also: {{ p.same.join('; ') }}.</span>
            </p>
          </li>
        </ol>
        <p v-else>
          Nothing stands out from chance yet.
          {{ review.tried.length < 20 ? 'Some more outings are needed before patterns can show.' : '' }}
        </p>
        <p class="quiet how">
          {{ findings.testsRun }} parts of the log were looked at. To pay for looking at so many, the log was shuffled
          {{ findings.shuffles }} times – the {{ says }} of each outing dealt out again over its own stretches by
          effort, whole outings over their days – and a part is told only where the strongest part of a shuffle beats it
          in fewer than {{ percent(ALPHA) }} of them.
        </p>
      </template>
    </section>
    <section class="panel card" aria-label="Rules of thumb">
      <h2>Rules of thumb against your log</h2>
      <p v-if="held.length === 0" class="quiet">
        No rule of thumb here has an hour of effort on both of its sides yet.
      </p>
      <ul v-else class="held">
        <li v-for="h in held" :key="h.rule.id" :class="h.verdict.replace(' ', '-')">
          <p class="what">
            <b>{{ thumbRuleName(h.rule.id) }}</b> <span class="verdict">{{ VERDICTS[h.verdict] }}</span>
          </p>
          <p>
            With: {{ rate(h.with.rate) }} in {{ (h.with.minutes / 60).toFixed(1) }} h. Without:
            {{ rate(h.without.rate) }} in {{ (h.without.minutes / 60).toFixed(1) }} h. Probability that the rule’s side
            is better: <b>{{ percent(h.chance) }}</b>.
          </p>
        </li>
      </ul>
      <p class="quiet how">
        Said at 95 % either way, each rule for itself: of ten rules that say nothing, one may well look settled by luck.
        Effort with and without was not dealt out by chance: what you believe in you fish at better hours.
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
