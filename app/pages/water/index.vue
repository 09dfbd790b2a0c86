<script setup lang="ts">
import { waterPage as words, sayContribution } from '../../../words'
import { useMatchShown } from '~/composables/useMatchShown'

useHead({ title: words.waterYgrion })
const match = useMatchShown()
/** Of whole answers only: rows that come and go under the hand are none to tie on. */
const first = computed(() => match.answer?.rows.slice(0, 4) ?? [])
</script>

<template>
  <div class="page">
    <WaterHead :about="words.about" />
    <div class="water">
      <section class="panel sheet" aria-labelledby="water-title">
        <h2 id="water-title">{{ words.readTheWater }}</h2>
        <WaterForm />
      </section>
      <div class="seen">
        <section class="panel" :aria-label="words.thePlace">
          <PlaceColumn />
        </section>
        <section class="panel answers" :aria-label="words.whatThisWaterAsks">
          <div>
            <h2>{{ words.itAsksFor }}</h2>
            <ul class="asked">
              <li v-for="a in match.answer?.asked" :key="a.ruleId">{{ sayContribution(a) }}</li>
            </ul>
          </div>
          <div v-if="first.length" :aria-busy="!match.whole">
            <h2>{{ words.soTieOn }}</h2>
            <p class="quiet state" role="status">{{ match.whole ? words.ofTheWholeBox : words.stillComparing }}</p>
            <RankRow
              v-for="(row, i) in first"
              :key="row.key"
              :row="row"
              :place="i + 1"
              :chosen="row.key === match.chosen?.key"
              @choose="match.choose(row.setUp.build.lure.id)"
            />
            <NuxtLink to="/" class="on">{{ words.seeTheWholeMatch }}</NuxtLink>
          </div>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.water {
  margin-top: var(--space-16);
  display: grid;
  grid-template-columns: 440px minmax(0, 1fr);
  gap: var(--space-16);
  align-items: start;
}
.sheet {
  padding: var(--space-16) var(--space-20) var(--space-20);
}
h2 {
  margin-bottom: var(--space-16);
}
.state {
  margin: calc(-1 * var(--space-12)) 0 var(--space-8);
  font-size: var(--text-2);
}
.seen {
  display: grid;
  gap: var(--space-16);
  min-width: 0;
  position: sticky;
  top: 16px;
}
.answers {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: var(--space-20);
  padding: var(--space-16) var(--space-16) var(--space-16);
}
.asked {
  margin: var(--space-8) 0 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-6);
}
.on {
  display: inline-block;
  margin-top: var(--space-8);
  font-weight: 650;
}
@media (max-width: 1080px) {
  .water {
    grid-template-columns: minmax(0, 1fr);
  }
  .seen {
    position: static;
    order: -1;
  }
}
@media (max-width: 760px) {
  .answers {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
