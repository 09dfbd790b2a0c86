<script setup lang="ts">
import { whereWhen as words, clockTime, sayPlaceLaw } from '../../../words'
import type { Conditions } from '../../../core/water'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** Place, date and time of today's water, and what holds at the place. */
const props = defineProps<{ c: Conditions }>()
const water = useWater()
const box = useBox()
const places = computed(() => box.places.map((p) => ({ value: p.id, title: p.name })))
const law = computed(() => (water.place ? sayPlaceLaw(water.place) : ''))
const time = computed({
  get: () => clockTime(props.c.hour),
  set: (text: string) => {
    const [h, m] = text.split(':').map(Number)
    if (h !== undefined && m !== undefined && Number.isFinite(h + m)) water.change({ hour: h + m / 60 })
  },
})
</script>

<template>
  <fieldset>
    <legend>{{ words.whereAndWhen }}</legend>
    <v-select
      :label="words.place"
      :items="places"
      :model-value="c.placeId"
      class="wide"
      @update:model-value="water.goTo"
    />
    <v-text-field
      :label="words.date"
      type="date"
      :model-value="c.date"
      @update:model-value="(date) => water.change({ date })"
    />
    <v-text-field v-model="time" :label="words.time" type="time" />
    <p v-if="water.place?.note" class="worked wide">{{ water.place.note }}</p>
    <p v-if="law" class="law wide"><b>{{ words.rulesHere }}</b> {{ words.checkTheLocalRules(law) }}</p>
  </fieldset>
</template>

<style scoped src="./fields.css"></style>

<style scoped>
.law {
  border-left: 4px solid rgb(var(--v-theme-warning));
  padding: var(--space-4) var(--space-12);
  font-size: var(--text-3);
}
.worked {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
