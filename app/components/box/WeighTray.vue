<script setup lang="ts">
import { weighTray as words } from '../../../words'
import { weighed, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useScale } from '~/composables/useScale'
import { useBox } from '~/stores/box'

/** A tray weighed lure by lure: lay it on, wait until it settles, take the weight, next. Label and scale stay apart. */
const props = defineProps<{ lures: readonly Lure[] }>()
const emit = defineEmits<{ close: [] }>()

const { show } = useMeasure()
const box = useBox()
const scale = useScale()
const ids = props.lures.map((l) => l.id)
const at = ref(0)
const taken = ref<Readonly<Record<string, number>>>({})
const lureOf = (id: string | undefined) => (id ? box.lureById.get(id) : undefined)
const now = computed(() => lureOf(ids[at.value]))

watch(
  () => now.value?.id,
  () => now.value && scale.lay({ id: now.value.id, labelKg: now.value.massKg }),
  { immediate: true },
)
const off = (lure: Lure, kg: number) => {
  const share = Math.round((kg / lure.massKg - 1) * 100)
  return share === 0 ? words.asLabelled : `${share > 0 ? '+' : '−'}${Math.abs(share)} %`
}
async function take() {
  const lure = now.value
  const { value } = scale.state
  if (!lure || value.state !== 'settled') return
  taken.value = { ...taken.value, [lure.id]: value.massKg }
  await box.save('lures', weighed(lure, value.massKg))
  step(1)
}
function step(by: number) {
  scale.lift()
  at.value = Math.min(ids.length, Math.max(0, at.value + by))
}
const WORDS = { empty: words.layItOn, moving: words.settling, settled: words.atRest } as const
const trace = computed(() => {
  const all = scale.readings.value
  const top = Math.max(...all.map((r) => r.massKg), 1e-6) * 1.1
  return all.map((r, i) => `${(i / 59) * 240},${54 - (r.massKg / top) * 50}`).join(' ')
})
const done = computed(() => Object.keys(taken.value).length)
</script>

<template>
  <section class="panel weigh" :aria-label="words.weighATray">
    <header>
      <h2>{{ words.weighThemOneAfter }}</h2>
      <p class="simulated">{{ words.simulatedScaleItStands }}</p>
    </header>
    <div v-if="now" class="bench">
      <div class="pan"><LureDrawing :lure="now" :width-px="150" /></div>
      <div>
        <p class="count">{{ words.of(at + 1, ids.length) }}</p>
        <h3>{{ now.name }}</h3>
        <p>
          {{ words.label(show(now.massKg, 'lureMass')) }}
          <template v-if="now.measuredMassKg !== null">
            {{ words.weighedBefore(show(now.measuredMassKg, 'lureMass')) }}</template
          >
        </p>
        <output class="reading" :class="scale.state.value.state">{{ show(scale.shown.value, 'lureMass') }}</output>
        <svg width="240" height="56" viewBox="0 0 240 56" aria-hidden="true" class="trace">
          <polyline :points="trace" />
        </svg>
        <p role="status">
          <template v-if="scale.lost.value">{{ words.theScaleDoesNot }}</template>
          <template v-else>{{ WORDS[scale.state.value.state] }}</template>
        </p>
        <div class="do">
          <v-btn color="primary" :disabled="scale.state.value.state !== 'settled'" @click="take">{{
            words.takeThisWeight
          }}</v-btn>
          <v-btn variant="text" @click="step(1)">{{ words.skip }}</v-btn>
          <v-btn v-if="at > 0" variant="text" @click="step(-1)">{{ words.back }}</v-btn>
        </div>
      </div>
    </div>
    <p v-else class="done" role="status">{{ words.allThroughWeighed(done) }}</p>
    <table v-if="done">
      <thead>
        <tr>
          <th scope="col">{{ words.lure }}</th>
          <th scope="col">{{ words.label2 }}</th>
          <th scope="col">{{ words.weighed }}</th>
          <th scope="col">{{ words.offBy }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="id in ids" :key="id">
          <tr v-if="taken[id] !== undefined && lureOf(id)">
            <th scope="row">{{ lureOf(id)?.name }}</th>
            <td>{{ show(lureOf(id)?.massKg ?? 0, 'lureMass') }}</td>
            <td>{{ show(taken[id] ?? 0, 'lureMass') }}</td>
            <td>{{ off(lureOf(id) as Lure, taken[id] ?? 0) }}</td>
          </tr>
        </template>
      </tbody>
    </table>
    <div class="foot">
      <v-btn variant="outlined" @click="emit('close')">{{ words.done }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.weigh {
  padding: var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-12);
  overflow-y: auto;
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
}
.simulated {
  font-size: var(--text-3);
  color: rgb(var(--v-theme-warning));
}
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: var(--space-20);
  align-items: center;
}
.pan {
  display: grid;
  place-items: center;
  aspect-ratio: 1;
  border-radius: var(--radius-round);
  background: radial-gradient(var(--colour-scale-light), var(--colour-scale-shade));
  box-shadow: inset 0 2px 10px rgba(22, 48, 46, 0.35);
  overflow: hidden;
}
.count {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
.reading {
  display: block;
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  font-weight: 700;
  line-height: 1.1;
  font-variant-numeric: tabular-nums;
  opacity: 0.75;
}
.reading.settled {
  opacity: 1;
  color: rgb(var(--v-theme-primary));
}
.trace polyline {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.5;
}
.do,
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  margin-top: var(--space-8);
}
table {
  border-collapse: collapse;
  font-size: var(--text-3);
}
th,
td {
  padding: var(--space-4) var(--space-8) var(--space-4) 0;
  text-align: left;
}
td {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
thead th:not(:first-child) {
  text-align: right;
}
@media (max-width: 600px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
