<script setup lang="ts">
import { reasonList as words, sayCause, sayGiven } from '../../../words'
import type { MatchRow, ScoreTerm } from '../../../core/match'
import { useSettings } from '~/stores/settings'

/** The account of a set-up: what won points and what lost them, each in a sentence with its figures. */
const props = defineProps<{ row: MatchRow; side: 'won' | 'lost' }>()
const settings = useSettings()
const SHOWN = 6
const LEAST = 0.4
const all = ref(false)

const sign = computed(() => (props.side === 'won' ? '+' : '−'))
const worth = (p: ScoreTerm) => (props.side === 'won' ? p.points : p.lost)
const parts = computed(() => props.row.parts.filter((p) => worth(p) >= LEAST).sort((a, b) => worth(b) - worth(a)))
/** What is too small to name, together: so that what is shown adds up. */
const small = computed(() => props.row.parts.reduce((sum, p) => (worth(p) < LEAST ? sum + worth(p) : sum), 0))
const shown = computed(() => (all.value ? parts.value : parts.value.slice(0, SHOWN)))
</script>

<template>
  <div>
    <ul class="reasons">
      <li v-for="(p, i) in shown" :key="`${p.axis}${i}`">
        <span class="points" :class="side">{{ sign }}{{ worth(p).toFixed(1) }}</span>
        <span>
          <span class="given">{{ sayGiven(p, row, settings.system) }}</span>
          <span class="cause">{{ sayCause(p) }}</span>
        </span>
      </li>
      <li v-if="(all || parts.length <= SHOWN) && small >= 0.05">
        <span class="points" :class="side">{{ sign }}{{ small.toFixed(1) }}</span>
        <span class="cause">{{ words.smallThingsTogether }}</span>
      </li>
    </ul>
    <p v-if="parts.length === 0" class="quiet">{{ words.nothingWorthNaming }}</p>
    <button v-if="parts.length > SHOWN" type="button" class="more" @click="all = !all">
      {{ all ? words.fewer : words.more(parts.length - SHOWN) }}
    </button>
  </div>
</template>

<style scoped>
.reasons {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr);
  gap: var(--space-8);
  align-items: baseline;
}
.points {
  font-weight: 700;
  text-align: right;
}
.points.won {
  color: rgb(var(--v-theme-success));
}
.points.lost {
  color: rgb(var(--v-theme-secondary));
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
.more {
  margin-top: var(--space-8);
  min-height: 32px;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
