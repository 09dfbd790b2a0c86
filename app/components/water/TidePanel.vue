<script setup lang="ts">
import { tidePanel as words, capital, clockAt, sayTide } from '../../../words'
import { epochOf, stationFor, tideAt, waterKind, type Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'

/** The tide of the nearest station at the hour of today's water. */
const emit = defineEmits<{ take: [over: Partial<Conditions>, what: string] }>()
const water = useWater()
const { show } = useMeasure()
const fresh = computed(() => !water.place || waterKind(water.place.salinity) === 'fresh')
const tide = computed(() => {
  const { current: c, place } = water
  const station = place && stationFor(place)
  return station && c ? tideAt(station, epochOf(place, c.date, c.hour)) : null
})
const clock = (ms: number) => clockAt(ms, water.place?.utcOffsetH ?? 0)
const figures = computed(() =>
  tide.value
    ? [
        { name: words.now, value: capital(sayTide(tide.value.tide)) },
        { name: words.level, value: show(tide.value.levelM, 'depth') },
        { name: words.range, value: show(tide.value.rangeM, 'depth') },
      ]
    : [],
)
function take() {
  if (!tide.value) return
  const { tide: state, rangeM } = tide.value
  emit('take', { tide: state, tideRangeM: Math.round(rangeM * 100) / 100 }, words.theTide)
}
</script>

<template>
  <section class="panel" aria-labelledby="tide-title">
    <h2 id="tide-title">{{ words.tide }}</h2>
    <template v-if="tide">
      <p class="quiet">{{ words.byHarmonicPredictionFrom(tide.station.name) }}</p>
      <FigureList :figures="figures" data-testid="tide" />
      <ul class="turns">
        <li v-for="t in tide.turns" :key="t.atMs">
          {{ t.high ? words.high : words.low }} {{ clock(t.atMs) }}, {{ show(t.levelM, 'depth') }}
        </li>
      </ul>
      <v-btn color="primary" variant="tonal" @click="take">{{ words.takeOverAsTodays }}</v-btn>
    </template>
    <p v-else class="quiet">{{ words.noTideStationLies(fresh ? words.andItsWater : '') }}</p>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-12);
  justify-items: start;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.turns {
  margin: 0;
  padding-left: var(--space-16);
}
</style>
