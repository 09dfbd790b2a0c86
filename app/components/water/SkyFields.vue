<script setup lang="ts">
import { skyFields as words, capital, clockAt, sayCastInWind, sayHolding, saySky } from '../../../words'
import { CASTS_IN_WIND, LIGHTS, SEASONS, SKIES, type Conditions, type Reading } from '../../../core/water'
import { choices } from '~/components/form/choices'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'

/** Sky, wind and light; season and light as they are worked out, or as the angler knows better. */
const props = defineProps<{ c: Conditions; reading: Reading }>()
const water = useWater()
const { show } = useMeasure()
const set = (over: Partial<Conditions>) => water.change(over)
const skies = SKIES.map((value) => ({ value, title: capital(saySky(value)) }))
const winds = [null, ...CASTS_IN_WIND].map((value) => ({ value, title: capital(sayCastInWind(value)) }))
/** Less wind than this, m/s, is not felt in a cast. */
const FELT_MPS = 2
const isFelt = computed(() => props.c.windMps >= FELT_MPS || props.c.castInWind !== null)
const calculated = (word: string) => ({ value: null, title: `${word} (calculated)` })
const seasons = computed(() => [calculated(props.reading.season), ...choices(SEASONS)])
const lights = computed(() => [calculated(props.reading.light), ...choices(LIGHTS)])
const isNight = computed(() => props.reading.light !== 'day')
const clockOf = (ms: number | null) => clockAt(ms, water.place?.utcOffsetH ?? 0)
</script>

<template>
  <fieldset>
    <legend>{{ words.skyAndLight }}</legend>
    <v-select :label="words.sky" :items="skies" :model-value="c.sky" @update:model-value="(sky) => set({ sky })" />
    <MeasureField
      :label="words.wind"
      role="wind"
      :model-value="c.windMps"
      :min="0"
      :max="40"
      @update:model-value="(v) => v !== null && set({ windMps: v })"
    />
    <v-select
      v-if="isFelt"
      :label="words.windOnTheCast"
      :items="winds"
      :model-value="c.castInWind"
      @update:model-value="(castInWind) => set({ castInWind })"
    />
    <v-select
      :label="words.seasonOfTheFish"
      :items="seasons"
      :model-value="c.seasonAs"
      @update:model-value="(seasonAs) => set({ seasonAs })"
    />
    <v-select
      :label="words.light"
      :items="lights"
      :model-value="c.lightAs"
      @update:model-value="(lightAs) => set({ lightAs })"
    />
    <v-checkbox
      v-if="isNight || c.lamps"
      :label="words.lamps"
      :model-value="c.lamps"
      density="compact"
      hide-details
      @update:model-value="(v) => set({ lamps: v === true })"
    />
    <p class="wide worked">
      {{
        words.firstLightSunUp(
          clockOf(reading.sun.dawnMs),
          clockOf(reading.sun.sunriseMs),
          clockOf(reading.sun.sunsetMs),
          Math.round(reading.sunAltitudeDeg),
          Math.round(reading.moonIlluminatedFraction * 100),
          ((100 * reading.zoneLux) / Math.max(reading.surfaceLux, 1e-6)).toPrecision(2),
          Math.round(reading.appetite * 100),
        )
      }}
    </p>
    <p v-if="reading.zone.holdingId" class="wide worked">
      {{
        words.assumedToDrag(
          sayHolding(reading.zone.holdingId),
          show(reading.zone.topM, 'depth'),
          show(reading.zone.bottomM, 'depth'),
        )
      }}
    </p>
  </fieldset>
</template>

<style scoped src="./fields.css"></style>

<style scoped>
.worked {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
