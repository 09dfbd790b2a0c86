<script setup lang="ts">
import { line } from 'd3-shape'
import type { Path } from '../../../core/motion'
import type { Lure } from '../../../core/tackle'
import type { Scene } from './scene'

/** The way of a lure: line from the rod tip, count-down with its seconds, retrieve, and the lure where its work is half done. */
const props = defineProps<{
  scene: Scene
  path: Path
  countDownS: number
  tip: { x: number; y: number }
  lure: Lure | null
  /** Depth of the bottom on which the sinker of a three-way stands, m. */
  dropper?: number | null
  /** Turns each of its colours into how it looks down there. */
  seen?: (colour: string) => string
}>()

const LURE_PX = 54
type Point = readonly [number, number]
const toPath = line<Point>()
const points = computed(() =>
  props.path.x.map((x, i): Point => [props.scene.x(x), props.scene.z(props.path.z[i] ?? 0)]),
)
const run = computed(() => toPath(points.value.slice(props.path.retrieveStartIndex)) ?? '')
const fall = computed(() => toPath(points.value.slice(0, props.path.retrieveStartIndex + 1)) ?? '')

/** Ticks of the count: every second, or every few where there are many. */
const ticks = computed(() => {
  const { path, countDownS: seconds, scene } = props
  if (seconds <= 0) return []
  const end = path.retrieveStartIndex
  const every = seconds <= 10 ? 1 : seconds <= 25 ? 5 : 10
  const zEnd = path.z[end] ?? 0
  const tEnd = path.t[Math.max(1, end === 2 ? 1 : end)] ?? seconds
  return Array.from({ length: Math.floor(seconds / every) }, (_, i) => (i + 1) * every).map((s) => ({
    s,
    y: scene.z(Math.min(zEnd, (zEnd * s) / Math.max(tEnd, 0.1))),
  }))
})

const midwayAt = computed(() => {
  const { path, scene } = props
  const half = ((path.t[path.retrieveStartIndex] ?? 0) + (path.t[path.t.length - 1] ?? 0)) / 2
  const i = Math.max(
    path.retrieveStartIndex,
    path.t.findIndex((t) => t >= half),
  )
  return { x: scene.x(path.x[i] ?? 0), y: scene.z(path.z[i] ?? 0) }
})
const fishingLine = computed(() => {
  const { tip } = props
  const at = midwayAt.value
  return `M${tip.x} ${tip.y}Q${(tip.x + at.x) / 2} ${tip.y + (at.y - tip.y) * 0.42} ${at.x} ${at.y}`
})
</script>

<template>
  <g>
    <path :d="fishingLine" class="line" />
    <path :d="fall" class="fall" />
    <g v-for="t in ticks" :key="t.s" :transform="`translate(${scene.x(path.x[0] ?? 0)} ${t.y})`">
      <path d="M-4 0h8" class="tick" />
      <text x="-8" y="4" text-anchor="end" class="on-water">{{ t.s }}</text>
    </g>
    <path v-if="dropper" :d="`M${midwayAt.x} ${midwayAt.y}L${midwayAt.x - 14} ${scene.z(dropper)}`" class="line" />
    <circle v-if="dropper" :cx="midwayAt.x - 14" :cy="scene.z(dropper) - 5" r="5" class="sinker" />
    <path :d="run" class="halo" />
    <path :d="run" class="run" data-testid="lure-path" />
    <g v-if="lure" :transform="`translate(${midwayAt.x} ${midwayAt.y})`">
      <LureDrawing :lure="lure" :width-px="LURE_PX" :seen="seen" nested />
    </g>
  </g>
</template>

<style scoped>
.line {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 0.9;
  opacity: 0.55;
}
.sinker {
  fill: rgb(var(--v-theme-on-surface));
}
.fall {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
  stroke-dasharray: 2 4;
}
.tick {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
}
.halo {
  fill: none;
  stroke: var(--colour-paper);
  stroke-width: 5.5;
  stroke-linejoin: bevel;
  opacity: 0.85;
}
.v-theme--night .halo {
  stroke: var(--colour-dark-night);
}
.run {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.6;
  stroke-linejoin: bevel;
}
</style>
