<script setup lang="ts">
import { waterPlacesPage as texts } from '../../../words'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

useHead({ title: texts.placesYgrion })
const box = useBox()
const water = useWater()
const chosenId = ref(water.place?.id ?? '')
/** A place that is gone gives way to the first. */
const chosen = computed(() => box.places.find((p) => p.id === chosenId.value) ?? box.places[0])
const said = ref('')
</script>

<template>
  <div class="page">
    <WaterHead :about="texts.about" />
    <p class="said" role="status">{{ said }}</p>
    <div class="places">
      <PlaceList
        :model-value="chosen?.id ?? ''"
        @update:model-value="(id) => (chosenId = id)"
        @said="(words) => (said = words)"
      />
      <PlaceForm v-if="chosen" :key="chosen.id" :place="chosen" />
    </div>
  </div>
</template>

<style scoped>
.said {
  min-height: 28px;
  padding: var(--space-4) var(--space-2);
  font-weight: 600;
}
.places {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: var(--space-16);
  align-items: start;
}
@media (max-width: 900px) {
  .places {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
