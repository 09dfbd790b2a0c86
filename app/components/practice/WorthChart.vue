<script setup lang="ts">
import { practiceDebrief as words } from '../../../words'
import { scaleLinear } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'
import { max, mean } from 'd3-array'
import type { Debrief } from '../../../core/practice'

/** Minute by minute, what was held against the best there was; where it shifted, a line. */
const props = defineProps<{ worth: Debrief['worth']; shifts: readonly number[]; startH: number }>()
const width = ref(640)
const H = 200
const ROOM = { left: 40, right: 24, top: 12, bottom: 30 }
const x = computed(() =>
  scaleLinear([0, Math.max(1, props.worth.length)], [ROOM.left, Math.max(120, width.value - ROOM.right)]),
)
const y = computed(() =>
  scaleLinear([0, max(props.worth, (w) => Math.max(w.best, w.held)) ?? 1], [H - ROOM.bottom, ROOM.top]).nice(),
)
const path = (of: (w: Debrief['worth'][number]) => number) =>
  line<Debrief['worth'][number]>(
    (w) => x.value(w.min),
    (w) => y.value(of(w)),
  ).curve(curveStepAfter)(props.worth) ?? ''
const yTicks = computed(() => y.value.ticks(4).map((t) => ({ at: y.value(t), text: String(t), strong: t === 0 })))
const clock = (min: number) =>
  `${String((props.startH + Math.floor(min / 60)) % 24).padStart(2, '0')}:${String(min % 60).padStart(2, '0')}`
const xTicks = computed(() => {
  const every = props.worth.length > 150 ? 60 : 30
  return Array.from({ length: Math.floor(props.worth.length / every) + 1 }, (_, i) => ({
    at: x.value(i * every),
    text: clock(i * every),
  }))
})
const average = (of: (w: Debrief['worth'][number]) => number) => (mean(props.worth, of) ?? 0).toFixed(1)
</script>

<template>
  <div>
    <ChartFrame
      v-model:width="width"
      :height="H"
      :says="
        words.worthSays(
          average((w) => w.held),
          average((w) => w.best),
        )
      "
      :room="ROOM"
      :y-ticks="yTicks"
      :x-ticks="xTicks"
    >
      <path
        v-for="s in shifts"
        :key="s"
        :d="`M${x(s)} ${ROOM.top}V${H - ROOM.bottom}`"
        class="shift"
        stroke-dasharray="2 4"
      />
      <path :d="path((w) => w.best)" class="best" fill="none" stroke-dasharray="8 4" />
      <path :d="path((w) => w.held)" class="held" fill="none" />
    </ChartFrame>
    <p class="key"><span class="line held" />{{ words.yours }} <span class="line best" />{{ words.best }}</p>
    <p class="quiet">
      {{
        words.worthSays(
          average((w) => w.held),
          average((w) => w.best),
        )
      }}
    </p>
  </div>
</template>

<style scoped>
path.best {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
}
path.held {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.5;
}
.shift {
  stroke: rgba(var(--v-theme-on-surface), 0.4);
}
.key {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8);
}
.line {
  width: 28px;
  border-top: 3px solid rgb(var(--v-theme-secondary));
}
.line.best {
  border-top: 3px dashed rgb(var(--v-theme-primary));
}
</style>
