<script setup lang="ts">
import { legFields as words, sayHours } from '../../../words'
import type { Leg, Plan } from '../../../core/plan'
import { WaterReport, startingWater } from '../../../core/water'
import { plain } from '~/composables/plain'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'
import { newId } from '../../../core/new-id'

/** Where and when: places and days one after another, with the way between, the forecast of each; weight and trays. */
const props = defineProps<{ plan: Plan }>()
const emit = defineEmits<{ change: [change: Partial<Plan>, label: string] }>()
const box = useBox()
const water = useWater()
const places = computed(() => box.places.map((p) => ({ value: p.id, title: p.name })))
const hours = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ value: from + i, title: `${from + i}:00` }))

const withLeg = (leg: Leg, change: Partial<Leg>) =>
  props.plan.legs.map((one) => (one.id === leg.id ? { ...one, ...change } : one))
function set(leg: Leg, change: Partial<Leg>) {
  const next = { ...leg, ...change }
  // The other end gives way.
  if (next.toH <= next.fromH) {
    if (change.toH === undefined) next.toH = Math.min(24, next.fromH + 1)
    else next.fromH = Math.max(0, next.toH - 1)
  }
  emit('change', { legs: withLeg(leg, next) }, words.changed)
}
function waterAt(placeId: string): Leg['water'] | undefined {
  if (water.current?.placeId === placeId) return plain(water.current)
  const place = box.places.find(({ id }) => id === placeId)
  const [like] = box.waters
  const found =
    box.waters.find((w) => w.placeId === placeId) ?? (place && like ? startingWater(place, like) : undefined)
  return found && plain(found)
}
const asDay = (of: Leg['water'], date: string): Leg['water'] => ({ ...of, date, hour: 12, zone: null, lightAs: null })
function goTo(leg: Leg, placeId: string) {
  const of = waterAt(placeId)
  if (of) set(leg, { water: asDay(of, leg.water.date), forecast: [] })
}
function takeWater(leg: Leg) {
  const of = waterAt(leg.water.placeId)
  if (of) emit('change', { legs: withLeg(leg, { water: asDay(of, leg.water.date) }) }, words.tookTheWater)
}
function add() {
  const last = props.plan.legs.at(-1)
  if (!last) return
  const fromH = last.toH < 24 ? last.toH : 6
  const leg = { ...plain(last), id: newId(), fromH, toH: Math.min(24, fromH + 3), travelMin: 30 }
  emit('change', { legs: [...props.plan.legs, leg] }, words.addedALeg)
}
function remove(leg: Leg) {
  emit('change', { legs: props.plan.legs.filter(({ id }) => id !== leg.id) }, words.tookOut)
}
const asking = ref('')
const told = ref<Record<string, string>>({})
async function ask(leg: Leg) {
  const place = box.places.find(({ id }) => id === leg.water.placeId)
  if (!place || asking.value) return
  asking.value = leg.id
  const query = new URLSearchParams({
    placeId: place.id,
    date: leg.water.date,
    waterTempC: String(leg.water.waterTempC),
    visibilityM: String(leg.water.visibilityM),
  })
  try {
    const answer = await fetch(`/api/simulators/report?${query}`)
    const read = WaterReport.safeParse(await answer.json())
    if (!answer.ok || !read.success) throw new Error('no report')
    const forecast = read.data.hours
      .filter(({ hour }) => hour >= leg.fromH - 1 && hour <= leg.toH + 1)
      .map(({ hour, sky, windMps }) => ({ hour, sky, windMps: Math.min(40, windMps) }))
    told.value = { ...told.value, [leg.id]: words.forecastIs(forecast.length) }
    emit('change', { legs: withLeg(leg, { forecast }) }, words.tookTheForecast)
  } catch {
    told.value = { ...told.value, [leg.id]: words.noForecast }
  } finally {
    asking.value = ''
  }
}
function tray(id: string) {
  const { trayIds } = props.plan.limits
  const all = box.box.trays.map((t) => t.id)
  const now = trayIds ?? all
  const next = now.includes(id) ? now.filter((one) => one !== id) : [...now, id]
  const limits = { ...props.plan.limits, trayIds: next.length === all.length || next.length === 0 ? null : next }
  emit('change', { limits }, words.setTrays)
}
const inTrays = (id: string) => props.plan.limits.trayIds?.includes(id) ?? true
</script>

<template>
  <div class="legs">
    <fieldset v-for="(leg, i) in plan.legs" :key="leg.id">
      <legend>{{ sayHours(leg.fromH, leg.toH) }}</legend>
      <v-select
        :label="words.place"
        :items="places"
        :model-value="leg.water.placeId"
        class="wide"
        @update:model-value="(id: string | null) => id && goTo(leg, id)"
      />
      <v-text-field
        :label="words.day"
        type="date"
        :model-value="leg.water.date"
        @change="
          (e: Event) => {
            const date = (e.target as HTMLInputElement).value
            if (date) set(leg, { water: { ...leg.water, date }, forecast: [] })
          }
        "
      />
      <v-text-field
        v-if="i > 0"
        :label="words.travel"
        type="number"
        min="0"
        max="1440"
        :model-value="leg.travelMin"
        @change="
          (e: Event) =>
            set(leg, {
              travelMin: Math.min(1440, Math.max(0, Math.round(Number((e.target as HTMLInputElement).value) || 0))),
            })
        "
      />
      <v-select
        :label="words.from"
        :items="hours(0, 23)"
        :model-value="leg.fromH"
        @update:model-value="(fromH: number | null) => fromH !== null && set(leg, { fromH })"
      />
      <v-select
        :label="words.to"
        :items="hours(1, 24)"
        :model-value="leg.toH"
        @update:model-value="(toH: number | null) => toH !== null && set(leg, { toH })"
      />
      <div class="do wide">
        <v-btn variant="outlined" :loading="asking === leg.id" @click="ask(leg)">{{ words.askTheForecast }}</v-btn>
        <v-btn variant="text" @click="takeWater(leg)">{{ words.takeTheWater }}</v-btn>
        <v-btn v-if="plan.legs.length > 1" variant="text" @click="remove(leg)">{{ words.takeOut }}</v-btn>
        <span class="quiet" role="status">{{ told[leg.id] ?? '' }}</span>
      </div>
    </fieldset>
    <v-btn v-if="plan.legs.length < 12" variant="outlined" class="more" @click="add">{{ words.addALeg }}</v-btn>
    <MeasureField
      class="weight"
      :label="words.grams"
      role="lureMass"
      optional
      :min="0.005"
      :max="50"
      :model-value="plan.limits.luresKg"
      @update:model-value="
        (luresKg) =>
          luresKg !== plan.limits.luresKg && emit('change', { limits: { ...plan.limits, luresKg } }, words.setWeight)
      "
    />
    <PillRow
      v-if="box.box.trays.length"
      :label="words.trays"
      shown
      :choices="box.box.trays.map((t) => ({ id: t.id, title: t.name }))"
      :pressed="inTrays"
      @press="tray"
    />
  </div>
</template>

<style scoped>
.legs {
  display: grid;
  gap: var(--space-12);
  grid-column: 1 / -1;
}
fieldset {
  max-width: 760px;
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-4) var(--space-12);
}
.weight {
  max-width: 240px;
}
legend {
  font-weight: 650;
  padding: 0 0 var(--space-6);
}
.wide {
  grid-column: 1 / -1;
}
.do {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
}
.more {
  justify-self: start;
}
</style>
