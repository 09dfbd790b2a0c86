<script setup lang="ts">
import { scaleLog } from 'd3-scale'
import { EASY_TURNS } from '../../../data/tackle-limits'
import { drawPart, type Part, type PartKind, type PartOf } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** A part to scale, or its range: the weights of a rod and the speeds of a reel as a bar, a line ten times as thick as it is. */
const props = defineProps<{ kind: PartKind; part: Part }>()

const WIDE = 110
const PX_PER_MM = 1.1
const LINE_TIMES = 10
const { show } = useMeasure()

/** What is drawn as a bar on a scale that grows by proportion: lure weights of a rod, winding speeds of a reel. */
const SCALES = {
  rods: { of: [0.001, 0.2], ticks: [0.001, 0.01, 0.1], role: 'lureMass' },
  reels: { of: [0.1, 3], ticks: [0.1, 1], role: 'lureSpeed' },
} as const
function ends(): readonly [number, number] {
  if (props.kind === 'rods') {
    const { lureMinKg, lureMaxKg } = props.part as PartOf<'rods'>
    return [lureMinKg, lureMaxKg]
  }
  const { linePerTurnM } = props.part as PartOf<'reels'>
  return [EASY_TURNS.least * linePerTurnM, EASY_TURNS.most * linePerTurnM]
}
const bar = computed(() => {
  if (props.kind !== 'rods' && props.kind !== 'reels') return null
  const { of, ticks, role } = SCALES[props.kind]
  const at = scaleLog(of, [8, WIDE - 8]).clamp(true)
  const [from, to] = ends()
  return {
    x: at(from),
    width: Math.max(3, at(to) - at(from)),
    ticks: ticks.map((t) => ({ x: at(t), text: show(t, role) })),
  }
})
const thick = computed(() => ('diameterM' in props.part ? props.part.diameterM * 1000 * LINE_TIMES * PX_PER_MM : 0))
const shapes = computed(() => drawPart(props.kind, props.part as PartOf<typeof props.kind>))
</script>

<template>
  <svg :width="WIDE" height="54" :viewBox="`0 0 ${WIDE} 54`" aria-hidden="true" class="part">
    <g v-if="bar" class="range">
      <path :d="`M4 20H${WIDE - 4}`" class="rule" />
      <template v-for="t in bar.ticks" :key="t.x">
        <path :d="`M${t.x} 16v8`" class="rule" />
        <text :x="t.x" y="44" :text-anchor="t.x < 20 ? 'start' : t.x > WIDE - 20 ? 'end' : 'middle'">{{ t.text }}</text>
      </template>
      <rect :x="bar.x" y="14" :width="bar.width" height="12" rx="6" />
    </g>
    <path v-else-if="thick" :d="`M6 27H${WIDE - 6}`" class="line" :stroke-width="thick" />
    <g v-else :transform="`translate(${WIDE / 2} 30) scale(${PX_PER_MM})`">
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
  </svg>
</template>

<style scoped>
.part {
  display: block;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
}
.rule {
  stroke: var(--colour-steel);
  stroke-width: 1;
}
.range rect {
  fill: var(--colour-reel);
}
.line {
  stroke: var(--colour-steel-dark);
  stroke-linecap: round;
}
text {
  font-size: var(--text-1);
  fill: var(--colour-steel-dark);
}
</style>
