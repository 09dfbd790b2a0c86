<script setup lang="ts">
import { boatForm as words } from '../../../words'
import { BOAT_STEP_MPS, SIDES, TURNS, type Boat } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'
import { useSounder } from '~/composables/useSounder'
import { epochOf, type Conditions, type Place } from '../../../core/water'

/** What the boat does: pace by the instrument or by hand, line out, side, turn. Steps for a thumb; only what is changed is written down. */
const props = defineProps<{ boat: Boat; paceMps: number; lineOutM: number; water: Conditions; place?: Place }>()
const emit = defineEmits<{ keep: [boat: Boat] }>()
const { show } = useMeasure()
const draft = ref<Boat>({})
const now = computed<Boat>(() => ({ speedMps: props.paceMps, lineOutM: props.lineOutM, ...props.boat, ...draft.value }))
const FIELDS = [
  { id: 'speedMps', name: words.pace, role: 'boatSpeed', step: BOAT_STEP_MPS / 2, to: 5 },
  { id: 'lineOutM', name: words.lineOut, role: 'distance', step: 2, to: 200 },
] as const
function step(f: (typeof FIELDS)[number], by: number) {
  const value = Math.min(f.to, Math.max(0, Math.round(((now.value[f.id] ?? 0) + by * f.step) * 1000) / 1000))
  draft.value = { ...draft.value, [f.id]: value }
}
const { middle, listening, lost, listen: hear } = useSounder()
/** The instrument's pace through the water is taken as it comes; the one that ships with the app is simulated. */
function listen() {
  const { place, water, paceMps } = props
  if (!place) return
  const { depthM, waterTempC, date, hour } = water
  const { latDeg, lonDeg } = place
  hear({ depthM, waterTempC, latDeg, lonDeg, driftMps: paceMps, fromMs: epochOf(place, date, hour) })
}
watch(
  () => middle.value.waterSpeedMps ?? middle.value.groundSpeedMps,
  (mps) => {
    if (mps !== null) draft.value = { ...draft.value, speedMps: Math.round(mps * 1000) / 1000 }
  },
)
</script>

<template>
  <section class="boat" :aria-label="words.theBoat">
    <div v-for="f in FIELDS" :key="f.id" class="field">
      <span>{{ f.name }}</span>
      <button type="button" :aria-label="words.less(f.name)" @click="step(f, -1)">−</button>
      <output :aria-label="f.name">{{ show(now[f.id] ?? 0, f.role) }}</output>
      <button type="button" :aria-label="words.more(f.name)" @click="step(f, 1)">+</button>
    </div>
    <div class="choices" role="group" :aria-label="words.side">
      <button
        v-for="s in SIDES"
        :key="s"
        type="button"
        :aria-pressed="now.side === s"
        @click="draft = { ...draft, side: s }"
      >
        {{ words[s] }}
      </button>
    </div>
    <div class="choices" role="group" :aria-label="words.turn">
      <button
        v-for="t in TURNS"
        :key="t"
        type="button"
        :aria-pressed="(now.turn ?? 'straight') === t"
        @click="draft = { ...draft, turn: t }"
      >
        {{ words[t] }}
      </button>
    </div>
    <button v-if="place" type="button" class="listen" :disabled="listening" @click="listen">
      {{ listening ? words.listening : words.listen }}
    </button>
    <p v-if="lost" role="status">{{ words.noInstrument }}</p>
    <button type="button" class="keep" :disabled="Object.keys(draft).length === 0" @click="emit('keep', draft)">
      {{ words.writeItDown }}
    </button>
  </section>
</template>

<style scoped>
.boat {
  display: grid;
  gap: var(--space-8);
}
.field {
  display: grid;
  grid-template-columns: 1fr 56px 96px 56px;
  gap: var(--space-8);
  align-items: center;
}
.field button,
.choices button,
.keep {
  min-height: 52px;
  border: 2px solid rgba(var(--v-border-color), 0.5);
  border-radius: var(--radius-m);
  font-weight: 700;
}
.field output {
  text-align: center;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.choices {
  display: flex;
  gap: var(--space-8);
}
.choices button {
  flex: 1;
}
.choices button[aria-pressed='true'] {
  background: rgb(var(--v-theme-on-surface));
  color: rgb(var(--v-theme-surface));
}
.listen {
  min-height: 48px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
.keep {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.keep:disabled {
  opacity: 0.45;
}
</style>
