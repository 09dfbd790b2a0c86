<script setup lang="ts">
import { dayBand as words, percent, sayHours } from '../../../words'
import type { Block, Plan, Planned } from '../../../core/plan'
import { bandLegs, ribbon, type BandLeg } from './day-band'
import { useBox } from '~/stores/box'

/** The day as a band: light and tide above, below it a ribbon for each lure, as wide as it is worth hour by hour. */
const props = defineProps<{
  plan: Plan
  planned: Planned
  chosen: string | null
  /** What holds only so far is not moved. */
  still: boolean
}>()
const emit = defineEmits<{ choose: [id: string]; move: [block: Block, fromH: number, toH: number] }>()

const box = useBox()
const frame = ref<HTMLElement | null>(null)
const width = ref(960)
let watching: ResizeObserver | null = null
onMounted(() => {
  watching = new ResizeObserver(([entry]) => {
    if (entry && entry.contentRect.width > 0) width.value = Math.round(entry.contentRect.width)
  })
  if (frame.value) watching.observe(frame.value)
})
onBeforeUnmount(() => watching?.disconnect())

const narrow = computed(() => width.value < 620)
const LEFT = computed(() => (narrow.value ? 64 : 176))
const SKY = { top: 20, height: 56 }
const ROW = computed(() => (narrow.value ? 38 : 44))
const FIRST = SKY.top + SKY.height + 26
const H = computed(() => FIRST + props.planned.lures.length * ROW.value + 10)
const legs = computed(() => bandLegs(props.plan.legs, box.places, LEFT.value, width.value - 12))

const best = computed(() => Math.max(1e-9, ...props.planned.hours.map((h) => h.whole)))
const halfOf = (worth: number) => 1 + (worth / best.value) * (ROW.value / 2 - 4)
const rows = computed(() =>
  props.planned.lures.map(({ lureId, name }, i) => ({
    lureId,
    name,
    lure: box.lureById.get(lureId),
    y: FIRST + (i + 0.5) * ROW.value,
    ways: legs.value.map((leg) => ribbon(leg, props.planned.hours, i, halfOf, FIRST + (i + 0.5) * ROW.value)),
  })),
)
const rowOf = (carriedId: string) => {
  const lureId = props.planned.carried.find(({ id }) => id === carriedId)?.lureId
  return rows.value.findIndex((row) => row.lureId === lureId)
}
const rodName = (id: string) => box.box.rods.find((rod) => rod.id === id)?.name ?? ''
const shareIn = (lure: number, legId: string, fromH: number, toH: number) => {
  const mine = props.planned.hours.filter((h) => h.legId === legId && h.fromH >= fromH - 1 && h.toH <= toH + 1e-9)
  const sum = mine.reduce((all, h) => all + (h.each[lure] ?? 0) / Math.max(1e-9, h.whole), 0)
  return percent(sum / Math.max(1, mine.length))
}
/** A ribbon thinner than this has no room for its figure, px: it stands above. */
const THIN_PX = 15
const meanIn = (lure: number, { legId, fromH, toH }: Block) => {
  const mine = props.planned.hours.filter((h) => h.legId === legId && h.fromH >= fromH - 1 && h.toH <= toH + 1e-9)
  return mine.reduce((all, h) => all + (h.each[lure] ?? 0), 0) / Math.max(1, mine.length)
}
const blocks = computed(() =>
  props.planned.blocks.flatMap((block) => {
    const leg = legs.value.find((one) => one.leg.id === block.legId)
    const row = rowOf(block.carriedId)
    const lure = rows.value[row]
    if (!leg || !lure) return []
    const [fromH, toH] = dragged.value?.id === block.id ? dragged.value.hours : [block.fromH, block.toH]
    return [
      {
        block,
        leg,
        y: lure.y,
        x0: leg.x(fromH),
        x1: leg.x(toH),
        path: ribbon(leg, props.planned.hours, row, halfOf, lure.y, [fromH, toH]),
        says: words.block(lure.name, sayHours(fromH, toH), rodName(block.rodId)),
        share: shareIn(row, block.legId, block.fromH, block.toH),
        thin: 2 * halfOf(meanIn(row, block)) < THIN_PX,
      },
    ]
  }),
)
/** What is rigged on the other rods meanwhile. */
const besides = computed(() =>
  props.planned.blocks.flatMap((block) =>
    block.beside.flatMap(({ carriedId }) => {
      const leg = legs.value.find((one) => one.leg.id === block.legId)
      const row = rowOf(carriedId)
      const lure = rows.value[row]
      return leg && lure
        ? [{ key: `${block.id} ${carriedId}`, x0: leg.x(block.fromH), x1: leg.x(block.toH), y: lure.y }]
        : []
    }),
  ),
)
const ticks = computed(() =>
  legs.value.flatMap(({ leg, x, x0, x1 }) => {
    const span = leg.toH - leg.fromH
    const every = (x1 - x0) / span > 34 ? 1 : (x1 - x0) / span > 17 ? 2 : 3
    return Array.from({ length: span + 1 }, (_, i) => leg.fromH + i)
      .filter((h) => (h - leg.fromH) % every === 0)
      .map((h) => ({ key: `${leg.id} ${h}`, x: x(h), text: String(h % 24) }))
  }),
)

