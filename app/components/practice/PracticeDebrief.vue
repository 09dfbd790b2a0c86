<script setup lang="ts">
import {
  VARIABLE_WORDS,
  lessonWords,
  practiceDebrief as words,
  sayAdvice,
  sayLessonResult,
  sayWanted,
} from '../../../words'
import { featureOf, hourOf } from '../../../core/outing'
import { lessonResult, momentAt, type Choice, type Debrief, type PracticeRun } from '../../../core/practice'
import { useSettings } from '~/stores/settings'

/** The day looked at afterwards: against the adviser, against what fish wanted, and decision by decision. */
const props = defineProps<{ run: PracticeRun; found: Debrief }>()
defineEmits<{ again: []; another: [] }>()
const settings = useSettings()

const result = computed(() => lessonResult(props.run, props.found))
const fixed = (n: number) => n.toFixed(1)
const of = ({ mean, low, high }: Debrief['mine']) => words.takesOf(fixed(mean), low, high)
const bars = computed(() => {
  const { takes, mine, advised, stayed, known } = props.found
  const rows = [
    { id: 'you', name: words.you, value: takes, says: words.takes(takes) },
    { id: 'mine', name: words.yourChoices, value: mine.mean, says: of(mine) },
    { id: 'advised', name: words.theAdviser, value: advised.mean, says: of(advised) },
    { id: 'stayed', name: words.firstAllDay, value: stayed.mean, says: of(stayed) },
    { id: 'known', name: words.allKnown, value: known.mean, says: of(known) },
  ]
  const longest = Math.max(1, ...rows.map(({ value }) => value))
  return rows.map((row) => ({ ...row, share: row.value / longest }))
})
const clock = (min: number) => momentAt(props.run, Math.round(min)).slice(11, 16)
function handName({ carried, way, spot }: Choice['held']): string {
  const name = spot && featureOf(spot.featureId)?.spots.find(({ id }) => id === spot.spotId)?.name
  const where = spot && name ? words.at(spot.stop, name.toLowerCase()) : ''
  return [carried.name, way.name.toLowerCase(), where].filter(Boolean).join(' · ')
}
const truths = computed(() =>
  props.found.truths.map(({ fromMin, wants, best }) => ({
    from: clock(fromMin),
    best: handName(best),
    wants: props.found.much.map((v) => words.muchWas(VARIABLE_WORDS[v], sayWanted(v, wants[v], settings.system))),
  })),
)
function adviserSaid({ advice, followed }: Choice): string {
  if (!advice) return ''
  if (followed) return words.asAdvised
  return advice.kind === 'change' ? sayAdvice(advice.does, settings.system) : words.adviserStay
}
</script>

