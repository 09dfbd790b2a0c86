<script setup lang="ts">
import { fishDidWords, lureDidWords, percent, triedWords, watchedPanel as words } from '../../../words'
import { conversionsOf, fitWindow, snapsOf, type WatchedFish } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'

/** Followers and fish on the sounder: the ledger, the window it fits, what brings them, and what makes them take. */
const props = defineProps<{ fish: readonly WatchedFish[] }>()
const { show } = useMeasure()
const came = computed(() => props.fish.filter((f) => f.did !== 'stayed' && f.did !== 'turned-away').length)
const window = computed(() => fitWindow(props.fish))
const snaps = computed(() => snapsOf(props.fish))
const conversions = computed(() => conversionsOf(props.fish))
const SURE = 0.8
/** Shares as bars: from low to high, the median marked. */
const bar = ({ low, high }: { low: number; high: number }) => ({
  left: `${100 * low}%`,
  width: `${Math.max(1, 100 * (high - low))}%`,
})
const newest = computed(() => [...props.fish].reverse().slice(0, 20))
const best = computed(() => {
  const [first] = snaps.value.rows
  if (!first || snaps.value.sure === null) return ''
  return snaps.value.sure >= SURE
    ? words.bestIs(lureDidWords(first.id).toLowerCase(), percent(snaps.value.sure))
    : words.tooClose
})
</script>

<template>
  <section class="watched" :aria-label="words.fishWatched">
    <h3>
      {{ words.fishWatched }} <small>{{ words.cameOf(came, fish.length) }}</small>
    </h3>
    <p>
      {{
        window
          ? words.windowIs(
              show(window.halfM.median, 'depth'),
              show(window.halfM.low, 'depth'),
              show(window.halfM.high, 'depth'),
            )
          : words.windowLater
      }}
    </p>
    <template v-for="table in ['brings', 'converts'] as const" :key="table">
      <template v-if="(table === 'brings' ? snaps.rows : conversions).length">
        <h4>{{ table === 'brings' ? words.whatBrings : words.whatConverts }}</h4>
        <ul>
          <li v-for="row in table === 'brings' ? snaps.rows : conversions" :key="row.id">
            <span>{{ table === 'brings' ? lureDidWords(row.id as never) : triedWords(row.id as never) }}</span>
            <span class="bar" aria-hidden="true"
              ><i :style="bar(row.share)" /><b :style="{ left: `${100 * row.share.median}%` }"
            /></span>
            <small
              >{{ words.ofMany(row.came, row.of) }},
              {{ words.likely(percent(row.share.median), percent(row.share.low), percent(row.share.high)) }}</small
            >
          </li>
        </ul>
        <p v-if="table === 'brings' && best" class="best">{{ best }}</p>
      </template>
    </template>
    <div class="scroll" tabindex="0" role="region" :aria-label="words.fishWatched">
      <table>
        <thead>
          <tr>
            <th>{{ words.lure }}</th>
            <th class="num">{{ words.off }}</th>
            <th>{{ words.itDid }}</th>
            <th>{{ words.fishDid }}</th>
            <th>{{ words.then }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in newest" :key="f.at + f.did">
            <th scope="row">
              <small>{{ f.at.slice(11, 16) }}</small> {{ f.lure }}
            </th>
            <td class="num">{{ f.offM === null ? '' : show(f.offM, 'depth') }}</td>
            <td>{{ f.lureDid ? lureDidWords(f.lureDid) : '' }}</td>
            <td>{{ fishDidWords(f.did) }}</td>
            <td>{{ f.then ? triedWords(f.then) : '' }}{{ f.tookThen ? ` · ${fishDidWords('took')}` : '' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.watched {
  display: grid;
  gap: var(--space-8);
}
h3 small {
  font-weight: 400;
}
h4 {
  font-size: var(--text-3);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-4);
}
li {
  display: grid;
  grid-template-columns: minmax(96px, 1fr) 2fr;
  gap: 0 var(--space-8);
  align-items: center;
}
li small {
  grid-column: 2;
  opacity: var(--v-medium-emphasis-opacity);
}
.bar {
  position: relative;
  height: 12px;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-surface-variant));
}
.bar i {
  position: absolute;
  inset-block: 2px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-theme-primary), 0.55);
}
.bar b {
  position: absolute;
  inset-block: -2px;
  width: 4px;
  transform: translateX(-50%);
  background: rgb(var(--v-theme-primary));
}
.best {
  font-weight: 650;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: var(--space-4) var(--space-8) var(--space-4) 0;
  text-align: left;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
th small {
  font-weight: 400;
}
.num {
  text-align: right;
}
</style>
