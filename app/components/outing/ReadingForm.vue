<script setup lang="ts">
import { readingForm as words, capital, saySky } from '../../../words'
import { SKIES, type Conditions } from '../../../core/water'
import type { RoleId } from '../../../core/quantity'
import { useMeasure } from '~/composables/useMeasure'

/** What the water says now. Steps for a thumb; only what is changed is written down. */
const props = defineProps<{ water: Conditions }>()
type Read = Partial<Pick<Conditions, 'waterTempC' | 'visibilityM' | 'depthM' | 'windMps' | 'sky'>>
const emit = defineEmits<{ keep: [read: Read]; close: [] }>()
const { show } = useMeasure()
const draft = ref<Read>({})
const now = computed(() => ({ ...props.water, ...draft.value }))
const FIELDS = [
  { id: 'waterTempC', name: words.water, role: 'waterTemp', step: 0.5, from: -2, to: 40 },
  { id: 'visibilityM', name: words.whiteLureSeen, role: 'depth', step: 0.2, from: 0.2, to: 40 },
  { id: 'depthM', name: words.depth, role: 'depth', step: 0.5, from: 0.5, to: 200 },
  { id: 'windMps', name: words.wind, role: 'wind', step: 1, from: 0, to: 40 },
] as const satisfies readonly { id: keyof Read; name: string; role: RoleId; step: number; from: number; to: number }[]
function step(f: (typeof FIELDS)[number], by: number) {
  const value = Math.min(f.to, Math.max(f.from, Math.round((now.value[f.id] + by * f.step) * 100) / 100))
  draft.value = { ...draft.value, [f.id]: value }
}
</script>

<template>
  <section class="reading" :aria-label="words.theWaterNow">
    <div v-for="f in FIELDS" :key="f.id" class="field">
      <span>{{ f.name }}</span>
      <button type="button" :aria-label="words.less(f.name)" @click="step(f, -1)">−</button>
      <output :aria-label="f.name">{{ show(now[f.id], f.role) }}</output>
      <button type="button" :aria-label="words.more(f.name)" @click="step(f, 1)">+</button>
    </div>
    <div class="skies" role="group" :aria-label="words.sky">
      <button
        v-for="s in SKIES"
        :key="s"
        type="button"
        :aria-pressed="now.sky === s"
        @click="draft = { ...draft, sky: s }"
      >
        {{ capital(saySky(s)) }}
      </button>
    </div>
    <button type="button" class="keep" :disabled="Object.keys(draft).length === 0" @click="emit('keep', draft)">
      {{ words.writeItDown }}
    </button>
  </section>
</template>

<style scoped>
.reading {
  display: grid;
  gap: var(--space-8);
}
.field {
  display: grid;
  grid-template-columns: 1fr 56px 96px 56px;
  gap: var(--space-8);
  align-items: center;
}
output {
  text-align: center;
  font-weight: 700;
  font-size: var(--text-5);
}
button {
  min-height: 52px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
.skies {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: var(--space-8);
}
button[aria-pressed='true'],
.keep {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.keep:disabled {
  opacity: 0.5;
}
</style>
