<script setup lang="ts">
import {
  COVERS,
  FORAGE,
  LIGHTS,
  MOODS,
  SEASONS,
  SKIES,
  SPECIES,
  TIDES,
  forageLengthM,
  speciesOf,
  stirredVisibilityM,
  waterKind,
  type Conditions,
} from '../../../core/water'
import { choices } from '~/components/form/choices'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { clockAt, clockTime, sayHolding } from '../../../words'

/** Today's water, field by field, in the order in which an angler reads it. */
const water = useWater()
const box = useBox()
const settings = useSettings()
const { show } = useMeasure()
const c = computed(() => water.current)

const WATER_MEASURES = [
  { key: 'waterTempC', label: 'Temperature', role: 'waterTemp', min: -2, max: 40 },
  { key: 'visibilityM', label: 'Visibility (white lure)', role: 'depth', min: 0.05, max: 40 },
  { key: 'depthM', label: 'Depth', role: 'depth', min: 0.3, max: 200 },
  { key: 'currentMps', label: 'Current', role: 'current', min: 0, max: 4 },
] as const
/** What not every water has: shown at the sea, in a boat, or once it was set. */
const MORE_MEASURES = [
  { key: 'driftMps', label: 'Drift of the boat', role: 'current', min: 0, max: 3 },
  { key: 'swellM', label: 'Swell', role: 'depth', min: 0, max: 10 },
  { key: 'tideRangeM', label: 'Range of the tide', role: 'depth', min: 0, max: 16 },
] as const
const TIDE_WORDS = { none: 'No tide', flood: 'Rising', high: 'High, standing', ebb: 'Falling', low: 'Low, standing' }
const tides = TIDES.map((value) => ({ value, title: TIDE_WORDS[value] }))
const more = ref(false)
const salty = computed(() => (water.place?.salinity ?? 0) >= 0.5)
const showsMore = computed(
  () =>
    more.value ||
    salty.value ||
    (c.value !== undefined && (c.value.driftMps > 0 || c.value.swellM > 0 || c.value.tide !== 'none')),
)
/** What the temperatures kept with the place say. */
const trend = computed(() => {
  const reading = water.reading
  if (!reading || reading.tempChangeC === null) return null
  const by = Math.abs(reading.tempChangeC)
  const grown = by * (settings.system === 'metric' ? 1 : 1.8)
  const unit = settings.system === 'metric' ? '°C' : '°F'
  if (reading.trend === 'steady') return 'The water has kept its temperature over three days.'
  return `The water is ${reading.trend}: ${grown.toFixed(1)}\u202f${unit} in three days.`
})
const inMud = computed(() => {
  const { place, reading } = water
  if (!c.value || !place || !reading || reading.stirredM <= 0) return null
  return stirredVisibilityM(c.value.visibilityM, 0, reading.stirredM, place.bottom)
})
const mud = computed(() => {
  const { place, reading } = water
  if (inMud.value === null || !place || !reading) return null
  return `This wind stirs the ${place.bottom} down to about ${show(reading.stirredM, 'depth')}: inside that a white lure vanishes at about ${show(inMud.value, 'depth')}.`
})
/** A fish that does not live in such water. */
const stranger = computed(() => {
  const target = c.value && speciesOf(c.value.speciesId)
  const { place } = water
  if (!target || !place) return null
  const kind = waterKind(place.salinity)
  return target.waters.includes(kind)
    ? null
    : `${target.name} is not a fish of ${kind} water: the answer holds as far as it goes.`
})
const SKY_WORDS = { sun: 'Sun', broken: 'Broken cloud', cloud: 'Cloud', rain: 'Rain' }
const skies = SKIES.map((value) => ({ value, title: SKY_WORDS[value] }))
const species = SPECIES.map((s) => ({ value: s.id, title: s.name }))
const forage = FORAGE.map((f) => ({ value: f.id, title: f.name }))
const law = computed(() => {
  const { rules, singlesOnly, mostHooks } = water.place ?? {}
  return [rules, singlesOnly && 'Single hooks only.', mostHooks && `At most ${mostHooks} hooks on a line.`]
    .filter(Boolean)
    .join(' ')
})
const places = computed(() => box.places.map((p) => ({ value: p.id, title: p.name })))
const seasons = computed(() => [
  { value: null, title: `${water.reading?.season ?? ''} (calculated)` },
  ...choices(SEASONS),
])
const lights = computed(() => [
  { value: null, title: `${water.reading?.light ?? ''} (calculated)` },
  ...choices(LIGHTS),
])

const time = computed({
  get: () => clockTime(c.value?.hour ?? 0),
  set: (text: string) => {
    const [h, m] = text.split(':').map(Number)
    if (h !== undefined && m !== undefined && Number.isFinite(h + m)) water.change({ hour: h + m / 60 })
  },
})
function set(over: Partial<Conditions>) {
  water.change(over)
}
/** A new month or another forage brings its usual length with it. */
function setForage(kind: string) {
  const lengthM = c.value ? forageLengthM(kind, c.value.date, water.place?.latDeg) : undefined
  if (c.value) set({ forage: { kind, lengthM: lengthM ?? c.value.forage.lengthM } })
}
function setDate(date: string) {
  if (/^\d{4}-\d{2}-\d{2}$/.test(date)) set({ date })
}
const clockOf = (ms: number | null) => clockAt(ms, water.place?.utcOffsetH ?? 0)
</script>

