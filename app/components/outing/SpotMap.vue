<script setup lang="ts">
import { spotMap as words } from '../../../words'
import { FEATURES, featureOf, type Spot } from '../../../core/outing'

/** A piece of cover drawn from above; its spots can be tapped. The bank is at the top. */
const props = defineProps<{ featureId: string; chosen: Spot | null; counts?: Readonly<Record<string, number>> }>()
const emit = defineEmits<{ choose: [spotId: string]; feature: [featureId: string] }>()
const feature = computed(() => featureOf(props.featureId) ?? FEATURES[0])
const isChosen = (id: string) => props.chosen?.featureId === props.featureId && props.chosen.spotId === id
</script>

<template>
  <div class="map">
    <label class="kind">
      <span>{{ words.thisStop }}</span>
      <select :value="featureId" @change="emit('feature', ($event.target as HTMLSelectElement).value)">
        <option v-for="f in FEATURES" :key="f.id" :value="f.id">{{ f.name }}</option>
      </select>
    </label>
    <div v-if="feature" class="drawing" role="group" :aria-label="words.spots(feature.name)">
      <svg viewBox="0 0 100 60" aria-hidden="true" preserveAspectRatio="none">
        <path class="bank" d="M0 0H100V4Q80 7 60 4.5T20 5.5T0 4Z" />
        <g v-if="feature.id === 'fallen-tree'" class="wood">
          <path d="M12 4Q20 14 34 24Q56 38 86 50" stroke-width="3.2" />
          <path
            d="M34 24Q42 18 46 10M50 34Q62 30 70 18M62 41Q72 40 82 32M44 30Q40 40 32 46M66 43Q64 50 56 54"
            stroke-width="1.3"
          />
          <path d="M8 2l8 5M6 7l8 0" stroke-width="2" />
        </g>
        <g v-else-if="feature.id === 'dock'" class="dock">
          <path d="M45 0H55V50H45Z" />
          <path d="M45 8H55M45 16H55M45 24H55M45 32H55M45 40H55" class="plank" />
          <circle v-for="y in [12, 26, 40, 50]" :key="y" cx="44" :cy="y" r="1.6" />
          <circle v-for="y in [12, 26, 40, 50]" :key="`r${y}`" cx="56" :cy="y" r="1.6" />
        </g>
        <g v-else-if="feature.id === 'grass'" class="grass">
          <path d="M4 16Q30 12 52 18T98 16V40Q80 46 60 44T30 46T4 42Z" />
          <path class="open" d="M62 22Q72 18 80 24T74 34T62 30T62 22Z" />
          <path
            v-for="x in 14"
            :key="x"
            :d="`M${x * 6.6} ${24 + (x % 3) * 6}q1.4 -5 0 -8m0 8q-1.6 -4 -1.2 -7`"
            class="blade"
          />
        </g>
        <g v-else-if="feature.id === 'pool'" class="pool">
          <path d="M0 14Q24 8 50 8T100 18V46Q76 54 52 54T0 46Z" />
          <path d="M4 26q8 3 16 0M4 33q10 3 20 0M30 22q12 -4 24 0M70 34q10 3 22 0" class="flow" />
        </g>
        <g v-else-if="feature.id === 'rocks'" class="rocks">
          <path
            d="M12 10l8 -4 10 3 2 8 -9 5 -12 -3zM66 9l12 -3 9 6 -4 9 -14 1zM38 24l9 -5 12 3 3 9 -10 6 -13 -4zM20 32l7 -2 5 5 -4 6 -8 -1z"
          />
          <path d="M2 46Q26 40 50 46T98 44" class="drop" />
          <path d="M2 51Q26 45 50 51T98 49" class="drop" />
        </g>
        <g v-else class="openwater">
          <path d="M4 44Q30 36 52 40T98 36" class="drop" />
          <path d="M60 30q6 -4 12 0m-9 5q6 -4 12 0m-15 3q6 -4 12 0" class="school" />
          <path d="M72 9q3 -4 6 0m2 3q3 -4 6 0" class="school" />
        </g>
      </svg>
      <button
        v-for="s in feature.spots"
        :key="s.id"
        type="button"
        :class="{ on: isChosen(s.id) }"
        :aria-pressed="isChosen(s.id)"
        :style="{ left: `${s.at[0]}%`, top: `${(s.at[1] / 60) * 100}%` }"
        :data-spot="s.id"
        @click="emit('choose', s.id)"
      >
        {{ s.name }}<small v-if="counts?.[s.id]">{{ counts[s.id] }}</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.map {
  display: grid;
  gap: var(--space-8);
}
.kind {
  display: flex;
  align-items: center;
  gap: var(--space-8);
  font-weight: 650;
}
.kind select {
  flex: 1;
  min-height: 48px;
  padding: 0 var(--space-12);
  border: 1.5px solid rgba(var(--v-border-color), 0.5);
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.drawing {
  position: relative;
  height: 236px;
  border-radius: var(--radius-l);
  overflow: hidden;
  background: rgba(var(--v-theme-primary), 0.13);
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.bank {
  fill: rgb(var(--v-theme-surface-variant));
}
.wood {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.55;
  stroke-linecap: round;
}
.dock,
.rocks {
  fill: rgb(var(--v-theme-on-surface));
  fill-opacity: 0.3;
}
.plank,
.drop,
.flow,
.school,
.blade {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.5;
  stroke-width: 0.7;
}
.grass {
  fill: rgb(var(--v-theme-success));
  fill-opacity: 0.28;
}
.open {
  fill: rgb(var(--v-theme-surface));
  fill-opacity: 1;
}
.pool {
  fill: rgb(var(--v-theme-primary));
  fill-opacity: 0.2;
}
.drawing button {
  position: absolute;
  transform: translate(-50%, -50%);
  min-height: 48px;
  min-width: 64px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-round);
  background: rgb(var(--v-theme-surface));
  border: 2px solid rgb(var(--v-theme-on-surface));
  font-weight: 700;
  white-space: nowrap;
}
.drawing button.on {
  background: rgb(var(--v-theme-secondary));
  border-color: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-on-secondary));
}
small {
  margin-left: var(--space-6);
  font-size: var(--text-2);
}
</style>
