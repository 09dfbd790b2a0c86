<script setup lang="ts">
import { timeLine as words } from '../../../words'
import { scaleLinear, scaleTime } from 'd3-scale'
import { countAnswers, type MeasureId, type EffortRow } from '../../../core/review'

/** Outings through the seasons: effort as the height of the pale bar, what came of it as dots on it; blanks are seen too. */
const props = defineProps<{ tried: readonly EffortRow[]; measure: MeasureId; says: string }>()
const width = ref(800)
const H = 190
const ROOM = { left: 40, right: 12, top: 24, bottom: 30 }
const days = computed(() => {
  const by = new Map<string, { id: string; date: string; minutes: number; events: number }>()
  for (const t of props.tried) {
    const day = by.get(t.dayId) ?? { id: t.dayId, date: t.date, minutes: 0, events: 0 }
    day.minutes += t.minutes
    day.events += countAnswers(t, props.measure)
    by.set(t.dayId, day)
  }
  return [...by.values()].sort((a, b) => (a.date < b.date ? -1 : 1))
})
const x = computed(() => {
  const dates = days.value.map((d) => new Date(d.date))
  const [from, to] = [dates[0] ?? new Date(0), dates[dates.length - 1] ?? new Date(1)]
  return scaleTime([from, to], [44, Math.max(120, width.value - 20)])
})
const y = computed(() => scaleLinear([0, Math.max(1, ...days.value.map((d) => d.minutes / 60))], [H - 30, 24]).nice())
const dots = computed(() => scaleLinear([0, Math.max(4, ...days.value.map((d) => d.events))], [H - 30, 24]))
const yTicks = computed(() => y.value.ticks(3).map((t) => ({ at: y.value(t), text: `${t} h` })))
const xTicks = computed(() =>
  x.value.ticks(width.value > 600 ? 8 : 4).map((t) => ({ at: x.value(t), text: x.value.tickFormat()(t) })),
)
</script>

<template>
  <div>
    <ChartFrame
      v-if="days.length"
      v-model:width="width"
      :height="H"
      :says="
        words.outings(
          days.length,
          days.map((d) => words.inHours(d.date, d.events, (d.minutes / 60).toFixed(1))).join('; '),
        )
      "
      :room="ROOM"
      :y-ticks="yTicks"
      :x-ticks="xTicks"
    >
      <g v-for="d in days" :key="d.id">
        <rect
          :x="x(new Date(d.date)) - 5"
          :y="y(d.minutes / 60)"
          width="10"
          :height="H - 30 - y(d.minutes / 60)"
          rx="3"
          class="effort"
        />
        <path v-if="d.events" :d="`M${x(new Date(d.date))} ${H - 30}V${dots(d.events)}`" class="stem" />
        <circle
          :cx="x(new Date(d.date))"
          :cy="dots(d.events)"
          :r="d.events ? 4.5 : 3"
          :class="d.events ? 'caught' : 'blank'"
        />
        <text v-if="d.events" :x="x(new Date(d.date))" :y="dots(d.events) - 7" text-anchor="middle">
          {{ d.events }}
        </text>
      </g>
    </ChartFrame>
    <p class="quiet">{{ words.paleBarsHoursFished(says) }}</p>
  </div>
</template>

<style scoped>
.effort {
  fill: rgb(var(--v-theme-primary));
  fill-opacity: 0.22;
}
.stem {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.caught {
  fill: rgb(var(--v-theme-secondary));
}
.blank {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
}
</style>
