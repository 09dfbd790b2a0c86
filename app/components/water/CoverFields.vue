<script setup lang="ts">
import { coverFields as words, sayDensity } from '../../../words'
import { COVERS, WEED_DRIFTS, type Conditions } from '../../../core/water'
import { choices } from '~/components/form/choices'
import { useWater } from '~/stores/water'

/** What stands in the water: kind, how high, how thick. */
defineProps<{ c: Conditions }>()
const water = useWater()
const set = (over: Partial<Conditions>) => water.change(over)
</script>

<template>
  <fieldset>
    <legend>{{ words.cover }}</legend>
    <v-select
      :label="words.kind"
      :items="choices(COVERS)"
      :model-value="c.cover.kind"
      @update:model-value="(kind) => set({ cover: { ...c.cover, kind } })"
    />
    <MeasureField
      :label="words.depthToTop"
      role="depth"
      :model-value="c.cover.topM"
      :min="0"
      :max="c.depthM"
      @update:model-value="(v) => v !== null && set({ cover: { ...c.cover, topM: v } })"
    />
    <div class="wide slider">
      <label for="density">{{ words.density }}</label>
      <input
        id="density"
        type="range"
        min="0"
        max="1"
        step="0.05"
        :value="c.cover.density"
        :disabled="c.cover.kind === 'open'"
        @input="(e) => set({ cover: { ...c.cover, density: Number((e.target as HTMLInputElement).value) } })"
      />
      <span>{{ sayDensity(c.cover.density) }}</span>
    </div>
    <v-select
      :label="words.driftingWeed"
      :items="choices(WEED_DRIFTS)"
      :model-value="c.weedDrift"
      @update:model-value="(weedDrift) => set({ weedDrift })"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: auto 1fr 80px;
  gap: var(--space-12);
  align-items: center;
}
.slider input {
  accent-color: rgb(var(--v-theme-primary));
  min-height: 32px;
}
</style>
