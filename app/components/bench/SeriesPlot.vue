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
const SIZE = { width: 460, height: 190, left: 52, right: 12, top: 14, bottom: 26 }
const INK = 'currentColor'
const values = computed(() => props.points.flatMap((p) => [p.observed, p.fitted]))
const y = computed(() => {
  const low = Math.min(...values.value)
  const high = Math.max(...values.value)
  const room = (high - low) * 0.18 || Math.abs(high) * 0.1 || 1
  const floor = low >= 0 ? Math.max(0, low - room) : low - room
  return scaleLinear([floor, high + room], [SIZE.height - SIZE.bottom, SIZE.top]).nice(4)
})
const x = (i: number) =>
  SIZE.left + ((i + 0.5) / Math.max(props.points.length, 1)) * (SIZE.width - SIZE.left - SIZE.right)
const description = computed(() =>
  props.points
    .map((p, i) =>
      words.fitted(i + 1, show(p.observed, props.role), show(p.fitted, props.role), p.apart ? words.standsApart : ''),
    )
    .join('; '),
)
const picture = ref<SVGSVGElement | null>(null)
defineExpose({ picture })
</script>

<template>
  <figure class="plot">
    <svg
      ref="picture"
      :viewBox="`0 0 ${SIZE.width} ${SIZE.height}`"
      role="img"
      :aria-label="`${title}. ${description}`"
      font-family="sans-serif"
      font-size="11"
    >
      <title>{{ title }}</title>
      <g v-for="t in y.ticks(4)" :key="t">
        <path :d="`M${SIZE.left} ${y(t)}H${SIZE.width - SIZE.right}`" :stroke="INK" stroke-opacity="0.16" />
        <text :x="SIZE.left - 6" :y="y(t) + 4" text-anchor="end" :fill="INK">{{ figure(t, role) }}</text>
      </g>
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
        <text v-if="points.length <= 12 || i % 5 === 0" :x="x(i)" :y="SIZE.height - 8" text-anchor="middle" :fill="INK">
          {{ p.label }}
        </text>
      </g>
    </svg>
    <figcaption><slot /></figcaption>
  </figure>
</template>

<style scoped>
.plot {
  margin: 0;
}
.plot svg {
  display: block;
  width: 100%;
  max-width: 560px;
  color: rgb(var(--v-theme-on-surface));
}
.plot text {
  font-family: var(--v-font-body);
}
.v-theme--night .fit {
  stroke: rgb(var(--v-theme-secondary));
}
figcaption {
  font-size: var(--text-2);
}
</style>
