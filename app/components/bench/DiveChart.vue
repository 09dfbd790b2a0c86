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
const width = ref(1180)
const PLOT_H = 420
const NAME_H = 20
const NAME_APART = 16
/** Beside the curves there is room for their names only where it is wide; else they stand below. */
const narrow = computed(() => width.value < 640)
const room = computed(() => ({
  left: 44,
  right: narrow.value ? 12 : 190,
  top: 34,
  bottom: narrow.value ? 14 + NAME_H * props.chart.lines.length : 24,
}))
const height = computed(() => (narrow.value ? 300 + NAME_H * props.chart.lines.length : PLOT_H))
const DASHES = ['', '9 4', '3 4', '12 4 3 4', '1 5', '6 3 1 3', '14 6', '4 2']
/** The band of an untested plug is wide: half as much again as the curves is shown of it. */
const SHOWN = 1.5
const most = computed(() => {
  const curves = Math.max(0.5, ...props.chart.lines.flatMap((l) => l.depthM), ...props.points.map((p) => p.depthM))
  const wide = Math.max(...props.chart.lines.filter((l) => l.line.id === props.chosen).flatMap((l) => l.high), curves)
  return Math.min(SHOWN * curves, wide)
})
const x = computed(() =>
  scaleLinear([0, Math.max(...props.chart.lengthsM)], [room.value.left, width.value - room.value.right]),
)
const y = computed(() => scaleLinear([0, most.value * 1.12], [room.value.top, height.value - room.value.bottom]))
const curve = (depths: readonly number[]) =>
  lineShape<number>()
    .x((_, i) => x.value(props.chart.lengthsM[i] ?? 0))
    .y((d) => y.value(d))(depths as number[]) ?? ''
const band = (low: readonly number[], high: readonly number[]) =>
  area<number>()
    .x((_, i) => x.value(props.chart.lengthsM[i] ?? 0))
    .y0((d) => y.value(d))
    .y1((_, i) => y.value(Math.min(high[i] ?? 0, y.value.domain()[1] ?? 0)))(low as number[]) ?? ''
const shown = computed(() => props.chart.lines.find((l) => l.line.id === props.chosen) ?? props.chart.lines[0])
/** Names at the ends of the curves, pushed apart where curves run together. */
const names = computed(() => {
  const ends = props.chart.lines
    .map((l, i) => ({ i, name: l.line.name, y: y.value(l.depthM[l.depthM.length - 1] ?? 0) }))
    .sort((a, b) => a.y - b.y)
  const x = narrow.value ? room.value.left : width.value - room.value.right + 6
  let last = -Infinity
  const down = ends.map((e) => (last = Math.max(e.y, last + NAME_APART)))
  // What would run out below pushes the others up again.
  let lowest = height.value - NAME_APART / 2
  for (let i = down.length - 1; i >= 0; i--) {
    down[i] = Math.min(down[i] ?? lowest, lowest)
    lowest = (down[i] ?? lowest) - NAME_APART
  }
  return ends.map((e, nth) => ({
    ...e,
    x,
    y: narrow.value ? height.value - room.value.bottom + NAME_H * (nth + 1) : (down[nth] ?? 0),
  }))
})
const yTicks = computed(() =>
  y.value.ticks(7).map((t) => ({ at: y.value(t), text: figure(t, 'depth'), strong: t === 0 })),
)
const xTicks = computed(() =>
  x.value.ticks(narrow.value ? 4 : 8).map((t) => ({ at: x.value(t), text: figure(t, 'distance') })),
)
const description = computed(() =>
  props.chart.lines
    .map((l) => words.atTheMostLine(l.line.name, show(l.depthM[l.depthM.length - 1] ?? 0, 'depth')))
    .join('; '),
)
const frame = ref<{ picture: SVGSVGElement | null } | null>(null)
defineExpose({ picture: computed(() => frame.value?.picture ?? null) })
</script>

<template>
  <ChartFrame
    ref="frame"
    v-model:width="width"
    :height="height"
    :title="title"
    :says="description"
    :room="room"
    :y-ticks="yTicks"
    :x-ticks="xTicks"
    x-on="top"
  >
    <template #under>
      <path v-if="shown" :d="band(shown.low, shown.high)" fill="#0d5358" fill-opacity="0.14" />
    </template>
    <text :x="width - (narrow ? 0 : room.right - 10)" y="12" :text-anchor="narrow ? 'end' : 'start'">
      {{ words.ofLineOut(unit('distance')) }}
    </text>
    <text x="0" y="12">{{ unit('depth') }}</text>
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
        :d="`M${n.x} ${n.y - 4}h30`"
        stroke="currentColor"
        stroke-width="2"
        :stroke-dasharray="DASHES[n.i % DASHES.length]"
      />
      <text :x="n.x + 36" :y="n.y" :font-weight="chart.lines[n.i] === shown ? 700 : 400">
        {{ n.name }}
      </text>
    </g>
    <g v-for="(p, i) in points" :key="`p${i}`" :transform="`translate(${x(p.lengthM)} ${y(p.depthM)})`">
      <path d="M-6 0h12M0 -6v12" stroke="#b23a17" stroke-width="2.6" class="cross" />
    </g>
  </ChartFrame>
</template>

<style scoped>
.v-theme--night .cross {
  stroke: var(--colour-fit-night);
}
</style>
