<script setup lang="ts">
import { advicePanel as words, VARIABLE_WORDS, sayAdvice } from '../../../words'
import type { Advice, Change, Outing, EntryOf } from '../../../core/outing'
import { useSettings } from '~/stores/settings'

/** What to do next, why, and for how long to give it; and what came of earlier advice. */
const props = defineProps<{ advice: Advice | null; outing: Outing; paused: boolean }>()
const emit = defineEmits<{ take: [change: Change]; refuse: [change: Change] }>()

const settings = useSettings()
const given = computed(() => props.outing.entries.filter((e): e is EntryOf<'advice'> => e.kind === 'advice').reverse())
/** Answers between one piece of advice and the next. */
function cameOf(entry: EntryOf<'advice'>): string {
  const { entries } = props.outing
  const from = entries.indexOf(entry)
  const rest = entries.slice(from + 1)
  const until = rest.findIndex((e) => e.kind === 'advice')
  const answers = (until < 0 ? rest : rest.slice(0, until)).filter((e) => e.kind === 'answer')
  if (!entry.taken) return words.notFollowed
  return answers.length === 0 ? words.noAnswerSince : words.after(answers.length)
}
const times = (n: number) => (n < 10 ? n.toFixed(1) : String(Math.round(n)))
</script>

<template>
  <div class="advice" aria-live="polite">
    <p v-if="paused" class="says">{{ words.youAreHaving }}</p>
    <p v-else-if="!advice" class="says">{{ words.takeARig }}</p>
    <template v-else-if="advice.kind === 'stay'">
      <p class="head">{{ words.stay }}</p>
      <p class="says">{{ sayAdvice(advice.says, settings.system) }}</p>
    </template>
    <template v-else>
      <p class="head">{{ words.changeOneThing(VARIABLE_WORDS[advice.variable].toLowerCase()) }}</p>
      <p class="does">{{ sayAdvice(advice.does, settings.system) }}.</p>
      <p class="says">{{ sayAdvice(advice.why, settings.system) }}</p>
      <p class="quiet">
        {{
          words.tryItForMin(advice.giveMin, times(advice.gain.median), times(advice.gain.low), times(advice.gain.high))
        }}<template v-if="advice.also.length">
          {{ words.alsoChanges(advice.also.map((v) => VARIABLE_WORDS[v].toLowerCase()).join(', ')) }}</template
        >
      </p>
      <div class="buttons">
        <button type="button" class="do" data-advice="take" @click="emit('take', advice)">{{ words.doWord }}</button>
        <button type="button" class="not" data-advice="refuse" @click="emit('refuse', advice)">
          {{ words.notNow }}
        </button>
      </div>
    </template>
    <details v-if="given.length">
      <summary>{{ words.adviceSoFar(given.length) }}</summary>
      <ol>
        <li v-for="g in given" :key="g.id"><b>{{ g.at.slice(11, 16) }}</b> {{ g.says }} <i>{{ cameOf(g) }}</i></li>
      </ol>
    </details>
  </div>
</template>

<style scoped>
.advice {
  display: grid;
  gap: var(--space-8);
}
.head {
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
.does {
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-5);
  line-height: 1.2;
}
.says {
  font-size: var(--text-4);
}
.quiet {
  font-size: var(--text-3);
}
.buttons {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: var(--space-8);
}
.buttons button {
  min-height: 60px;
  border-radius: var(--radius-l);
  font-weight: 700;
  font-size: var(--text-4);
  border: 2px solid rgb(var(--v-theme-primary));
}
.do {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: var(--space-6);
  font-size: var(--text-3);
}
i {
  font-style: normal;
  opacity: var(--v-medium-emphasis-opacity);
}
i::before {
  content: '· ';
}
</style>
