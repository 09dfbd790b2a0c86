<script setup lang="ts">
import { boxLabelsPage as words } from '../../../words'
import { describeColouring, familyOf, lureMass, slotName, type Lure } from '../../../core/tackle'
import { qrPicture } from '~/composables/qr'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** Labels for the trays' compartments: what it weighs, how deep it runs, and a code that opens it here. */
useHead({ title: words.boxLabelsYgrion })
const box = useBox()
const { show } = useMeasure()
const route = useRoute()
const ALL = 'all'
const trayId = ref(String(route.query.tray ?? ALL))
const trays = computed(() => [
  { value: ALL, title: words.everyTray },
  ...box.box.trays.map((t) => ({ value: t.id, title: t.name })),
])
const lures = computed(() =>
  box.box.lures
    .filter((l) => trayId.value === ALL || l.trayId === trayId.value)
    .sort((a, b) => (a.trayId ?? '').localeCompare(b.trayId ?? '') || (a.slot ?? 0) - (b.slot ?? 0)),
)
/** Beyond this many the page would be a book; a tray at a time is meant. */
const MOST = 240
const shown = computed(() => lures.value.slice(0, MOST))
const where = (l: Lure) => {
  const tray = l.trayId ? box.trayById.get(l.trayId) : undefined
  return tray && l.slot !== null ? `${tray.name} ${slotName(tray, l.slot)}` : words.loose
}
const runs = (l: Lure) => {
  if ('depthM' in l.traits) return words.runs(show(Number(l.traits.depthM), 'depth'))
  const { swims } = familyOf(l.family)
  return swims === 'surface' ? words.surface : words.sinks
}
const weight = (l: Lure) => {
  const { kg, basis } = lureMass(l)
  return `${show(kg, 'lureMass')}${basis === 'labelled' ? '' : ' ✓'}`
}
const codeOf = (l: Lure) => qrPicture(`${location.origin}/box?lure=${encodeURIComponent(l.id)}`)
const print = () => window.print()
</script>

<template>
  <div class="page">
    <div class="screen-only">
      <h1>{{ words.boxLabels }}</h1>
      <div class="bar">
        <v-select v-model="trayId" :label="words.labelsFor" :items="trays" class="pick" />
        <v-btn color="primary" :disabled="shown.length === 0" @click="print">{{ words.print }}</v-btn>
        <v-btn variant="text" to="/box/order">{{ words.back }}</v-btn>
        <p class="quiet">
          {{ words.labelsOfMmThree(shown.length) }}
          <template v-if="lures.length > MOST">{{ words.theFirstOfTake(MOST, lures.length) }}</template>
        </p>
      </div>
      <p v-if="shown.length === 0" class="panel none">{{ words.nothingLiesInThis }}</p>
    </div>
    <ul class="sheet">
      <li v-for="l in shown" :key="l.id" class="label" :data-label="l.name">
        <svg
          :viewBox="`-1 -1 ${codeOf(l).size + 2} ${codeOf(l).size + 2}`"
          role="img"
          :aria-label="words.codeThatOpens(l.name)"
        >
          <rect x="-1" y="-1" width="100%" height="100%" fill="#fff" />
          <path :d="codeOf(l).d" fill="#000" shape-rendering="crispEdges" />
        </svg>
        <div>
          <b>{{ l.name }}</b>
          <span class="big">{{ weight(l) }} · {{ runs(l) }}</span>
          <span>{{ show(l.lengthM, 'lureLength') }}, {{ describeColouring(l.colour) }}</span>
          <span class="where">{{ where(l) }}</span>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-12);
  margin: var(--space-12) 0 var(--space-16);
}
.pick {
  flex: 0 1 240px;
}
.bar p {
  flex: 1 1 320px;
}
.none {
  padding: var(--space-16);
}
.sheet {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, 62mm);
  gap: 2mm;
}
.label {
  display: grid;
  grid-template-columns: 25mm minmax(0, 1fr);
  gap: 2mm;
  align-items: center;
  height: 29mm;
  padding: 1.5mm;
  overflow: hidden;
  background: var(--colour-print-paper);
  color: var(--colour-print-ink);
  border: 0.2mm dashed var(--colour-print-rule);
  break-inside: avoid;
  font-size: var(--text-print-s);
  line-height: 1.2;
}
.label svg {
  width: 25mm;
  height: 25mm;
}
.label div {
  display: grid;
  gap: 0.5mm;
  min-width: 0;
}
.label b {
  font-size: var(--text-print-m);
  overflow-wrap: anywhere;
}
.big {
  font-weight: 700;
}
.where {
  font-size: var(--text-print-s);
}
@media print {
  .screen-only {
    display: none;
  }
  .page {
    padding: 0;
    max-width: none;
  }
}
</style>
