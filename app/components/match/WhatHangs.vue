<script setup lang="ts">
import { describeColouring, familyOf } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useDoubts } from '~/stores/doubts'
import { useSettings } from '~/stores/settings'
import { questionWords, sayHinge, sayHolds } from '../../../words'

/** What the answer hangs on, and whether the best answer lies in the box at all. */
const doubts = useDoubts()
const settings = useSettings()
const { show } = useMeasure()
const buy = computed(() => doubts.buy)
</script>

<template>
  <section class="hangs" aria-label="What this answer hangs on" aria-live="polite">
    <p v-if="buy === undefined" class="quiet">Checking how sure this is …</p>
    <p v-else-if="buy" data-testid="gap-note">
      <b>Not in your box:</b> a {{ familyOf(buy.lure.family).name.toLowerCase() }} of
      {{ show(buy.lure.lengthM, 'lureLength') }} and {{ show(buy.lure.massKg, 'lureMass') }},
      {{ describeColouring(buy.lure.colour)
      }}<template v-if="buy.lure.sound !== 'silent'"
        >, with {{ buy.lure.sound === 'knock' ? 'one knock' : 'rattles' }}</template
      >, would be {{ buy.gain.toFixed(1) }} points ahead here.
    </p>
    <p v-else data-testid="gap-note">
      <b>Buy nothing:</b> no other lure would do clearly better in this water on your rods and lines.
    </p>
    <ul v-if="doubts.holding.length || doubts.hinges?.length">
      <li v-for="h in doubts.holding" :key="h.sweep.knob.id">{{ sayHolds(h, settings.system) }}</li>
      <li v-for="h in doubts.hinges" :key="h.question.id" data-testid="hinge">
        <b>{{ questionWords(h.question.id).question }}:</b> it depends which side you take. {{ sayHinge(h) }}.
        <NuxtLink :to="{ path: '/rules/questions', hash: `#${h.question.id}` }">Choose</NuxtLink>
      </li>
    </ul>
    <p v-if="doubts.hinges?.length === 0" class="quiet">Whichever side you take, the first choice stays the same.</p>
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
