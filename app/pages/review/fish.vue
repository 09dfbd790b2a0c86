<script setup lang="ts">
import { lostHowWords, lostPartWords, reviewFishPage as words } from '../../../words'
import { dayIdOf, watchedFish, withoutTwice } from '../../../core/outing'
import {
  HOOKED_BY,
  companionsBy,
  hookedFish,
  landedBy,
  partsLost,
  sizesBy,
  whyLost,
  type HookedBy,
} from '../../../core/review'
import { useMeasure } from '~/composables/useMeasure'
import { momentNow } from '~/stores/moment'
import { useOutings } from '~/stores/outings'
import { useReview } from '~/stores/review'

useHead({ title: words.fishYgrion })
const review = useReview()
const outings = useOutings()
const { show } = useMeasure()
/** The outings that are looked at: those whose effort is. */
const seen = computed(() => {
  const ids = new Set(review.tried.map((t) => t.dayId))
  return outings.all.filter((o) => ids.has(dayIdOf(o)))
})
const now = momentNow()
const fish = computed(() => hookedFish(seen.value, now))
const by = ref<HookedBy>('rod')
const landed = computed(() => landedBy(fish.value, by.value))
const lost = computed(() => whyLost(fish.value))
const sizeBy = ref<'lure' | 'spot'>('lure')
const sizes = computed(() => sizesBy(fish.value, sizeBy.value))
const others = computed(() => companionsBy(withoutTwice(seen.value)))
const parts = computed(() => partsLost(seen.value))
const watched = computed(() =>
  seen.value.flatMap((o) => watchedFish(o, now)).sort((a, b) => Date.parse(a.at) - Date.parse(b.at)),
)
const mostLost = computed(() => Math.max(1, ...lost.value.map((row) => row.fish)))
</script>

<template>
  <div class="page">
    <PageHead :title="words.fish" :about="words.about"><ReviewTabs /></PageHead>
    <ReviewFilter />
    <div class="two">
      <section class="panel card" :aria-label="words.landedOfHooked">
        <h2>{{ words.landedOfHooked }}</h2>
        <div class="pick" role="group" :aria-label="words.landedOfHooked">
          <button v-for="b in HOOKED_BY" :key="b" type="button" :aria-pressed="by === b" @click="by = b">
            {{ words.by[b] }}
          </button>
        </div>
        <p v-if="landed.length === 0" class="quiet">{{ words.nobodyTold }}</p>
        <template v-else>
          <ShareBars :rows="landed.map((r) => ({ ...r, id: r.name, hits: r.landed }))" />
          <p class="quiet">{{ words.fewTell }}</p>
        </template>
      </section>
      <section class="panel card" :aria-label="words.whyTheyCameOff">
        <h2>{{ words.whyTheyCameOff }}</h2>
        <ul class="why">
          <li v-for="row in lost" :key="row.how ?? ''">
            <span>{{ row.how ? lostHowWords(row.how) : words.notSaid }}</span>
            <i aria-hidden="true" :style="{ width: `${(100 * row.fish) / mostLost}%` }" :class="{ unsaid: !row.how }" />
            <b>{{ words.nFish(row.fish) }}</b>
          </li>
        </ul>
        <template v-if="parts.length">
          <h3>{{ words.partsLost }}</h3>
          <p>
            <span v-for="p in parts" :key="p.part" class="part">{{ lostPartWords(p.part) }} <b>{{ p.lost }}</b></span>
          </p>
        </template>
      </section>
      <section class="panel card" :aria-label="words.howLong">
        <h2>{{ words.howLong }}</h2>
        <div class="pick" role="group" :aria-label="words.howLong">
          <button type="button" :aria-pressed="sizeBy === 'lure'" @click="sizeBy = 'lure'">{{ words.by.lure }}</button>
          <button type="button" :aria-pressed="sizeBy === 'spot'" @click="sizeBy = 'spot'">{{ words.bySpot }}</button>
        </div>
        <p v-if="sizes.length === 0" class="quiet">{{ words.noneMeasured }}</p>
        <div v-else class="scroll" tabindex="0" role="region" :aria-label="words.lengths">
          <table>
            <thead>
              <tr>
                <th>{{ sizeBy === 'lure' ? words.by.lure : words.bySpot }}</th>
                <th class="num">{{ words.fish }}</th>
                <th class="num">{{ words.mean }}</th>
                <th class="num">{{ words.nineTimesInTen }}</th>
                <th class="num">{{ words.longest }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in sizes" :key="row.name">
                <th scope="row">{{ row.name }}</th>
                <td class="num">{{ row.fish }}</td>
                <td class="num">{{ show(row.meanM, 'lureLength') }}</td>
                <td class="num">
                  <template v-if="row.likely"
                    >{{ show(row.likely.low, 'lureLength') }} – {{ show(row.likely.high, 'lureLength') }}</template
                  >
                </td>
                <td class="num">{{ show(row.longestM, 'lureLength') }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
      <section class="panel card" :aria-label="words.othersCaught">
        <h2>{{ words.othersCaught }}</h2>
        <p v-if="others.length === 0" class="quiet">{{ words.noneNoted }}</p>
        <table v-else>
          <tbody>
            <tr v-for="row in others" :key="row.lure ?? ''">
              <th scope="row">{{ row.lure ?? words.didNotSee }}</th>
              <td class="num">{{ words.nFish(row.fish) }}</td>
              <td class="num">{{ row.longestM === null ? '' : words.upTo(show(row.longestM, 'lureLength')) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
    <section class="panel card watched">
      <p v-if="watched.length === 0" class="quiet">{{ words.nothingWatched }}</p>
      <WatchedPanel v-else :fish="watched" dated />
    </section>
  </div>
</template>

<style scoped>
.card {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-8);
  align-content: start;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: var(--space-16);
}
.watched {
  margin-top: var(--space-16);
}
.watched :deep(.watched) {
  margin: 0;
  padding: 0;
  border: 0;
}
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
}
.pick button {
  min-height: 44px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
.pick button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.why {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-4);
}
.why li {
  display: grid;
  grid-template-columns: 140px minmax(0, 1fr) auto;
  gap: var(--space-8);
  align-items: center;
}
.why i {
  height: 14px;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-secondary));
}
.why .unsaid {
  background: rgba(var(--v-border-color), 0.35);
}
.part {
  display: inline-block;
  margin-right: var(--space-16);
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
  padding: var(--space-6) var(--space-8) var(--space-6) 0;
  text-align: left;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.num {
  text-align: right;
}
</style>