<template>
  <form v-if="c && water.reading" class="form" @submit.prevent>
    <fieldset>
      <legend>Where and when</legend>
      <v-select label="Place" :items="places" :model-value="c.placeId" class="wide" @update:model-value="water.goTo" />
      <v-text-field label="Date" type="date" :model-value="c.date" @update:model-value="setDate" />
      <v-text-field v-model="time" label="Time" type="time" />
      <p v-if="water.place?.note" class="worked wide">{{ water.place.note }}</p>
      <p v-if="law" class="law wide"><b>Rules here:</b> {{ law }} Check the local rules; they come first.</p>
    </fieldset>
    <fieldset>
      <legend>Fish</legend>
      <v-select
        label="Target"
        :items="species"
        :model-value="c.speciesId"
        @update:model-value="(speciesId) => set({ speciesId })"
      />
      <v-select
        label="Mood"
        :items="choices(MOODS)"
        :model-value="c.mood"
        @update:model-value="(mood) => set({ mood })"
      />
      <v-select label="Forage" :items="forage" :model-value="c.forage.kind" @update:model-value="setForage" />
      <MeasureField
        label="Forage length"
        role="lureLength"
        :model-value="c.forage.lengthM"
        :min="0.003"
        :max="0.6"
        @update:model-value="(v) => v !== null && set({ forage: { kind: c!.forage.kind, lengthM: v } })"
      />
    </fieldset>
    <p v-if="stranger" class="law">{{ stranger }}</p>
    <fieldset>
      <legend>Water</legend>
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
      <template v-if="showsMore">
        <v-select label="Tide" :items="tides" :model-value="c.tide" @update:model-value="(tide) => set({ tide })" />
        <MeasureField
          v-for="f in MORE_MEASURES"
          :key="f.key"
          :label="f.label"
          :role="f.role"
          :model-value="c[f.key]"
          :min="f.min"
          :max="f.max"
          @update:model-value="(v) => v !== null && set({ [f.key]: v })"
        />
      </template>
      <button v-else type="button" class="wide more" @click="more = true">Drift, tide, swell</button>
      <p v-if="trend" class="wide worked">{{ trend }}</p>
      <p v-if="mud" class="wide worked">
        {{ mud }}
        <button type="button" class="take" @click="inMud !== null && set({ visibilityM: Math.max(0.05, inMud) })">
          Use the muddy-water visibility
        </button>
      </p>
    </fieldset>
    <fieldset>
      <legend>Cover</legend>
      <v-select
        label="Kind"
        :items="choices(COVERS)"
        :model-value="c.cover.kind"
        @update:model-value="(kind) => set({ cover: { ...c!.cover, kind } })"
      />
      <MeasureField
        label="Depth to top of cover"
        role="depth"
        :model-value="c.cover.topM"
        :min="0"
        :max="c.depthM"
        @update:model-value="(v) => v !== null && set({ cover: { ...c!.cover, topM: v } })"
      />
      <div class="wide slider">
        <label for="density">Density</label>
        <input
          id="density"
          type="range"
          min="0"
          max="1"
          step="0.05"
          :value="c.cover.density"
          :disabled="c.cover.kind === 'open'"
          @input="(e) => set({ cover: { ...c!.cover, density: Number((e.target as HTMLInputElement).value) } })"
        />
        <span>{{ c.cover.density < 0.25 ? 'sparse' : c.cover.density < 0.6 ? 'patchy' : 'dense' }}</span>
      </div>
    </fieldset>
    <fieldset>
      <legend>Sky and light</legend>
      <v-select label="Sky" :items="skies" :model-value="c.sky" @update:model-value="(sky) => set({ sky })" />
      <MeasureField
        label="Wind"
        role="wind"
        :model-value="c.windMps"
        :min="0"
        :max="40"
        @update:model-value="(v) => v !== null && set({ windMps: v })"
      />
      <v-select
        label="Season of the fish"
        :items="seasons"
        :model-value="c.seasonAs"
        @update:model-value="(seasonAs) => set({ seasonAs })"
      />
      <v-select
        label="Light"
        :items="lights"
        :model-value="c.lightAs"
        @update:model-value="(lightAs) => set({ lightAs })"
      />
      <p class="wide worked">
        First light {{ clockOf(water.reading.sun.dawnMs) }}, sun up {{ clockOf(water.reading.sun.sunriseMs) }}, down
        {{ clockOf(water.reading.sun.sunsetMs) }}; the sun stands {{ Math.round(water.reading.sunAltitudeDeg) }}° high,
        the moon is {{ Math.round(water.reading.moonIlluminatedFraction * 100) }} % lit. In the zone
        {{ ((100 * water.reading.zoneLux) / Math.max(water.reading.surfaceLux, 1e-6)).toPrecision(2) }} % of the surface
        light is left. The water temperature suits them {{ Math.round(water.reading.appetite * 100) }} %.
      </p>
      <p v-if="water.reading.zone.holdingId" class="wide worked">
        {{ sayHolding(water.reading.zone.holdingId) }} Assumed: {{ show(water.reading.zone.topM, 'depth') }} to
        {{ show(water.reading.zone.bottomM, 'depth') }}. Drag the zone in the picture where you know better.
      </p>
    </fieldset>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-16);
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-12);
}
legend {
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
.wide {
  grid-column: 1 / -1;
}
.law {
  border-left: 4px solid rgb(var(--v-theme-warning));
  padding: var(--space-4) var(--space-12);
  font-size: var(--text-3);
}
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
.slider {
  display: grid;
  grid-template-columns: auto 1fr 80px;
  gap: var(--space-12);
  align-items: center;
}
.slider input {
  accent-color: rgb(var(--v-theme-primary));
  min-height: 32px;
}
@media (max-width: 420px) {
  fieldset {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
