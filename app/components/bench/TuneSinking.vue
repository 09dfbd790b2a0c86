<script setup lang="ts">
import { tuneSinking as words } from '../../../words'
import { bladed, isHollow, trailersOn, type Held, type LureProfile } from '../../../core/bench'
import { familyOf, type Line, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'

/** What sinks, tuned: each part only where this lure has it. */
const props = defineProps<{
  lure: Lure
  known: LureProfile
  water: { tempC: number; salinity: number }
  line: Line
  currentMps: number
  depthM: number
}>()
const box = useBox()
const { show } = useMeasure()
const body = computed(() => familyOf(props.lure.family).body)
const middle = computed(() => Math.sqrt(props.known.window.slow.value * props.known.window.fast.value))

// How it is held: pace of the hand and the current it is worked against.
const paceMps = ref<number | null>(null)
const lineOutM = ref(30)
const held = computed<Held>(() => ({
  line: props.line,
  speedMps: Math.max(0.05, (paceMps.value ?? middle.value) + props.currentMps),
  lineOutM: lineOutM.value,
  rodTipM: 1,
}))
const hollow = computed(() => isHollow(props.lure))
const spins = computed(() => bladed(props.lure, props.known, props.water, held.value).length > 0)
const dressed = computed(() => trailersOn(props.lure, props.known, box.box, props.water).length > 0)
</script>

<template>
  <div class="tune">
    <div v-if="hollow || spins" class="fields">
      <MeasureField
        :model-value="paceMps ?? middle"
        :label="words.paceOfTheRetrieve"
        role="lureSpeed"
        :min="0.05"
        :max="3"
        @update:model-value="(v) => (paceMps = v)"
      />
      <MeasureField
        :model-value="lineOutM"
        :label="words.lineOut"
        role="distance"
        :min="3"
        :max="120"
        @update:model-value="(v) => v && (lineOutM = v)"
      />
      <p class="quiet">
        {{ words.on(line.name)
        }}<template v-if="currentMps">{{ words.againstTheCurrent(show(currentMps, 'current')) }}</template>.
      </p>
    </div>
    <TuneFiller
      v-if="hollow"
      :lure="lure"
      :known="known"
      :water="water"
      :held="held"
      :current-mps="currentMps"
      :depth-m="depthM"
    />
    <TuneBlades v-if="spins" :lure="lure" :known="known" :water="water" :held="held" />
    <TuneFall
      v-if="['soft', 'jig', 'metal'].includes(body)"
      :lure="lure"
      :known="known"
      :water="water"
      :line="line"
      :current-mps="currentMps"
      :depth-m="depthM"
    />
    <TuneCut v-if="body === 'soft'" :lure="lure" :known="known" :water="water" />
    <TuneTrailers v-if="dressed" :lure="lure" :known="known" :water="water" />
  </div>
</template>

<style scoped>
.tune {
  display: grid;
  gap: var(--space-20);
}
.tune :deep(.part) {
  display: grid;
  gap: var(--space-8);
}
.tune :deep(.fields) {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 230px));
  gap: var(--space-12);
  align-items: center;
}
.tune :deep(.scroll) {
  overflow-x: auto;
}
.tune :deep(.figures) {
  border-collapse: collapse;
  min-width: 420px;
  width: 100%;
  max-width: 980px;
}
.tune :deep(th),
.tune :deep(td) {
  padding: var(--space-4) var(--space-20) var(--space-4) 0;
  text-align: left;
  font-weight: 400;
  white-space: nowrap;
}
.tune :deep(thead th) {
  font-size: var(--text-2);
}
.tune :deep(tbody tr) {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
.tune :deep(.now th),
.tune :deep(.now td) {
  font-weight: 700;
}
.tune :deep(.answer b) {
  font-family: var(--v-font-heading);
  font-size: var(--text-6);
}
.tune :deep(.quiet) {
  font-size: var(--text-2);
}
</style>
