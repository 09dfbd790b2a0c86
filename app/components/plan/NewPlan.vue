<script setup lang="ts">
import { newPlan as words } from '../../../words'
import { Plan, describeWater } from '../../../core/plan'
import { Place, readWater, speciesOf, startingWater } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { plain } from '~/composables/plain'
import { useBox } from '~/stores/box'
import { usePlans } from '~/stores/plans'
import { tomorrow } from '~/stores/repository'
import { useWater } from '~/stores/water'
import { planPath } from '~/composables/paths'
import { newId } from '../../../core/new-id'

/** A new plan in a few fields: where, when, how much may come along. Everything else has its usual value. */
const box = useBox()
const plans = usePlans()
const water = useWater()
const { show } = useMeasure()

const placeId = ref(water.place?.id ?? '')
const date = ref(tomorrow())
const HOURS = 8
const fromH = ref(5)
const toH = ref(5 + HOURS)
const lures = ref(8)
const rods = ref(2)
const places = computed(() => box.places.map((p) => ({ value: p.id, title: p.name })))
const place = computed(() => box.places.find(({ id }) => id === placeId.value))
const c = computed(() => {
  const at = place.value
  const like = box.waters[0]
  if (water.current && water.current.placeId === placeId.value) return water.current
  return box.waters.find((w) => w.placeId === placeId.value) ?? (at && like ? startingWater(at, like) : undefined)
})
/** From an hour before sunrise on, where nobody says otherwise. */
watch(
  [placeId, date],
  () => {
    const at = place.value
    const water = c.value
    const species = water && speciesOf(water.speciesId)
    const sunriseMs = at && species ? readWater({ ...water, date: date.value }, at, species).sun.sunriseMs : null
    if (!at || sunriseMs === null) return
    const hour = (sunriseMs / 3_600_000 + at.utcOffsetH) % 24
    fromH.value = Math.max(0, Math.min(15, Math.floor(hour - 0.5)))
    toH.value = fromH.value + HOURS
  },
  { immediate: true },
)
const hours = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ value: from + i, title: `${from + i}:00` }))
const upTo = (n: number) => Array.from({ length: n }, (_, i) => i + 1)
const says = computed(() => {
  const at = c.value
  if (!at) return ''
  const fish = [at.speciesId, ...at.alsoFor].map((id) => speciesOf(id)?.name.toLowerCase() ?? id)
  return words.waterAsLast(fish.join(', '), show(at.waterTempC, 'waterTemp'), show(at.visibilityM, 'depth'))
})
/** A water nobody has seen yet, in a few words; empty where the place is known. */
const text = ref('')
const described = computed(() => {
  const [like] = box.waters
  const at = place.value
  if (text.value.trim() === '' || !like || !at) return null
  return describeWater(text.value, c.value ?? like, { latDeg: at.latDeg, isoDate: date.value })
})
/** A month that is said is the month of the day. */
watch(
  () => described.value?.month,
  (month) => {
    if (!month || Number(date.value.slice(5, 7)) === month) return
    const year = Number(date.value.slice(0, 4)) + (month < Number(date.value.slice(5, 7)) ? 1 : 0)
    date.value = `${year}-${String(month).padStart(2, '0')}-15`
  },
)
const problem = computed(() => (toH.value <= fromH.value ? words.endFirst : ''))
/** The unseen water as a place: near the one that is chosen, for sun and season. */
const unseen = ({ latDeg, lonDeg, utcOffsetH }: Place, salinity: number): Place =>
  Place.parse({ id: newId(), name: text.value.trim().slice(0, 80), latDeg, lonDeg, utcOffsetH, salinity })
const busy = ref(false)
async function make() {
  const at = place.value
  if (!c.value || !at || problem.value || busy.value) return
  busy.value = true
  try {
    const said = described.value
    const there = said ? unseen(at, said.salinity) : at
    const water = {
      ...c.value,
      ...said?.change,
      placeId: there.id,
      date: date.value,
      hour: 12,
      zone: null,
      lightAs: null,
    }
    const plan = Plan.parse({
      id: newId(),
      name: words.name(there.name, date.value).slice(0, 80),
      legs: [
        {
          id: newId(),
          // The day brings its own hour, light and zone.
          water: plain(water),
          alternatives: said?.alternatives ?? [],
          fromH: fromH.value,
          toH: toH.value,
        },
      ],
      limits: { lures: lures.value, rods: Math.min(rods.value, Math.max(1, box.box.rods.length)) },
    })
    await box.edit(words.madeAPlan(plan.name), [
      ...(said ? [{ kind: 'places' as const, id: there.id, item: there }] : []),
      { kind: 'plans', id: plan.id, item: plan },
    ])
    void plans.work(plan)
    await navigateTo(planPath(plan.id))
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="panel new" :aria-label="words.planADay">
    <h2>{{ words.planADay }}</h2>
    <p v-if="places.length === 0">{{ words.noPlace }} <NuxtLink to="/water/places">{{ words.addAPlace }}</NuxtLink></p>
    <form v-else @submit.prevent="make">
      <v-select v-model="placeId" :label="words.place" :items="places" class="wide" />
      <v-text-field v-model="date" :label="words.day" type="date" />
      <div class="two">
        <v-select v-model="fromH" :label="words.from" :items="hours(0, 23)" />
        <v-select v-model="toH" :label="words.to" :items="hours(1, 24)" :error-messages="problem" />
      </div>
      <v-select v-model="lures" :label="words.howManyLures" :items="upTo(24)" />
      <v-select v-model="rods" :label="words.howManyRods" :items="upTo(6)" />
      <v-text-field
        v-model="text"
        :label="words.unseen"
        :placeholder="words.forExample"
        maxlength="200"
        class="wide"
        autocomplete="off"
      />
      <p v-if="described" class="wide quiet" role="status">
        {{ words.understood(described.understood.join(', ')) }}
        <template v-if="described.left.length">{{ words.notUnderstood(described.left.join(', ')) }}</template>
      </p>
      <p v-else class="wide quiet">{{ says }} <NuxtLink to="/water">{{ words.changeIt }}</NuxtLink></p>
      <v-btn type="submit" color="secondary" size="large" :loading="busy" :disabled="!c || problem !== ''">{{
        words.workItOut
      }}</v-btn>
    </form>
  </section>
</template>

<style scoped>
.new {
  padding: var(--space-16);
  display: grid;
  gap: var(--space-12);
  contain: none;
}
form {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-12);
  align-items: start;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
}
.wide {
  grid-column: 1 / -1;
}
.v-btn {
  justify-self: start;
}
@media (max-width: 520px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
