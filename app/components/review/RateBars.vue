<script setup lang="ts">
import { rateBars as words } from '../../../words'
import { scaleLinear } from 'd3-scale'
import type { RateTable } from '../../../core/review'

/** Rates by one factor: the median as a dot, the 90 % interval as a bar, effort and count beside it; the whole record as a line. */
const props = defineProps<{ table: RateTable; says: string }>()
const width = ref(800)
const ROW = 40
const narrow = computed(() => width.value < 560)
const left = computed(() => (narrow.value ? 8 : 210))
const right = computed(() => (narrow.value ? 8 : 150))
const rows = computed(() =>
  props.table.rows.flatMap((r) => {
    const cell = props.table.cells.find((c) => c.row === r.key)
    return cell ? [{ ...r, cell }] : []
  }),
)
const most = computed(() =>
  Math.max(0.5, ...rows.value.map((r) => Math.min(r.cell.shown.high, 3 * r.cell.shown.median + 1))),
)
const x = computed(() =>
  scaleLinear([0, most.value], [left.value, Math.max(left.value + 80, width.value - right.value)]).nice(),
)
const rowH = computed(() => (narrow.value ? 58 : ROW))
const height = computed(() => rows.value.length * rowH.value + 44)
const y = (i: number) => i * rowH.value + (narrow.value ? 34 : 20)
const hours = (min: number) => `${(min / 60).toFixed(1)} h`
const told = computed(() =>
  rows.value
    .map((r) =>
      words.anHour(
        r.label,
        r.cell.shown.median.toFixed(2),
        r.cell.shown.low.toFixed(2),
        r.cell.shown.high.toFixed(2),
        r.cell.answers,
        r.cell.events,
        hours(r.cell.minutes),
      ),
    )
    .join('; '),
)
</script>

<template>
  <div class="bars">
    <ChartFrame v-model:width="width" :height="height" :says="told">
      <path :d="`M${x(table.all.shown.median)} 0V${height - 36}`" class="all" />
      <text :x="x(table.all.shown.median)" :y="height - 24" text-anchor="middle">{{ words.all }}</text>
      <g v-for="(r, i) in rows" :key="r.key">
        <text
          :x="narrow ? 8 : left - 12"
          :y="narrow ? y(i) - 16 : y(i) + 5"
          :text-anchor="narrow ? 'start' : 'end'"
          class="name"
        >
          {{ r.label }}
        </text>
        <path :d="`M${x(r.cell.shown.low)} ${y(i)}H${Math.min(x(r.cell.shown.high), x.range()[1]!)}`" class="spread" />
        <circle :cx="x(r.cell.shown.median)" :cy="y(i)" r="6" class="dot" />
        <text :x="width - 8" :y="narrow ? y(i) - 16 : y(i) + 5" text-anchor="end">
          {{ words.inWord(r.cell.answers, r.cell.events, hours(r.cell.minutes)) }}
        </text>
      </g>
      <g class="axis">
        <template v-for="t in x.ticks(narrow ? 4 : 6)" :key="t">
          <path :d="`M${x(t)} ${height - 36}v5`" />
          <text :x="x(t)" :y="height - 8" text-anchor="middle">{{ t }}</text>
        </template>
      </g>
    </ChartFrame>
    <p class="quiet">{{ words.anHourDotMedian(says) }}</p>
  </div>
</template>

<style scoped>
.name {
  font-weight: 650;
}
.spread {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 9;
  stroke-linecap: round;
  stroke-opacity: 0.32;
}
.dot {
  fill: rgb(var(--v-theme-primary));
}
.all {
  stroke: rgb(var(--v-theme-secondary));
  stroke-dasharray: 4 4;
  stroke-width: 1.6;
}
.axis path {
  stroke: rgb(var(--v-theme-on-surface));
}
</style>