/** A block under the hand: by whole hours, within its leg. */
const dragged = ref<{ id: string; hours: [number, number] } | null>(null)
let grip: { leg: BandLeg; block: Block; from: number } | null = null
function press(event: PointerEvent, block: Block, leg: BandLeg) {
  emit('choose', block.id)
  if (props.still || event.button !== 0) return
  grip = { leg, block, from: leg.hourAt(event.clientX) }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (!grip) return
  const { leg, block, from } = grip
  const by = Math.round(leg.hourAt(event.clientX) - from)
  dragged.value = { id: block.id, hours: moved(block, leg, by) }
}
function drop() {
  const to = dragged.value
  const block = grip?.block
  grip = null
  dragged.value = null
  if (to && block && (to.hours[0] !== block.fromH || to.hours[1] !== block.toH)) emit('move', block, ...to.hours)
}
function moved({ fromH, toH }: Block, { leg }: BandLeg, by: number): [number, number] {
  const at = Math.min(leg.toH - (toH - fromH), Math.max(leg.fromH, fromH + by))
  return [at, at + toH - fromH]
}
function key(event: KeyboardEvent, block: Block, leg: BandLeg) {
  const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', block.id)
  }
  if (by === 0 || props.still) return
  event.preventDefault()
  const [fromH, toH] = event.shiftKey
    ? [block.fromH, Math.min(leg.leg.toH, Math.max(block.fromH + 1, block.toH + by))]
    : moved(block, leg, by)
  if (fromH !== block.fromH || toH !== block.toH) emit('move', block, fromH, toH)
}
const says = computed(() => words.says(blocks.value.map((b) => b.says).join('; ')))
</script>