<template>
  <article class="panel debrief" :aria-label="words.howItWent">
    <header>
      <h1>{{ words.howItWent }}</h1>
      <p class="quiet">{{ lessonWords(run.lessonId).title }} · {{ run.outing.placeName }} · {{ run.seed }}</p>
    </header>
    <p v-if="result" class="result" :class="{ passed: result.passed }">
      <b>{{ result.passed ? words.passed : words.notYet }}</b> {{ sayLessonResult(run.lessonId, result) }}
    </p>
    <ul class="bars">
      <li v-for="b in bars" :key="b.id" :class="b.id">
        <span>{{ b.name }}</span>
        <PlainBar :share="b.share" />
        <span class="num">{{ b.says }}</span>
      </li>
    </ul>
    <p class="quiet">{{ words.luck }}</p>

    <section :aria-label="words.whatTheyWanted">
      <h2>{{ words.whatTheyWanted }}</h2>
      <ol class="truths">
        <li v-for="t in truths" :key="t.from">
          <b>{{ words.from(t.from) }}</b>
          <span v-for="w in t.wants" :key="w" class="want">{{ w }}</span>
          <span v-if="t.wants.length === 0" class="want">{{ words.nothingMuch }}</span>
          <small>{{ words.bestWas(t.best) }}</small>
        </li>
      </ol>
    </section>

    <section :aria-label="words.worthByTime">
      <h2>{{ words.worthByTime }}</h2>
      <WorthChart
        :worth="found.worth"
        :shifts="found.truths.slice(1).map((t) => t.fromMin)"
        :start-h="Math.floor(hourOf(run.outing.startedAt))"
      />
    </section>

    <section :aria-label="words.yourDecisions">
      <h2>{{ words.yourDecisions }}</h2>
      <div class="scroll" tabindex="0" role="region" :aria-label="words.fished">
        <table>
          <thead>
            <tr>
              <th>{{ words.time }}</th>
              <th>{{ words.fished }}</th>
              <th class="num">{{ words.worth }}</th>
              <th>{{ words.better }}</th>
              <th class="num">{{ words.cost }}</th>
              <th>{{ words.adviserSaid }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="c in found.choices" :key="c.fromMin">
              <td>{{ clock(c.fromMin) }}</td>
              <th scope="row">
                {{ handName(c.held) }}
                <small v-if="c.turned.length">{{
                  c.turned.map((v) => VARIABLE_WORDS[v].toLowerCase()).join(', ')
                }}</small>
              </th>
              <td class="num" :data-of="words.worth">{{ fixed(c.worthPerH) }}</td>
              <td :data-of="words.better">
                {{ handName(c.best) }} <small>{{ words.anHour(fixed(c.bestPerH)) }}</small>
              </td>
              <td class="num" :data-of="words.cost">{{ fixed(c.cost) }}</td>
              <td :data-of="words.adviserSaid">{{ adviserSaid(c) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <div class="buttons">
      <button type="button" class="strong" @click="$emit('again')">{{ words.fishAgain }}</button>
      <button type="button" @click="$emit('another')">{{ words.anotherLake }}</button>
    </div>
  </article>
</template>

<style scoped>
.debrief {
  padding: var(--space-20) var(--space-24);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-16);
}
.result {
  padding: var(--space-12) var(--space-16);
  border-radius: var(--radius-m);
  border-left: 4px solid rgb(var(--v-theme-secondary));
  background: rgba(var(--v-theme-secondary), 0.08);
}
.result.passed {
  border-left-color: rgb(var(--v-theme-primary));
  background: rgba(var(--v-theme-primary), 0.08);
}
.bars {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
.bars li {
  display: grid;
  grid-template-columns: 200px minmax(60px, 1fr) 150px;
  gap: var(--space-12);
  align-items: center;
}
.bars .you span {
  font-weight: 700;
}
.num {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.truths {
  margin: var(--space-8) 0 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: var(--space-8);
}
.truths li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-12);
  align-items: baseline;
}
.truths small {
  flex-basis: 100%;
}
.want {
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-primary), 0.1);
}
.scroll {
  overflow-x: auto;
  margin-top: var(--space-8);
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: var(--text-3);
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: var(--space-6) var(--space-8);
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
th.num,
td.num {
  text-align: right;
}
th small,
td small {
  display: block;
  font-weight: 400;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.buttons button {
  min-height: 56px;
  padding: 0 var(--space-20);
  border-radius: var(--radius-l);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
.buttons .strong {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
@media (max-width: 600px) {
  .debrief {
    padding: var(--space-16);
  }
  .bars li {
    grid-template-columns: 1fr auto;
  }
  /* A decision is a block of its own: each figure stands under its name. */
  thead {
    display: none;
  }
  tr,
  tbody th,
  tbody td,
  tbody td.num {
    display: block;
    border: 0;
    padding: var(--space-2) 0;
    text-align: left;
  }
  tr {
    padding: var(--space-8) 0;
    border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  }
  td[data-of]::before {
    content: attr(data-of) ': ';
    opacity: var(--v-medium-emphasis-opacity);
  }
  td[data-of]:empty {
    display: none;
  }
  .bars li > :nth-child(2) {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
