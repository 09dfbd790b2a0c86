<script setup lang="ts">
import { waterStrip as words, clockTime, saySky } from '../../../words'
import { speciesOf } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'

/** Today's water in one line, and the way to change it. */
const water = useWater()
const { show } = useMeasure()
const c = computed(() => water.current)

const facts = computed(() => {
  const now = c.value
  const reading = water.reading
  if (!now || !reading) return []
  return [
    speciesOf(now.speciesId)?.name ?? now.speciesId,
    `${now.date}, ${clockTime(now.hour)}`,
    show(now.waterTempC, 'waterTemp'),
    words.visibility(show(now.visibilityM, 'depth')),
    saySky(now.sky),
    words.wind(show(now.windMps, 'wind')),
    words.fish(now.mood),
    reading.season,
    reading.light,
  ]
})
</script>

<template>
  <div v-if="c" class="strip">
    <div>
      <h1>{{ water.place?.name }}</h1>
      <p class="facts">
        <span v-for="f in facts" :key="f">{{ f }}</span>
      </p>
    </div>
    <NuxtLink to="/water" class="change">{{ words.changeTheWater }}</NuxtLink>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-24);
  align-items: end;
  justify-content: space-between;
  margin-bottom: var(--space-12);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  margin-top: var(--space-4);
}
.facts span:not(:last-child)::after {
  content: '·';
  margin: 0 var(--space-8);
}
.change {
  font-weight: 650;
  padding: var(--space-8) var(--space-16);
  min-height: 40px;
  border-radius: var(--radius-m);
  border: 1.5px solid currentColor;
  text-decoration: none;
}
</style>
