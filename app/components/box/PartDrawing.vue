<script setup lang="ts">
import { scaleLog } from 'd3-scale'
import { drawPart, type Part, type PartKind, type PartOf } from '../../../core/tackle'

/** A part to scale, or its range: a rod's lure weights on a scale from 1 to 200 g, a line ten times as thick as it is. */
const props = defineProps<{ kind: PartKind; part: Part }>()

const WIDE = 110
const PX_PER_MM = 1.1
const LINE_TIMES = 10
const weight = scaleLog([0.001, 0.2], [4, WIDE - 4])
const range = computed(() => {
  if (props.kind !== 'rods') return null
  const { lureMinKg, lureMaxKg } = props.part as PartOf<'rods'>
  return [weight(lureMinKg), weight(lureMaxKg)].map((x) => Math.min(WIDE - 4, Math.max(4, x)))
})
const thick = computed(() => ('diameterM' in props.part ? props.part.diameterM * 1000 * LINE_TIMES * PX_PER_MM : 0))
const shapes = computed(() => drawPart(props.kind, props.part as PartOf<typeof props.kind>))
</script>

<template>
  <svg :width="WIDE" height="54" :viewBox="`0 0 ${WIDE} 54`" aria-hidden="true" class="part">
    <g v-if="range" class="range">
      <path :d="`M4 30H${WIDE - 4}`" class="rule" />
      <path v-for="g in [0.001, 0.01, 0.1]" :key="g" :d="`M${weight(g)} 26v8`" class="rule" />
      <rect :x="range[0]" y="24" :width="Math.max(2, (range[1] ?? 0) - (range[0] ?? 0))" height="12" rx="6" />
    </g>
    <path v-else-if="thick" :d="`M6 27H${WIDE - 6}`" class="line" :stroke-width="thick" />
    <g v-else-if="shapes.length" :transform="`translate(${WIDE / 2} 30) scale(${PX_PER_MM})`">
      <path
        v-for="(s, i) in shapes"
        :key="i"
        :d="s.d"
        :fill="s.fill ?? 'none'"
        :stroke="s.stroke ?? 'none'"
        :stroke-width="s.width ?? 0"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
    </g>
    <g v-else class="reel">
      <circle :cx="WIDE / 2" cy="27" r="15" />
      <circle :cx="WIDE / 2" cy="27" r="5" />
      <path :d="`M${WIDE / 2} 27l20 -12`" />
    </g>
  </svg>
</template>

<style scoped>
.part {
  display: block;
  border-radius: 10px;
  background: #dde3d8;
}
.v-theme--night .part {
  background: #8a7358;
}
.rule {
  stroke: #5d6367;
  stroke-width: 1;
}
.range rect {
  fill: #0f4f52;
}
.line {
  stroke: #2a2f2c;
  stroke-linecap: round;
}
.reel circle,
.reel path {
  fill: none;
  stroke: #2a2f2c;
  stroke-width: 2;
}
</style>
