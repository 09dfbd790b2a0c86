<script setup lang="ts">
import { reviewLuresPage as words, sayCare } from '../../../words'
import { dayIdOf } from '../../../core/outing'
import { recordFor } from '../../../core/match'
import { costsOf, recordEntries } from '../../../core/review'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { useReview } from '~/stores/review'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

useHead({ title: words.luresAndOddsYgrion })
const review = useReview()
const box = useBox()
const outings = useOutings()
const settings = useSettings()
const water = useWater()
const costs = computed(() => {
  const seen = new Set(review.tried.map((t) => t.dayId))
  return costsOf(
    review.tried,
    outings.all.filter((o) => seen.has(dayIdOf(o))),
    box.box.lures,
  )
})
const record = computed(() => (water.current ? recordFor(recordEntries(review.tried), water.current) : null))
const LEAST_MIN = 20
const odds = computed(() => {
  const r = record.value
  if (!r) return []
  return box.box.lures
    .map((lure) => ({ lure, odds: r.oddsOf(lure) }))
    .filter((o) => o.odds.minutes >= LEAST_MIN)
    .sort((a, b) => b.odds.share - a.odds.share)
    .slice(0, 14)
})
const money = (n: number | null) => (n === null ? '–' : `${n.toFixed(2)} ${settings.currency}`)
</script>

<template>
  <div class="page">
    <PageHead :title="words.luresAndOdds" :about="words.whatALureHas"><ReviewTabs /></PageHead>
    <ReviewFilter />
    <section class="panel card" :aria-label="words.yourWaterYourOdds">
      <h2>{{ words.yourWaterYourOdds }}</h2>
      <template v-if="record && water.current">
        <p>
          {{ words.forTheWater(water.place?.name ?? '') }} <b>{{ (record.minutes / 60).toFixed(1) }} h</b>
          {{ words.ofEffortInWater }} <b>{{ settings.ownRecord ? record.weight.toFixed(1) : '0' }}</b>
          {{ words.ofAtMost }}
        </p>
        <label class="hear"
          ><input
            type="checkbox"
            :checked="settings.ownRecord"
            @change="settings.keep({ ownRecord: ($event.target as HTMLInputElement).checked })"
          />
          {{ words.useMyLog }}</label
        >
        <p v-if="odds.length === 0" class="quiet">{{ words.noLureHereHas(LEAST_MIN) }}</p>
        <div v-else class="scroll" tabindex="0" role="region" :aria-label="words.oddsByLure">
          <table>
            <thead>
              <tr>
                <th>{{ words.lure }}</th>
                <th class="num">{{ words.takesAnHour }}</th>
                <th class="num">{{ words.nineTimesInTen }}</th>
                <th class="num">{{ words.yourAverage }}</th>
                <th class="num">{{ words.effortItAndIts }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="o in odds" :key="o.lure.id">
                <th scope="row">
                  <span class="lure"><LureDrawing :lure="o.lure" :width-px="52" />{{ o.lure.name }}</span>
                </th>
                <td class="num">{{ o.odds.rate.median.toFixed(2) }}</td>
                <td class="num">{{ o.odds.rate.low.toFixed(2) }}–{{ o.odds.rate.high.toFixed(2) }}</td>
                <td class="num">× {{ (o.odds.share / (1 - o.odds.share)).toFixed(2) }}</td>
                <td class="num">{{ (o.odds.minutes / 60).toFixed(1) }} h</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </section>
    <section class="panel card" :aria-label="words.costAndWear">
      <h2>{{ words.costPerFish }}</h2>
      <p v-if="costs.length === 0" class="quiet">{{ words.noLureHasBeen }}</p>
      <div v-else class="scroll" tabindex="0" role="region" :aria-label="words.costByLure">
        <table>
          <thead>
            <tr>
              <th>{{ words.lure }}</th>
              <th class="num">{{ words.hours }}</th>
              <th class="num">{{ words.landed }}</th>
              <th class="num">{{ words.lost }}</th>
              <th class="num">{{ words.spent }}</th>
              <th class="num">{{ words.aFish }}</th>
              <th>{{ words.care }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="c in costs" :key="c.lureId">
              <th scope="row">{{ c.name }}</th>
              <td class="num">{{ (c.minutes / 60).toFixed(1) }}</td>
              <td class="num">{{ c.landed }}</td>
              <td class="num">{{ c.lost || '–' }}</td>
              <td class="num">{{ money(c.spent) }}</td>
              <td class="num">{{ c.landed ? money(c.perFish) : words.noFishYet }}</td>
              <td>{{ c.care[0] ? sayCare(c.care[0]) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">
        {{ words.spentTheLureItself }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.card {
  padding: var(--space-16) var(--space-20);
  margin-bottom: var(--space-16);
}
.hear {
  display: inline-flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 48px;
}
input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-primary));
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: var(--space-6) var(--space-8);
  text-align: left;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
tbody th {
  font-weight: 600;
  white-space: nowrap;
}
.lure {
  display: flex;
  align-items: center;
  gap: var(--space-8);
}
.num {
  text-align: right;
  white-space: nowrap;
}
</style>
