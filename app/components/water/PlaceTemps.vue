<script setup lang="ts">
import { placeTemps as words } from '../../../words'
import { withReading, type Place } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { today } from '~/stores/repository'

/** Temperatures kept with a place, newest first. */
const temps = defineModel<Place['temps']>({ required: true })
const { show } = useMeasure()
const SHOWN = 14
const date = ref(today())
const tempC = ref<number | null>(null)
function add() {
  if (tempC.value === null) return
  temps.value = withReading({ temps: temps.value }, date.value, tempC.value)
  tempC.value = null
}
const newest = computed(() => [...temps.value].reverse())
</script>

<template>
  <fieldset>
    <legend>{{ words.temperatures }}</legend>
    <p class="quiet">{{ words.fromThemCome }}</p>
    <div class="add">
      <v-text-field v-model="date" :label="words.day" type="date" hide-details />
      <MeasureField v-model="tempC" :label="words.temperature" role="waterTemp" :min="-2" :max="40" optional />
      <v-btn variant="tonal" :disabled="tempC === null" @click="add">{{ words.add }}</v-btn>
    </div>
    <ul>
      <li v-for="t in newest.slice(0, SHOWN)" :key="t.date">
        <span>{{ t.date }}</span><b>{{ show(t.tempC, 'waterTemp') }}</b>
        <button
          type="button"
          class="link"
          :aria-label="words.deleteDay(t.date)"
          @click="temps = temps.filter((o) => o.date !== t.date)"
        >
          {{ words.deleteWord }}
        </button>
      </li>
    </ul>
    <p v-if="newest.length > SHOWN" class="quiet">{{ words.andEarlierOnes(newest.length - SHOWN) }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-8);
}
legend {
  padding: 0;
  margin-bottom: var(--space-8);
  font-family: var(--v-font-heading);
  font-weight: 700;
}
.add {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: var(--space-12);
  align-items: start;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  columns: 2;
  column-gap: var(--space-24);
}
li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  align-items: center;
  min-height: 32px;
  break-inside: avoid;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 32px;
  font-size: var(--text-3);
}
@media (max-width: 520px) {
  .add {
    grid-template-columns: minmax(0, 1fr);
  }
  ul {
    columns: 1;
  }
}
</style>
