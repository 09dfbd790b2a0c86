<script setup lang="ts">
import { reasonChain as words, sayCause, sayGiven } from '../../../words'
import { LINKS, type MatchRow, type ScoreTerm } from '../../../core/match'
import { useSettings } from '~/stores/settings'

/** The account of a set-up, link by link of its chain: what speaks for it, and what each thing costs. */
const props = defineProps<{ row: MatchRow }>()
const settings = useSettings()
/** Lines shown at first: so many that cost something, and so many that speak for it. */
const SHOWN = { costs: 8, speaks: 4 } as const
/** Points, and logarithm, from which a line is worth naming. */
const WORTH = { lost: 1, won: 0.06 } as const
const all = ref(false)
watch(
  () => props.row.key,
  () => (all.value = false),
)

const costs = (p: ScoreTerm) => p.lost >= WORTH.lost
/** Whether it stands with what it costs; else it only speaks for the set-up. */
const figured = (p: ScoreTerm) => costs(p) || all.value
const first = computed(() => {
  const dear = props.row.parts.filter(costs).slice(0, SHOWN.costs)
  const good = props.row.parts
    .filter((p) => !dear.includes(p) && p.won >= WORTH.won)
    .sort((a, b) => b.won - a.won)
    .slice(0, SHOWN.speaks)
  return new Set([...dear, ...good])
})
const links = computed(() =>
  LINKS.map((id) => {
    const parts = props.row.parts.filter((p) => p.link === id)
    const shown = parts.filter((p) => all.value || first.value.has(p))
    // What is shown without its figure, too, so that the figures add up.
    const rest = parts.filter((p) => !shown.includes(p) || !figured(p)).reduce((sum, p) => sum + p.lost, 0)
    return { id, name: words.links[id], chance: parts.reduce((product, p) => product * p.chance, 1), shown, rest }
  }),
)
const more = computed(() => props.row.parts.length - first.value.size)
</script>

<template>
  <div class="chain">
    <section v-for="link in links" :key="link.id" class="link" :aria-label="link.name">
      <h3>
        <span>{{ link.name }}</span>
        <PlainBar :share="link.chance" />
        <b>{{ Math.round(100 * link.chance) }} %</b>
      </h3>
      <ul>
        <li v-for="(p, i) in link.shown" :key="`${p.axis}${i}`">
          <span v-if="figured(p)" class="points">−{{ p.lost.toFixed(1) }}</span>
          <span v-else class="good" :title="words.speaksForIt"
            >✓<span class="unseen">{{ words.speaksForIt }}</span></span
          >
          <span>
            <span class="given">{{ sayGiven(p, row, settings.system) }}</span>
            <span class="cause">{{ sayCause(p) }}</span>
          </span>
        </li>
        <li v-if="link.rest >= 0.05">
          <span class="points">−{{ link.rest.toFixed(1) }}</span>
          <span class="cause">{{ words.smallThingsTogether }}</span>
        </li>
      </ul>
    </section>
    <p class="sum">
      {{ words.theChancesMultiply }}
      <button v-if="more > 0" type="button" class="more" @click="all = !all">
        {{ all ? words.fewer : words.more(more) }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.chain {
  display: grid;
  gap: var(--space-16);
}
h3 {
  display: grid;
  grid-template-columns: 150px minmax(40px, 1fr) 56px;
  gap: var(--space-12);
  align-items: center;
  font-size: var(--text-4);
  margin-bottom: var(--space-6);
}
h3 b {
  text-align: right;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: var(--space-8) var(--space-24);
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr);
  gap: var(--space-8);
  align-items: baseline;
}
.points,
.good {
  font-weight: 700;
  text-align: right;
}
.points {
  color: rgb(var(--v-theme-secondary));
}
.good {
  color: rgb(var(--v-theme-success));
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.given {
  display: block;
  font-weight: 550;
}
.given::first-letter {
  text-transform: uppercase;
}
.cause {
  display: block;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.sum {
  font-size: var(--text-2);
}
.more {
  min-height: 32px;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
