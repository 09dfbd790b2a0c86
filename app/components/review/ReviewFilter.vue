<script setup lang="ts">
import { reviewFilter as words } from '../../../words'
import { MEASURES } from '../../../core/review'
import { useBox } from '~/stores/box'
import { useReview } from '~/stores/review'

/** What of the log is looked at: places, years, and what counts. */
const review = useReview()
const box = useBox()
</script>

<template>
  <div class="filter">
    <label
      >{{ words.count }}
      <select v-model="review.measure">
        <option v-for="m in MEASURES" :key="m.id" :value="m.id">{{ m.name }}</option>
      </select>
    </label>
    <label
      >{{ words.place }}
      <select v-model="review.placeId">
        <option :value="null">{{ words.allPlaces }}</option>
        <option v-for="p in box.places" :key="p.id" :value="p.id">{{ p.name }}</option>
      </select>
    </label>
    <label
      >{{ words.year }}
      <select v-model="review.year">
        <option :value="null">{{ words.allYears }}</option>
        <option v-for="y in review.years" :key="y" :value="y">{{ y }}</option>
      </select>
    </label>
    <slot />
  </div>
</template>

<style>
.filter {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-16);
  margin: var(--space-12) 0 var(--space-16);
}
.filter label {
  display: grid;
  gap: var(--space-2);
  font-size: var(--text-2);
  font-weight: 650;
}
.filter select {
  min-height: 44px;
  min-width: 150px;
  max-width: 100%;
  padding: 0 var(--space-8);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.5);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
@media (max-width: 600px) {
  .filter label {
    flex: 1 1 140px;
  }
  .filter select {
    min-width: 0;
    width: 100%;
    min-height: 48px;
  }
}
</style>
