<script setup lang="ts">
import { countTable as words } from '../../../words'
import { countDownTable, type LureProfile } from '../../../core/bench'
import type { BuildMotion } from '../../../core/motion'
import { useMeasure } from '~/composables/useMeasure'

/** What to count for each depth, with how far the count may be out. */
const props = defineProps<{
  known: LureProfile
  motion: BuildMotion
  density: number
  lineDiameterM: number
  depthM: number
}>()
const { show } = useMeasure()
const depths = computed(() => {
  const whole = [0.5, 1, 2, 3, 4, 6, 8, 10, 15, 20, 30].filter((d) => d < props.depthM * 0.98)
  return [...whole.slice(-6), Math.round(props.depthM * 10) / 10]
})
const rows = computed(() =>
  props.known.fall
    ? countDownTable(props.motion, props.known.fall, props.density, props.lineDiameterM, depths.value)
    : [],
)
const longest = computed(() => Math.max(...rows.value.map((r) => r.high), 1))
const seconds = (s: number) => (s < 9.95 ? s.toFixed(1) : s.toFixed(0))
</script>

<template>
  <table v-if="rows.length" class="counts" :aria-label="words.countDownTable">
    <thead>
      <tr>
        <th scope="col">{{ words.to }}</th>
        <th scope="col">{{ words.count }}</th>
        <th scope="col">{{ words.range }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.depthM" :data-depth="r.depthM">
        <th scope="row">{{ show(r.depthM, 'depth') }}</th>
        <td><b>{{ seconds(r.seconds) }}</b>&#8239;s</td>
        <td class="band">
          <span>{{ seconds(r.low) }} – {{ seconds(r.high) }}</span>
          <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
            <rect :x="(r.low / longest) * 100" y="2" :width="((r.high - r.low) / longest) * 100" height="6" rx="2" />
            <path :d="`M${(r.seconds / longest) * 100} 0v10`" />
          </svg>
        </td>
      </tr>
    </tbody>
  </table>
  <p v-else class="quiet">{{ words.itDoesNotSink }}</p>
</template>

<style scoped>
.counts {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  padding: var(--space-4) var(--space-12) var(--space-4) 0;
  text-align: left;
  font-weight: 400;
}
tbody tr {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
thead th {
  font-size: var(--text-2);
}
td b {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
}
.band {
  width: 46%;
}
.band span {
  font-size: var(--text-2);
}
.band svg {
  display: block;
  width: 100%;
  height: 8px;
}
.band rect {
  fill: rgb(var(--v-theme-primary));
  opacity: 0.32;
}
.band path {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
</style>
