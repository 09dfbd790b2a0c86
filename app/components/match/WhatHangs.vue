<script setup lang="ts">
import { whatHangs as words, questionWords, sayHinge, sayHolds, sayLacking } from '../../../words'
import { useDoubts } from '~/stores/doubts'
import { useSettings } from '~/stores/settings'

/** What the answer hangs on, and whether the best answer lies in the box at all. */
const doubts = useDoubts()
const settings = useSettings()
const buy = computed(() => doubts.buy)
</script>

<template>
  <section class="hangs" :aria-label="words.whatThisAnswerHangs" aria-live="polite">
    <p v-if="buy === undefined" class="quiet">{{ words.checkingHowSureThis }}</p>
    <p v-else-if="buy" data-testid="gap-note">
      <b>{{ words.notInYourBox }}</b>
      {{ sayLacking(buy.lure, settings.system) }}{{ words.wouldBePointsAhead(buy.gain.toFixed(1)) }}
    </p>
    <p v-else data-testid="gap-note"><b>{{ words.buyNothing }}</b> {{ words.noOtherLureWould }}</p>
    <ul v-if="doubts.holding.length || doubts.hinges?.length">
      <li v-for="h in doubts.holding" :key="h.sweep.knob.id">{{ sayHolds(h, settings.system) }}</li>
      <li v-for="h in doubts.hinges" :key="h.question.id" data-testid="hinge">
        <b>{{ questionWords(h.question.id).question }}:</b> {{ words.itDependsWhichSide(sayHinge(h)) }}
        <NuxtLink :to="{ path: '/rules/questions', hash: `#${h.question.id}` }">{{ words.choose }}</NuxtLink>
      </li>
    </ul>
    <p v-if="doubts.hinges?.length === 0" class="quiet">{{ words.whicheverSideYouTake }}</p>
  </section>
</template>

<style scoped>
.hangs {
  display: grid;
  gap: var(--space-8);
  padding: var(--space-12) var(--space-12);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-surface-variant), 0.6);
  font-size: var(--text-3);
}
ul {
  margin: 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
}
</style>
