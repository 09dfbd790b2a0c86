<script setup lang="ts">
import { recordFor } from '../../../core/match'
import { costsOf, recordEntries } from '../../../core/review'
import { useBox } from '~/stores/box'
import { useOutings } from '~/stores/outings'
import { useReview } from '~/stores/review'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { sayCare } from '../../../words'

useHead({ title: 'Lures and odds · Ygrion' })
const review = useReview()
const box = useBox()
const outings = useOutings()
const settings = useSettings()
const water = useWater()
const costs = computed(() => {
  const seen = new Set(review.tried.map((t) => t.outingId))
  return costsOf(
    review.tried,
    outings.all.filter((o) => seen.has(o.id)),
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
    <PageHead title="Lures and odds" about="What a lure has brought, what it costs, and how the ranking hears it."
      ><ReviewTabs
    /></PageHead>
    <ReviewFilter />
    <section class="panel card" aria-label="Your water, your odds">
      <h2>Your water, your odds</h2>
      <template v-if="record && water.current">
        <p>
          For the water as it is set now at {{ water.place?.name }}: <b>{{ (record.minutes / 60).toFixed(1) }} h</b> of
          effort in water like it. In the match this weighs
          <b>{{ settings.ownRecord ? record.weight.toFixed(1) : '0' }}</b> of at most 8, as an axis of its own; it grows
          with effort.
        </p>
        <label class="hear"
          ><input
            type="checkbox"
            :checked="settings.ownRecord"
            @change="settings.keep({ ownRecord: ($event.target as HTMLInputElement).checked })"
          />
          Use my log in the ranking</label
        >
        <p v-if="odds.length === 0" class="quiet">No lure here has {{ LEAST_MIN }} minutes in water like this yet.</p>
        <div v-else class="scroll" tabindex="0" role="region" aria-label="Odds by lure">
          <table>
            <thead>
              <tr>
                <th>Lure</th>
                <th class="num">Takes an hour</th>
                <th class="num">nine times in ten</th>
                <th class="num">× your average</th>
                <th class="num">effort, it and its like</th>
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
    <section class="panel card" aria-label="Cost and wear">
      <h2>Cost per fish</h2>
      <p v-if="costs.length === 0" class="quiet">No lure has been fished in the outings looked at.</p>
      <div v-else class="scroll" tabindex="0" role="region" aria-label="Cost by lure">
        <table>
          <thead>
            <tr>
              <th>Lure</th>
              <th class="num">Hours</th>
              <th class="num">Landed</th>
              <th class="num">Lost</th>
              <th class="num">Spent</th>
              <th class="num">A fish</th>
              <th>Care</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="c in costs" :key="c.lureId">
              <th scope="row">{{ c.name }}</th>
              <td class="num">{{ (c.minutes / 60).toFixed(1) }}</td>
              <td class="num">{{ c.landed }}</td>
              <td class="num">{{ c.lost || '–' }}</td>
              <td class="num">{{ money(c.spent) }}</td>
              <td class="num">{{ c.landed ? money(c.perFish) : 'no fish yet' }}</td>
              <td>{{ c.care[0] ? sayCare(c.care[0]) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="quiet">
        Spent: the lure itself and each one lost, at what it cost. A lure without a cost in the box has none here.
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
