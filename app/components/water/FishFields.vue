<script setup lang="ts">
import { fishFields as words } from '../../../words'
import { FORAGE, MOODS, SPECIES, forageLengthM, type Conditions } from '../../../core/water'
import { choices } from '~/components/form/choices'
import { useWater } from '~/stores/water'

/** Which fish are sought, how they are, and what they eat. */
const props = defineProps<{ c: Conditions }>()
const water = useWater()
const set = (over: Partial<Conditions>) => water.change(over)
const species = SPECIES.map((s) => ({ value: s.id, title: s.name }))
const forage = FORAGE.map((f) => ({ value: f.id, title: f.name }))
/** Another forage brings its usual length with it. */
function setForage(kind: string) {
  const lengthM = forageLengthM(kind, props.c.date, water.place?.latDeg)
  set({ forage: { kind, lengthM: lengthM ?? props.c.forage.lengthM } })
}
</script>

<template>
  <fieldset>
    <legend>{{ words.fish }}</legend>
    <v-select
      :label="words.target"
      :items="species"
      :model-value="c.speciesId"
      @update:model-value="(speciesId) => set({ speciesId })"
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
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
