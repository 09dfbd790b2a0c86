<script setup lang="ts">
import { seriesPlot as words } from '../../../words'
import { scaleLinear } from 'd3-scale'
import type { RoleId } from '../../../core/quantity'
import { useMeasure } from '~/composables/useMeasure'

/** Readings one beside the other: the mean or the fit as a tick, the way to it as a stalk, those that stand apart ringed. Colours stand as attributes, so that the picture can leave as a file. */
const props = defineProps<{
  points: readonly { label: string; observed: number; fitted: number; apart: boolean }[]
  role: RoleId
  title: string
}>()
const { show, figure } = useMeasure()
const width = ref(460)
const HEIGHT = 190
const ROOM = { left: 52, right: 12, top: 14, bottom: 26 }
const INK = 'currentColor'
const values = computed(() => props.points.flatMap((p) => [p.observed, p.fitted]))
const y = computed(() => {
  const low = Math.min(...values.value)
  const high = Math.max(...values.value)
  const room = (high - low) * 0.18 || Math.abs(high) * 0.1 || 1
  const floor = low >= 0 ? Math.max(0, low - room) : low - room
  return scaleLinear([floor, high + room], [HEIGHT - ROOM.bottom, ROOM.top]).nice(4)
})
const x = (i: number) =>
  ROOM.left + ((i + 0.5) / Math.max(props.points.length, 1)) * (width.value - ROOM.left - ROOM.right)
const description = computed(() =>
  props.points
    .map((p, i) =>
      words.fitted(i + 1, show(p.observed, props.role), show(p.fitted, props.role), p.apart ? words.standsApart : ''),
    )
    .join('; '),
)
const yTicks = computed(() => y.value.ticks(4).map((t) => ({ at: y.value(t), text: figure(t, props.role) })))
const frame = ref<{ picture: SVGSVGElement | null } | null>(null)
defineExpose({ picture: computed(() => frame.value?.picture ?? null) })
</script>

<template>
  <figure class="plot">
    <ChartFrame
      ref="frame"
      v-model:width="width"
      :height="HEIGHT"
      :title="title"
      :says="description"
      :room="ROOM"
      :y-ticks="yTicks"
    >
      <g v-for="(p, i) in points" :key="i">
        <path :d="`M${x(i)} ${y(p.observed)}V${y(p.fitted)}`" :stroke="INK" stroke-width="1.2" stroke-opacity="0.6" />
        <path :d="`M${x(i) - 11} ${y(p.fitted)}h22`" stroke="#b23a17" stroke-width="2.4" class="fit" />
        <circle :cx="x(i)" :cy="y(p.observed)" r="4.2" :fill="INK" />
        <circle
          v-if="p.apart"
          :cx="x(i)"
          :cy="y(p.observed)"
          r="9"
          fill="none"
          stroke="#b23a17"
          stroke-width="2"
          class="fit"
        />
        <text v-if="points.length <= 12 || i % 5 === 0" :x="x(i)" :y="HEIGHT - 8" text-anchor="middle">
          {{ p.label }}
        </text>
      </g>
    </ChartFrame>
    <figcaption><slot /></figcaption>
  </figure>
</template>

<style scoped>
.plot {
  margin: 0;
  max-width: 560px;
}
.v-theme--night .fit {
  stroke: rgb(var(--v-theme-secondary));
}
figcaption {
  font-size: var(--text-2);
}
</style>
