<script setup lang="ts">
import { fishFields as words, sayShoal, saySign } from '../../../words'
import {
  FORAGE,
  MOODS,
  SHOALS,
  SIGNS,
  SPECIES,
  adultLengthM,
  forageLengthM,
  shoalsToday,
  type Conditions,
  type Sign,
} from '../../../core/water'
import { choices } from '~/components/form/choices'
import { useWater } from '~/stores/water'

/** Which fish are sought, how they are, and what they eat. How they lie, what is seen and which others are welcome wait behind one tap. */
const props = defineProps<{ c: Conditions }>()
const water = useWater()
const set = (over: Partial<Conditions>) => water.change(over)
const species = SPECIES.map((s) => ({ value: s.id, title: s.name }))
const others = computed(() => species.filter(({ value }) => value !== props.c.speciesId))
const forage = FORAGE.map((f) => ({ value: f.id, title: f.name }))
/** Another forage brings its usual length with it. */
function setForage(kind: string) {
  const lengthM = forageLengthM(kind, props.c.date, water.place?.latDeg)
  set({ forage: { kind, lengthM: lengthM ?? props.c.forage.lengthM } })
}
const lengths = [
  { id: 'young', title: words.young },
  { id: 'grown', title: words.grown },
] as const
function lengthOf(age: (typeof lengths)[number]['id']): number | undefined {
  const { kind } = props.c.forage
  return age === 'grown' ? adultLengthM(kind) : forageLengthM(kind, props.c.date, water.place?.latDeg)
}
const signs = SIGNS.map((id) => ({ id, title: saySign(id) }))
const shoals = computed(() =>
  [null, ...SHOALS].map((value) => ({ value, title: sayShoal(value, shoalsToday({ ...props.c, shoal: null })) })),
)
const isSaid = computed(() => props.c.shoal !== null || props.c.signs.length > 0 || props.c.alsoFor.length > 0)
function toggle(sign: Sign) {
  set({ signs: SIGNS.filter((one) => props.c.signs.includes(one) !== (one === sign)) })
}
</script>

<template>
  <fieldset>
    <legend>{{ words.fish }}</legend>
    <v-select
      :label="words.target"
      :items="species"
      :model-value="c.speciesId"
      @update:model-value="(speciesId) => set({ speciesId, alsoFor: c.alsoFor.filter((id) => id !== speciesId) })"
    />
    <v-select
      :label="words.mood"
      :items="choices(MOODS)"
      :model-value="c.mood"
      @update:model-value="(mood) => set({ mood })"
    />
    <v-select :label="words.forage" :items="forage" :model-value="c.forage.kind" @update:model-value="setForage" />
    <MeasureField
      :label="words.forageLength"
      role="lureLength"
      :model-value="c.forage.lengthM"
      :min="0.003"
      :max="0.6"
      @update:model-value="(v) => v !== null && set({ forage: { kind: c.forage.kind, lengthM: v } })"
    />
    <MoreFields :title="words.moreOnFish" :said="isSaid">
      <PillRow
        class="wide"
        shown
        :label="words.youngOrGrown"
        :choices="lengths"
        :pressed="(id) => Math.abs((lengthOf(id) ?? 0) - c.forage.lengthM) < 1e-6"
        @press="(id) => set({ forage: { kind: c.forage.kind, lengthM: lengthOf(id) ?? c.forage.lengthM } })"
      />
      <v-select
        :label="words.howTheyLie"
        :items="shoals"
        :model-value="c.shoal"
        @update:model-value="(shoal) => set({ shoal })"
      />
      <v-autocomplete
        :label="words.alsoWelcome"
        :items="others"
        :model-value="c.alsoFor"
        multiple
        chips
        closable-chips
        variant="outlined"
        density="compact"
        hide-details="auto"
        @update:model-value="(alsoFor) => set({ alsoFor: alsoFor.slice(0, 4) })"
      />
      <PillRow
        class="wide"
        shown
        :label="words.whatIsSeen"
        :choices="signs"
        :pressed="(id) => c.signs.includes(id)"
        @press="toggle"
      />
    </MoreFields>
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
