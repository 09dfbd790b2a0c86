<script setup lang="ts">
import { answerWord as words, sayMend } from '../../../words'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

/** A word on the answer as a whole: whether it is any good, whether the first are a tie, and which two to carry. */
const match = useMatch()
const settings = useSettings()
const answer = computed(() => match.answer)
const pair = computed(() => {
  const at = answer.value?.pair
  const [search, finish] = at ? [match.rows[at.search], match.rows[at.finish]] : []
  return search && finish ? [search, finish] : null
})
/** The first three were made to differ: then one further down may stand higher. */
const isChoice = computed(() => match.rows.slice(3).some((r) => r.score > (match.rows[2]?.score ?? 0)))
const nameOf = (i: number) => pair.value?.[i]?.setUp.build.lure.name ?? ''
const idOf = (i: number) => pair.value?.[i]?.setUp.build.lure.id ?? ''
</script>

<template>
  <div v-if="answer" class="word">
    <p v-if="answer.poor" role="status">
      {{ words.poor }}
      <template v-if="match.mend"><b>{{ words.mend }}</b> {{ sayMend(match.mend, settings.system) }}</template>
    </p>
    <p v-else-if="answer.tied > 1" role="status">{{ words.tied(answer.tied) }}</p>
    <p v-if="isChoice" class="quiet">{{ words.choice }}</p>
    <p v-if="pair">
      {{ words.search }}
      <button type="button" @click="match.choose(idOf(0))">{{ nameOf(0) }}</button><br />
      {{ words.finish }}
      <button type="button" @click="match.choose(idOf(1))">{{ nameOf(1) }}</button>
    </p>
  </div>
</template>

<style scoped>
.word {
  display: grid;
  gap: var(--space-4);
  padding: 0 var(--space-16) var(--space-8);
  font-size: var(--text-3);
}
.word button {
  font-weight: 650;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
