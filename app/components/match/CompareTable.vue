<script setup lang="ts">
import { compareTable as words, sayGiven, sayLine, sayRig } from '../../../words'
import { compareParts, scoreSetUp, setUpKey, type ScoreTerm } from '../../../core/match'
import { useJudged } from '~/composables/useJudged'
import { useCompare } from '~/stores/compare'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'
import { PATH_DASHES } from './path-dashes'

/** Up to four set-ups side by side: their paths over the same water, and what each thing leaves of their chances. */
const compare = useCompare()
const match = useMatch()
const settings = useSettings()
const { context } = useJudged()

const rows = computed(() => {
  const on = context.value
  return on ? compare.setUps.map((s) => scoreSetUp(s, on)) : []
})
const lines = computed(() => compareParts(rows.value))
const all = ref(false)
const SHOWN = 12
const shown = computed(() => (all.value ? lines.value : lines.value.slice(0, SHOWN)))
const nameOf = (parts: readonly (ScoreTerm | null)[]) => {
  const part = parts.find((p) => p !== null)
  return part ? sayLine(part) : ''
}
/** Better than some other by a percent at least, and than none worse. */
const best = (parts: readonly (ScoreTerm | null)[], { chance }: ScoreTerm) => {
  const others = parts.map((o) => o?.chance ?? 1)
  return chance >= Math.max(...others) - 0.005 && chance > Math.min(...others) + 0.01
}
const firstFour = () =>
  match.rows.slice(0, 4).forEach((r) => !compare.full && !compare.keys.has(r.key) && compare.toggle(r.setUp))
</script>

<template>
  <div class="compare">
    <div v-if="rows.length === 0" class="none">
      <p>{{ words.layUpToFour }}</p>
      <button v-if="match.rows.length > 1" type="button" class="do" @click="firstFour">
        {{ words.compareTheFirstFour }}
      </button>
    </div>
    <template v-else>
      <ComparePaths :rows="rows" />
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <td />
              <th v-for="(r, i) in rows" :key="setUpKey(r.setUp)" scope="col">
                <svg viewBox="0 0 60 8" width="60" height="8" aria-hidden="true">
                  <path d="M0 4H60" :class="`way way-${i}`" :stroke-dasharray="PATH_DASHES[i]" />
                </svg>
                <span class="name">{{ r.setUp.build.lure.name }}</span>
                <span class="rig">{{ r.setUp.handling.technique.name }}</span>
                <span class="rig">{{ sayRig(r.setUp) }}</span>
                <b class="score">{{ r.score.toFixed(1) }}</b>
                <button
                  type="button"
                  class="away"
                  :aria-label="words.takeAway(r.setUp.build.lure.name)"
                  @click="compare.toggle(r.setUp)"
                >
                  {{ words.takeAway2 }}
                </button>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in shown" :key="l.key">
              <th scope="row">{{ nameOf(l.parts) }}</th>
              <td v-for="(p, i) in l.parts" :key="i" :class="{ best: p && best(l.parts, p) }">
                <template v-if="p">
                  <span class="points">{{ Math.round(100 * p.chance) }} %</span>
                  <span class="bar" aria-hidden="true"><span :style="{ width: `${100 * p.chance}%` }" /></span>
                  <small v-if="rows[i] && p.axis !== 'warning'" class="given">{{
                    sayGiven(p, rows[i]!, settings.system)
                  }}</small>
                </template>
                <span v-else class="quiet">–</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="foot">
        <button v-if="lines.length > SHOWN" type="button" @click="all = !all">
          {{ all ? words.onlyWhatSetsThem : words.allLines(lines.length) }}
        </button>
        <button type="button" @click="compare.clear()">{{ words.clear }}</button>
        <span class="quiet">{{ words.chancesMultiply }}</span>
      </p>
    </template>
  </div>
</template>

<style scoped>
.compare {
  display: grid;
  gap: var(--space-12);
  min-width: 0;
}
.none {
  display: grid;
  gap: var(--space-12);
  justify-items: start;
}
.do {
  min-height: 44px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.way {
  fill: none;
  stroke-width: 2.6;
  stroke: rgb(var(--v-theme-secondary));
}
.way-1 {
  stroke: rgb(var(--v-theme-primary));
}
.way-2 {
  stroke: rgb(var(--v-theme-warning));
}
.way-3 {
  stroke: rgb(var(--v-theme-on-surface));
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  min-width: 560px;
  table-layout: fixed;
}
thead td {
  width: 24%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: var(--space-6) var(--space-8) var(--space-6) 0;
  font-weight: 400;
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.7));
}
tbody th {
  font-size: var(--text-3);
}
thead th > * {
  display: block;
}
.name {
  font-weight: 650;
  overflow-wrap: anywhere;
}
.rig {
  font-size: var(--text-1);
  opacity: var(--v-medium-emphasis-opacity);
}
.score {
  font-family: var(--v-font-heading);
  font-size: var(--text-6);
}
.points {
  font-weight: 600;
}
.best .points {
  color: rgb(var(--v-theme-primary));
  font-weight: 750;
}
.bar {
  display: block;
  height: 5px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), var(--v-border-opacity));
  margin: var(--space-4) 0;
}
.bar span {
  display: block;
  height: 100%;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
.given {
  font-size: var(--text-1);
  line-height: 1.25;
  display: block;
}
.away,
.foot button {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: var(--text-2);
  min-height: 28px;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6) var(--space-16);
  align-items: center;
  font-size: var(--text-3);
}
</style>