<template>
  <section ref="frame" class="band panel" :aria-label="words.theDay">
    <svg :viewBox="`0 0 ${width} ${H}`" :height="H" role="group" :aria-label="says">
      <DaySky :legs="legs" :strip="SKY" :ground="{ top: FIRST - 4, height: H - FIRST }" :narrow="narrow" />
      <g v-for="t in ticks" :key="t.key" aria-hidden="true">
        <line :x1="t.x" :x2="t.x" :y1="SKY.top + SKY.height" :y2="H - 6" class="hour" />
        <text :x="t.x" :y="SKY.top + SKY.height + 15" text-anchor="middle" class="small">{{ t.text }}</text>
      </g>
      <g v-for="row in rows" :key="row.lureId">
        <svg
          v-if="row.lure"
          x="4"
          :y="row.y - ROW / 2 + 2"
          :width="narrow ? 56 : 66"
          :height="ROW - 4"
          overflow="visible"
          aria-hidden="true"
        >
          <foreignObject :width="narrow ? 56 : 66" :height="ROW - 4">
            <div class="drawn"><LureDrawing :lure="row.lure" :width-px="narrow ? 38 : 46" /></div>
          </foreignObject>
        </svg>
        <foreignObject v-if="!narrow" x="76" :y="row.y - ROW / 2 + 2" :width="LEFT - 84" :height="ROW - 4">
          <div class="name" :title="row.name">{{ row.name }}</div>
        </foreignObject>
        <path v-for="(d, i) in row.ways" :key="i" :d="d" class="ribbon" />
      </g>
      <rect
        v-for="b in besides"
        :key="b.key"
        :x="b.x0 + 1"
        :y="b.y - ROW / 2 + 5"
        :width="Math.max(0, b.x1 - b.x0 - 2)"
        :height="ROW - 10"
        rx="6"
        class="beside"
        aria-hidden="true"
      />
      <g
        v-for="b in blocks"
        :key="b.block.id"
        role="button"
        tabindex="0"
        :aria-label="`${b.says}${b.block.locked ? `, ${words.locked}` : ''}`"
        :aria-pressed="chosen === b.block.id"
        :class="['block', { chosen: chosen === b.block.id, still }]"
        :data-block="b.block.id"
        @pointerdown="press($event, b.block, b.leg)"
        @pointermove="drag"
        @pointerup="drop"
        @pointercancel="drop"
        @keydown="key($event, b.block, b.leg)"
      >
        <rect
          :x="b.x0 + 1"
          :y="b.y - ROW / 2 + 2"
          :width="Math.max(2, b.x1 - b.x0 - 2)"
          :height="ROW - 4"
          rx="8"
          class="hold"
        />
        <path :d="b.path" class="fished" />
        <text
          v-if="b.x1 - b.x0 > 46"
          :x="(b.x0 + b.x1) / 2"
          :y="b.thin ? b.y - 7 : b.y + 4"
          text-anchor="middle"
          :class="['share', { thin: b.thin }]"
        >
          {{ b.share }}
        </text>
        <path
          v-if="b.block.locked"
          :transform="`translate(${b.x0 + 7} ${b.y - ROW / 2 + 7})`"
          d="M0 5h9v7H0zM2 5V3a2.5 2.5 0 0 1 5 0v2"
          class="lock"
        />
      </g>
    </svg>
    <p class="quiet note">{{ words.wide }}</p>
  </section>
</template>

<style scoped>
.band {
  padding: var(--space-8) var(--space-12) var(--space-12);
  user-select: none;
}
svg {
  display: block;
  width: 100%;
}
.small {
  font-size: var(--text-1);
  fill: currentcolor;
}
.hour {
  stroke: rgba(var(--v-border-color), 0.16);
}
.ribbon {
  fill: rgba(var(--v-theme-primary), 0.2);
}
.beside {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-dasharray: 2 4;
  opacity: 0.7;
}
.block {
  cursor: grab;
  touch-action: pan-y;
}
.block.still {
  cursor: pointer;
}
.block .hold {
  fill: transparent;
}
.block.chosen .hold {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.block:focus-visible {
  outline: none;
}
.block:focus-visible .hold {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 3;
}
.fished {
  fill: rgb(var(--v-theme-primary));
}
.share {
  font-size: var(--text-1);
  font-weight: 650;
  fill: rgb(var(--v-theme-on-primary));
  pointer-events: none;
}
.share.thin {
  fill: currentcolor;
}
.lock {
  fill: rgb(var(--v-theme-on-primary));
  stroke: rgb(var(--v-theme-on-primary));
  stroke-width: 1.4;
  fill-opacity: 0.7;
  pointer-events: none;
}
.drawn {
  display: grid;
  place-items: center;
  height: 100%;
}
.name {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
  height: 100%;
  align-content: center;
  font-size: var(--text-2);
  line-height: 1.15;
}
.note {
  font-size: var(--text-2);
  max-width: 80ch;
}
</style>
