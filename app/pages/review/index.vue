<script setup lang="ts">
import { reviewPage as words } from '../../../words'
import { FACTORS, MEASURES, ratesBy } from '../../../core/review'
import { useReview } from '~/stores/review'

useHead({ title: words.reviewYgrion })
const review = useReview()
const table = computed(() => ratesBy(review.tried, review.rowBy, review.columnBy, review.measure))
const says = computed(() => MEASURES.find((m) => m.id === review.measure)?.says ?? '')
/** Factors of which this record says anything, and the ones that are chosen. */
const factors = computed(() =>
  FACTORS.filter(
    ({ id, of }) =>
      id === 'answer' || id === review.rowBy || id === review.columnBy || review.tried.some((t) => of(t) !== null),
  ),
)
const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)
</script>

<template>
  <div class="page">
    <PageHead :title="words.whatTheLogSays" :about="words.fishTakesOrAnswers"><ReviewTabs /></PageHead>
    <ReviewFilter>
      <label
        >{{ words.by }}
        <select v-model="review.rowBy">
          <option v-for="f in factors" :key="f.id" :value="f.id">{{ f.name }}</option>
        </select>
      </label>
      <label
        >{{ words.andBy }}
        <select v-model="review.columnBy">
          <option :value="null">{{ words.nothingElse }}</option>
          <option v-for="f in factors.filter((x) => x.id !== review.rowBy)" :key="f.id" :value="f.id">
            {{ f.name }}
          </option>
        </select>
      </label>
    </ReviewFilter>
    <p v-if="review.tried.length === 0" class="panel empty">
      {{ words.noEndedOutingHere }} <NuxtLink to="/outing">{{ words.fishOne }}</NuxtLink> {{ words.or }}
      <NuxtLink to="/review/files">{{ words.bringInALog }}</NuxtLink>{{ words.ratesPatternsAndOdds }}
    </p>
    <template v-else>
      <section class="panel card" :aria-label="words.rates">
        <p class="lead">
          <b>{{ table.all.answers }}</b> {{ words.inWord(says, table.all.events) }}
          <b>{{ (table.all.minutes / 60).toFixed(1) }}</b>
          {{
            words.hoursAnHour(
              table.all.shown.median.toFixed(2),
              table.all.shown.low.toFixed(2),
              table.all.shown.high.toFixed(2),
            )
          }}
          <span v-if="table.dispersion > 1.05" class="quiet">{{
            words.bitesComeInBunches(Math.sqrt(table.dispersion).toFixed(1))
          }}</span>
        </p>
        <RateGrid v-if="review.columnBy" :table="table" />
        <RateBars v-else :table="table" :says="capital(says)" />
      </section>
      <section class="panel card" :aria-label="words.timeline">
        <h2>{{ words.throughTheSeasons }}</h2>
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
