<script setup lang="ts">
import { waterFields as words, capital, sayCastTo, sayMud, sayTide, sayTrend } from '../../../words'
import { CAST_DIRECTIONS, TIDES, slides, stirredVisibilityM, waterKind, type Conditions } from '../../../core/water'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

/** The water itself: warmth, visibility, depth, flow; and what not every water has. */
const props = defineProps<{ c: Conditions }>()
const water = useWater()
const settings = useSettings()
const set = (over: Partial<Conditions>) => water.change(over)
const WATER_MEASURES = [
  { key: 'waterTempC', label: words.temperature, role: 'waterTemp', min: -2, max: 40 },
  { key: 'visibilityM', label: words.visibilityWhiteLure, role: 'depth', min: 0.05, max: 40 },
  { key: 'depthM', label: words.depth, role: 'depth', min: 0.3, max: 200 },
  { key: 'currentMps', label: words.current, role: 'current', min: 0, max: 4 },
] as const
/** Shown at the sea, in a boat, or once it was set. */
const MORE_MEASURES = [
  { key: 'driftMps', label: words.driftOfTheBoat, role: 'current', min: 0, max: 3 },
  { key: 'swellM', label: words.swell, role: 'depth', min: 0, max: 10 },
  { key: 'tideRangeM', label: words.rangeOfTheTide, role: 'depth', min: 0, max: 16 },
] as const
const tides = TIDES.map((value) => ({ value, title: capital(sayTide(value)) }))
const more = ref(false)
/** Water or boat moves: then it matters where one casts. */
const moves = computed(() => props.c.currentMps > 0 || props.c.driftMps > 0)
const directions = computed(() =>
  CAST_DIRECTIONS.map((value) => ({ value, title: sayCastTo(value, props.c.driftMps > 0) })),
)
const showsMore = computed(() => {
  const { driftMps, swellM, tide } = props.c
  const salty = water.place !== undefined && waterKind(water.place.salinity) !== 'fresh'
  const afloat = props.c.stand === 'boat' || props.c.stand === 'kayak'
  return more.value || afloat || salty || driftMps > 0 || swellM > 0 || tide !== 'none'
})
/** A bank does not slide. */
const moreMeasures = computed(() => MORE_MEASURES.filter(({ key }) => key !== 'driftMps' || slides(props.c)))
/** What the temperatures kept with the place say. */
const trend = computed(() => (water.reading ? sayTrend(water.reading, settings.system) : ''))
const inMud = computed(() => {
  const { place, reading } = water
  if (!place || !reading || reading.stirredM <= 0) return null
  return stirredVisibilityM(props.c.visibilityM, 0, reading.stirredM, place.bottom)
})
const mud = computed(() => {
  const { place, reading } = water
  return inMud.value === null || !place || !reading
    ? ''
    : sayMud(place.bottom, reading.stirredM, inMud.value, settings.system)
})
</script>

<template>
  <fieldset>
    <legend>{{ words.water }}</legend>
    <MeasureField
      v-for="f in WATER_MEASURES"
      :key="f.key"
      :label="f.label"
      :role="f.role"
      :model-value="c[f.key]"
      :min="f.min"
      :max="f.max"
      @update:model-value="(v) => v !== null && set({ [f.key]: v })"
    />
    <v-select
      v-if="moves"
      :label="words.cast"
      :items="directions"
      :model-value="c.castTo"
      @update:model-value="(castTo) => set({ castTo })"
    />
    <template v-if="showsMore">
      <v-select
        :label="words.tide"
        :items="tides"
        :model-value="c.tide"
        @update:model-value="(tide) => set({ tide })"
      />
      <MeasureField
        v-for="f in moreMeasures"
        :key="f.key"
        :label="f.label"
        :role="f.role"
        :model-value="c[f.key]"
        :min="f.min"
        :max="f.max"
        @update:model-value="(v) => v !== null && set({ [f.key]: v })"
      />
    </template>
    <button v-else type="button" class="wide more" @click="more = true">{{ words.driftTideSwell }}</button>
    <p v-if="trend" class="wide worked">{{ trend }}</p>
    <p v-if="mud" class="wide worked">
      {{ mud }}
      <button type="button" class="take" @click="inMud !== null && set({ visibilityM: Math.max(0.05, inMud) })">
        {{ words.useTheMuddyWater }}
      </button>
    </p>
  </fieldset>
</template>

<style scoped src="./fields.css"></style>

<style scoped>
.worked {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
.take {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
.more {
  justify-self: start;
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 32px;
  font-weight: 600;
}
</style>
