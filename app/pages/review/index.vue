<script setup lang="ts">
import { FACTORS, MEASURES, ratesBy } from '../../../core/review'
import { useReview } from '~/stores/review'

useHead({ title: 'Review · Ygrion' })
const review = useReview()
const table = computed(() => ratesBy(review.tried, review.rowBy, review.columnBy, review.measure))
const says = computed(() => MEASURES.find((m) => m.id === review.measure)?.says ?? '')
const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)
</script>

<template>
  <div class="page">
    <PageHead title="What the log says" about="Fish, takes or answers an hour, by whatever you split your time by."
      ><ReviewTabs
    /></PageHead>
    <ReviewFilter>
      <label
        >By
        <select v-model="review.rowBy">
          <option v-for="f in FACTORS" :key="f.id" :value="f.id">{{ f.name }}</option>
        </select>
      </label>
      <label
        >and by
        <select v-model="review.columnBy">
          <option :value="null">nothing else</option>
          <option v-for="f in FACTORS.filter((x) => x.id !== review.rowBy)" :key="f.id" :value="f.id">
            {{ f.name }}
          </option>
        </select>
      </label>
    </ReviewFilter>
    <p v-if="review.tried.length === 0" class="panel empty">
      No ended outing here yet. <NuxtLink to="/outing">Fish one</NuxtLink> or
      <NuxtLink to="/review/files">bring in a log</NuxtLink>: rates, patterns and odds come from it.
    </p>
    <template v-else>
      <section class="panel card" aria-label="Rates">
        <p class="lead">
          <b>{{ table.all.events }}</b> {{ says }} in <b>{{ (table.all.minutes / 60).toFixed(1) }}</b> hours:
          {{ table.all.shown.median.toFixed(2) }} an hour ({{ table.all.shown.low.toFixed(2) }}–{{
            table.all.shown.high.toFixed(2)
          }}).
          <span v-if="table.dispersion > 1.05" class="quiet"
            >Bites come in bunches, so the ranges are {{ Math.sqrt(table.dispersion).toFixed(1) }} × wider.</span
          >
        </p>
        <RateGrid v-if="review.columnBy" :table="table" />
        <RateBars v-else :table="table" :says="capital(says)" />
      </section>
      <section class="panel card" aria-label="Timeline">
        <h2>Through the seasons</h2>
        <TimeLine :tried="review.tried" :measure="review.measure" :says="says" />
      </section>
    </template>
  </div>
</template>

<style scoped>
.card {
  padding: var(--space-16) var(--space-20);
  margin-bottom: var(--space-16);
}
.lead {
  margin-bottom: var(--space-12);
}
.empty {
  padding: var(--space-24);
}
</style>
