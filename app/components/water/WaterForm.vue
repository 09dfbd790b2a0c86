<script setup lang="ts">
import { speciesOf, waterKind } from '../../../core/water'
import { sayStranger } from '../../../words'
import { useWater } from '~/stores/water'

/** Today's water, field by field, in the order in which an angler reads it. */
const water = useWater()
const c = computed(() => water.current)
/** A fish that does not live in such water. */
const stranger = computed(() => {
  const target = c.value && speciesOf(c.value.speciesId)
  const kind = water.place && waterKind(water.place.salinity)
  return target && kind && !target.waters.includes(kind) ? sayStranger(target.name, kind) : ''
})
</script>

<template>
  <form v-if="c && water.reading" class="form" @submit.prevent>
    <WhereWhen :c="c" />
    <FishFields :c="c" />
    <p v-if="stranger" class="law">{{ stranger }}</p>
    <WaysFields :c="c" />
    <WaterFields :c="c" />
    <CoverFields :c="c" />
    <SkyFields :c="c" :reading="water.reading" />
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-16);
}
</style>
