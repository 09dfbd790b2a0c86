<script setup lang="ts">
import { fishDidWords, lureDidWords, percent, triedWords, watchedPanel as words } from '../../../words'
import { conversionsOf, fitWindow, snapsOf, type WatchedFish } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'

/** Followers and fish on the sounder: the ledger, the window it fits, what brings them, and what makes them take. */
const props = defineProps<{ fish: readonly WatchedFish[]; dated?: boolean }>()
const { show } = useMeasure()
const came = computed(() => props.fish.filter((f) => f.did !== 'stayed' && f.did !== 'turned-away').length)
const window = computed(() => fitWindow(props.fish))
const snaps = computed(() => snapsOf(props.fish))
const conversions = computed(() => conversionsOf(props.fish))
const SURE = 0.8
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
    <h3>{{ words.fishWatched }} <small>{{ words.cameOf(came, fish.length) }}</small></h3>
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
    <template v-if="snaps.rows.length">
      <h4>{{ words.whatBrings }}</h4>
      <ShareBars :rows="snaps.rows.map((r) => ({ ...r, hits: r.came, name: lureDidWords(r.id) }))" />
      <p v-if="best" class="best">{{ best }}</p>
    </template>
    <template v-if="conversions.length">
      <h4>{{ words.whatConverts }}</h4>
      <ShareBars :rows="conversions.map((r) => ({ ...r, hits: r.came, name: triedWords(r.id) }))" />
    </template>
    <div class="scroll" tabindex="0" role="region" :aria-label="words.oneByOne">
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
            <th scope="row"><small>{{ f.at.slice(dated ? 0 : 11, dated ? 10 : 16) }}</small> {{ f.lure }}</th>
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
  margin-top: var(--space-20);
  padding-top: var(--space-16);
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
h3 small {
  font-weight: 400;
}
h4 {
  margin: 0;
  font-size: var(--text-3);
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
