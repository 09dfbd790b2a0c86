<script setup lang="ts">
import { ticks } from 'd3-array'
import { techniquePath as texts } from '../../../words'
import type { TechniqueShown } from '../../../core/match'
import { deliveryOf } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** The path of a lure in a technique: by distance where it is worked home, by time where it stays under the rod or goes with boat or water. */
const props = defineProps<{ shown: TechniqueShown; says: string }>()
const { show } = useMeasure()
const W = ref(640)
const H = 190
const ROOM = { left: 52, right: 16, top: 16, bottom: 28 } as const
/** So many rounds are enough to see the beat, after the sinking. */
const ROUNDS = 6
const byTime = computed(() => {
  const { thrown } = deliveryOf(props.shown.work.technique.delivery)
  return thrown === 'none' || deliveryOf(props.shown.work.technique.delivery).pace !== 'hand'
})
const points = computed(() => {
  const { path, cadence } = props.shown
  const leadS = path.t[path.retrieveStartIndex] ?? 0
  const untilS = byTime.value ? leadS + ROUNDS * Math.max(2, cadence.loopS) : Infinity
  return path.z.flatMap((z, i) => {
    const t = path.t[i] ?? 0
    return t > untilS ? [] : [{ at: byTime.value ? t : (path.x[i] ?? 0), z, sinks: i <= path.retrieveStartIndex }]
  })
})
const most = computed(() => Math.max(1, ...points.value.map((p) => p.at)))
const x = (at: number) => ROOM.left + (at / most.value) * (W.value - ROOM.left - ROOM.right)
const y = (z: number) => ROOM.top + (z / props.shown.depthM) * (H - ROOM.top - ROOM.bottom)
const line = (list: readonly { at: number; z: number }[]) =>
  list.map(({ at, z }, i) => `${i ? 'L' : 'M'}${x(at).toFixed(1)} ${y(z).toFixed(1)}`).join('')
const sinking = computed(() => line(points.value.filter((p) => p.sinks)))
const worked = computed(() => {
  const start = points.value.findIndex((p) => !p.sinks)
  return start < 0 ? '' : line(points.value.slice(Math.max(0, start - 1)))
})
const yTicks = computed(() =>
  [0, props.shown.depthM / 2, props.shown.depthM].map((z) => ({ at: y(z), text: show(z, 'depth'), strong: z === 0 })),
)
const xTicks = computed(() =>
  ticks(0, most.value, 5).map((at) => ({ at: x(at), text: byTime.value ? `${at} s` : show(at, 'distance') })),
)
</script>

<template>
  <ChartFrame v-model:width="W" :height="H" :says="says" :room="ROOM" :y-ticks="yTicks" :x-ticks="xTicks">
    <template #under>
      <rect
        :x="ROOM.left"
        :y="y(0)"
        :width="W - ROOM.left - ROOM.right"
        :height="y(shown.depthM) - y(0)"
        class="water"
      />
      <rect :x="ROOM.left" :y="y(shown.depthM)" :width="W - ROOM.left - ROOM.right" height="4" class="bottom" />
    </template>
    <path :d="sinking" class="sinking" />
    <path :d="worked" class="worked" />
    <title>{{ byTime ? texts.time : texts.fromYou }}</title>
  </ChartFrame>
</template>

<style scoped>
.water {
  fill: rgb(var(--v-theme-primary));
  fill-opacity: 0.1;
}
.bottom {
  fill: rgb(var(--v-theme-on-surface));
  fill-opacity: 0.35;
}
.sinking,
.worked {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.2;
  stroke-linejoin: round;
}
.sinking {
  stroke-width: 1.4;
  stroke-dasharray: 4 4;
}
</style>
