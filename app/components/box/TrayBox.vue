<script setup lang="ts">
import { trayBox as words } from '../../../words'
import { mdiPencil, mdiScaleBalance } from '@mdi/js'
import { slotName, slotsOf, type Lure, type Tray } from '../../../core/tackle'

/** A tray drawn as the angler's own box: case, dividers, and what lies in each compartment. */
const props = defineProps<{
  tray: Tray
  lures: readonly Lure[]
  /** Ids that answer to the search, or null while nothing is sought. */
  found: ReadonlySet<string> | null
  /** The compartment something would be laid into now. */
  target: number | null
  pickedId: string | null
}>()
defineEmits<{ open: [lure: Lure]; edit: []; weigh: []; key: [event: KeyboardEvent, lure: Lure] }>()

const bySlot = computed(() => {
  const lying: Lure[][] = Array.from({ length: slotsOf(props.tray) }, () => [])
  for (const lure of props.lures) lying[Math.min(lure.slot ?? 0, lying.length - 1)]?.push(lure)
  return lying
})
/** Longer lures are drawn longer, but less than they are: a big one in the tray would leave the small ones as dots. */
const WIDEST_PX = 150
const longest = computed(() => Math.max(0.09, ...props.lures.map((l) => l.lengthM)))
const widthPx = (lure: Lure) => WIDEST_PX * Math.sqrt(lure.lengthM / longest.value)
/** A crowded compartment shows its first ones until it is opened. */
const FIRST = 6
const opened = ref<number | null>(null)
const shownOf = (lying: readonly Lure[], slot: number) =>
  opened.value === slot ? lying.slice(0, 200) : lying.slice(0, lying.length > FIRST + 1 ? FIRST : FIRST + 1)
const pieces = computed(() => props.lures.reduce((sum, l) => sum + l.count, 0))
const matches = computed(() => props.lures.filter((l) => props.found?.has(l.id)).length)
</script>

<template>
  <section class="tray" :aria-label="words.tray(tray.name)" :data-tray="tray.id">
    <header>
      <h2>{{ tray.name }}</h2>
      <span class="held">
        <template v-if="found">{{ words.ofAnswer(matches, lures.length) }}</template>
        <template v-else>{{ words.kindsPieces(lures.length, pieces) }}</template>
      </span>
      <button type="button" :disabled="lures.length === 0" @click="$emit('weigh')">
        <v-icon :icon="mdiScaleBalance" size="18" /> {{ words.weighAll }}
      </button>
      <button type="button" @click="$emit('edit')">
        <v-icon :icon="mdiPencil" size="18" /> {{ words.changeTheTray }}
      </button>
    </header>
    <div class="case">
      <ul class="slots" :style="{ '--columns': tray.columns }">
        <li
          v-for="(lying, slot) in bySlot"
          :key="slot"
          :data-slot="slot"
          :class="{ target: target === slot, many: lying.length > 1 }"
          :aria-label="words.compartment(slotName(tray, slot), lying.length ? '' : words.empty)"
        >
          <span class="place" aria-hidden="true">{{ slotName(tray, slot) }}</span>
          <LureTile
            v-for="lure in shownOf(lying, slot)"
            :key="lure.id"
            :lure="lure"
            :width-px="lying.length > 1 ? 46 : widthPx(lure)"
            :small="lying.length > 1"
            :dim="found !== null && !found.has(lure.id)"
            :picked="pickedId === lure.id"
            @click="$emit('open', lure)"
            @keydown="$emit('key', $event, lure)"
          />
          <button v-if="shownOf(lying, slot).length < lying.length" type="button" class="rest" @click="opened = slot">
            {{ words.andMore(lying.length - FIRST) }}
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.tray header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-4) var(--space-12);
  margin-bottom: var(--space-6);
}
.held {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
  margin-right: auto;
}
header button {
  display: inline-flex;
  align-items: center;
  gap: var(--space-6);
  min-height: 32px;
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  font-size: var(--text-3);
  font-weight: 600;
}
header button:hover:not(:disabled) {
  background: rgba(var(--v-theme-surface-variant), 0.7);
}
header button:disabled {
  opacity: 0.4;
}
/* The case: dark moulded rim, two clasps, light compartments with a soft edge. */
.case {
  position: relative;
  padding: var(--space-8) var(--space-8) var(--space-16);
  border-radius: var(--radius-l);
  background: linear-gradient(var(--colour-tray-rim), var(--colour-tray-rim-dark));
  box-shadow:
    inset 0 1px 0 rgba(255, 255, 255, 0.25),
    0 2px 6px rgba(22, 48, 46, 0.25);
  overflow-x: auto;
}
.case::before,
.case::after {
  content: '';
  position: absolute;
  bottom: 4px;
  width: 54px;
  height: 8px;
  border-radius: var(--radius-s);
  background: var(--colour-tray-wood);
}
.case::before {
  left: 22%;
}
.case::after {
  right: 22%;
}
.slots {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(112px, 1fr));
  grid-auto-rows: 136px;
  gap: var(--space-6);
}
.slots li {
  position: relative;
  min-width: 0;
  overflow: hidden;
  contain: layout paint;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  box-shadow: inset 0 2px 5px rgba(22, 48, 46, 0.28);
}
.slots li.target {
  background: var(--colour-tray-lit);
  box-shadow: inset 0 0 0 3px var(--colour-signal);
}
.place {
  position: absolute;
  top: 4px;
  left: 7px;
  font-size: var(--text-1);
  color: var(--colour-ink-faint);
  pointer-events: none;
}
.rest {
  width: 100%;
  min-height: 28px;
  color: var(--colour-ink);
  font-size: var(--text-2);
  text-decoration: underline;
}
.slots li.many {
  padding-top: var(--space-16);
  overflow-y: auto;
  scrollbar-width: thin;
}
.v-theme--night .case {
  background: linear-gradient(var(--colour-tray-rim-night), var(--colour-tray-rim-night-dark));
}
.v-theme--night .slots li.target {
  background: var(--colour-tray-wood-night);
}
.v-theme--night .place {
  color: var(--colour-print-ink);
}
</style>
