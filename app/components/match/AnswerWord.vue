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
/** Three of different kinds, where they are not the first three anyway. */
const choice = computed(() => {
  const at = answer.value?.choice ?? []
  return at.some((place, i) => place !== i) ? at.flatMap((place) => match.rows[place] ?? []) : []
})
const nameOf = (i: number) => pair.value?.[i]?.setUp.build.lure.name ?? ''
const idOf = (i: number) => pair.value?.[i]?.setUp.build.lure.id ?? ''
</script>

<template>
  <div v-if="answer" class="word">
    <p>{{ words.day[answer.day] }}</p>
    <p v-if="answer.poor" role="status">
      {{ words.poor }}
      <template v-if="match.mend"><b>{{ words.mend }}</b> {{ sayMend(match.mend, settings.system) }}</template>
    </p>
    <p v-else-if="answer.tied > 1" role="status">{{ words.tied(answer.tied) }}</p>
    <p v-if="choice.length > 1">
      {{ words.choice }}
      <template v-for="(row, i) in choice" :key="row.key">
        <template v-if="i > 0"> · </template>
        <button type="button" @click="match.choose(row.setUp.build.lure.id)">{{ row.setUp.build.lure.name }}</button>
      </template>
    </p>
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
