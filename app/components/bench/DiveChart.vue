<script setup lang="ts">
import { diveChart as words } from '../../../words'
import { scaleLinear } from 'd3-scale'
import { area, line as lineShape } from 'd3-shape'
import type { DiveChart } from '../../../core/bench'
import { useMeasure } from '~/composables/useMeasure'

/** Depth against line out, one curve a line, named at its end; crosses are what the angler measured. In black and white told apart by their dashes. */
const props = defineProps<{
  chart: DiveChart
  points: readonly { lengthM: number; depthM: number }[]
  title: string
  chosen: string | null
}>()
const { show, figure, unit } = useMeasure()
const SIZE = { width: 1180, height: 420, left: 56, right: 190, top: 34, bottom: 24 }
const DASHES = ['', '9 4', '3 4', '12 4 3 4', '1 5', '6 3 1 3', '14 6', '4 2']
const most = computed(() =>
  Math.max(0.5, ...props.chart.lines.flatMap((l) => l.depthM), ...props.points.map((p) => p.depthM)),
)
const x = computed(() => scaleLinear([0, Math.max(...props.chart.lengthsM)], [SIZE.left, SIZE.width - SIZE.right]))
const y = computed(() => scaleLinear([0, most.value * 1.12], [SIZE.top, SIZE.height - SIZE.bottom]))
const curve = (depths: readonly number[]) =>
  lineShape<number>()
    .x((_, i) => x.value(props.chart.lengthsM[i] ?? 0))
    .y((d) => y.value(d))(depths as number[]) ?? ''
const band = (low: readonly number[], high: readonly number[]) =>
  area<number>()
    .x((_, i) => x.value(props.chart.lengthsM[i] ?? 0))
    .y0((d) => y.value(d))
    .y1((_, i) => y.value(high[i] ?? 0))(low as number[]) ?? ''
const shown = computed(() => props.chart.lines.find((l) => l.line.id === props.chosen) ?? props.chart.lines[0])
/** Names at the ends of the curves, pushed apart where curves run together. */
const names = computed(() => {
  const ends = props.chart.lines
    .map((l, i) => ({ i, name: l.line.name, y: y.value(l.depthM[l.depthM.length - 1] ?? 0) }))
    .sort((a, b) => a.y - b.y)
  let last = -Infinity
  return ends.map((e) => {
    last = Math.max(e.y, last + 16)
    return { ...e, y: last }
  })
})
const description = computed(() =>
  props.chart.lines
    .map((l) => words.atTheMostLine(l.line.name, show(l.depthM[l.depthM.length - 1] ?? 0, 'depth')))
    .join('; '),
)
const picture = ref<SVGSVGElement | null>(null)
defineExpose({ picture })
</script>

<template>
  <svg
    ref="picture"
    :viewBox="`0 0 ${SIZE.width} ${SIZE.height}`"
    role="img"
    :aria-label="`${title}. ${description}`"
    class="chart"
    font-family="sans-serif"
    font-size="13"
  >
    <title>{{ title }}</title>
    <path v-if="shown" :d="band(shown.low, shown.high)" fill="#0d5358" fill-opacity="0.14" />
    <g v-for="t in y.ticks(7)" :key="`y${t}`">
      <path
        :d="`M${SIZE.left} ${y(t)}H${SIZE.width - SIZE.right}`"
        stroke="currentColor"
        :stroke-opacity="t === 0 ? 0.8 : 0.16"
      />
      <text :x="SIZE.left - 8" :y="y(t) + 4" text-anchor="end" fill="currentColor">{{ figure(t, 'depth') }}</text>
    </g>
    <g v-for="t in x.ticks(8)" :key="`x${t}`">
      <path :d="`M${x(t)} ${SIZE.top}V${SIZE.height - SIZE.bottom}`" stroke="currentColor" stroke-opacity="0.1" />
      <text :x="x(t)" :y="SIZE.top - 8" text-anchor="middle" fill="currentColor">{{ figure(t, 'distance') }}</text>
    </g>
    <text :x="SIZE.width - SIZE.right + 10" :y="SIZE.top - 8" fill="currentColor">
      {{ words.ofLineOut(unit('distance')) }}
    </text>
    <text :x="SIZE.left - 8" :y="SIZE.height - 6" text-anchor="end" fill="currentColor">{{ unit('depth') }}</text>
    <path
      v-for="(l, i) in chart.lines"
      :key="l.line.id"
      :d="curve(l.depthM)"
      fill="none"
      stroke="currentColor"
      :stroke-width="l === shown ? 3 : 1.7"
      :stroke-dasharray="DASHES[i % DASHES.length]"
      stroke-linejoin="round"
    />
    <g v-for="n in names" :key="n.i">
      <path
        :d="`M${SIZE.width - SIZE.right + 6} ${n.y - 4}h30`"
        stroke="currentColor"
        stroke-width="2"
        :stroke-dasharray="DASHES[n.i % DASHES.length]"
      />
      <text
        :x="SIZE.width - SIZE.right + 42"
        :y="n.y"
        fill="currentColor"
        :font-weight="chart.lines[n.i] === shown ? 700 : 400"
      >
        {{ n.name }}
      </text>
    </g>
    <g v-for="(p, i) in points" :key="`p${i}`" :transform="`translate(${x(p.lengthM)} ${y(p.depthM)})`">
      <path d="M-6 0h12M0 -6v12" stroke="#b23a17" stroke-width="2.6" class="cross" />
    </g>
  </svg>
</template>

<style scoped>
.chart {
  display: block;
  width: 100%;
  color: rgb(var(--v-theme-on-surface));
}
.chart text {
  font-family: var(--v-font-body);
}
.v-theme--night .cross {
  stroke: var(--colour-fit-night);
}
@media print {
  .chart {
    color: var(--colour-print-ink);
  }
}
</style>
