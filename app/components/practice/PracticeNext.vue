<script setup lang="ts">
import { answerWords, lessonWords, practiceNext as words } from '../../../words'
import { findTechnique } from '../../../core/tackle'
import { cadenceOf } from '../../../core/match'
import { minutesBetween, type EntryOf } from '../../../core/outing'
import { friendsWay, type PracticeRun } from '../../../core/practice'

/** What is to be done on this lake, and what showed itself lately: to be read, and acted on. */
const props = defineProps<{ run: PracticeRun; now: string }>()
const task = computed(() => lessonWords(props.run.lessonId))
/** As many as can still be remembered on the water. */
const MOST = 6
const lately = computed(() =>
  props.run.outing.entries
    .filter((e): e is EntryOf<'answer'> => e.kind === 'answer')
    .slice(-MOST)
    .reverse()
    .map((e) => ({ id: e.id, says: answerWords(e.answer).says, min: Math.round(minutesBetween(e.at, props.now)) })),
)
const friend = computed(() => {
  const found = props.run.lessonId === 'cadence' ? friendsWay(props.run) : null
  const technique = found && findTechnique(found.way.techniqueId)
  if (!found || !technique) return null
  const { countDownS, paceMps, restS } = found.way
  return cadenceOf({
    handling: { technique, countDownS, paceMps, restS },
    outfit: { reel: { linePerTurnM: found.carried.linePerTurnM || 0.7 } },
  })
})
</script>

<template>
  <div class="task">
    <p class="head">{{ task.title }}</p>
    <p>{{ task.task }}</p>
    <FriendsReel v-if="friend" :cadence="friend" />
    <h2>{{ words.lately }}</h2>
    <ul v-if="lately.length" aria-live="polite">
      <li v-for="a in lately" :key="a.id"><b>{{ a.min < 1 ? words.now : words.ago(a.min) }}</b> {{ a.says }}</li>
    </ul>
    <p v-else class="quiet">{{ words.nothingYet }}</p>
    <p class="quiet">{{ words.adviserSilent }}</p>
  </div>
</template>

<style scoped>
.task {
  display: grid;
  gap: var(--space-8);
}
.head {
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
h2 {
  font-size: var(--text-4);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-4);
}
li b {
  display: inline-block;
  min-width: 96px;
}
</style>
