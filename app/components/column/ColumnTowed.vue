<script setup lang="ts">
import { line } from 'd3-shape'
import { towedLine, type CastPlan, type Path } from '../../../core/motion'
import type { Lure } from '../../../core/tackle'
import type { Scene } from './scene'

/** A lure behind a boat: hull, line or cable with its ball, and the way that the lure goes, again and again. */
const props = defineProps<{
  scene: Scene
  plan: CastPlan
  path: Path
  tip: { x: number; y: number }
  lure: Lure | null
  seen?: (colour: string) => string
}>()

const LURE_PX = 54
type Point = readonly [number, number]
const toPath = line<Point>()
const at = computed(() => ({ x: props.path.x[0] ?? 0, z: props.path.z[0] ?? 0 }))
const ballM = computed(() => props.plan.ballM)
const drawn = computed(() => towedLine(props.plan, at.value))
const onScene = ({ x, z }: { x: number; z: number }): Point => [props.scene.x(x), props.scene.z(z)]
/** From the lure up: to the clip at the ball, or to the surface and on to the tip. */
const lineDrawn = computed(() => {
  const points = drawn.value.map(onScene)
  if (ballM.value === null) points.push([props.tip.x, props.tip.y])
  else points.push(onScene({ x: 0, z: ballM.value }), [props.tip.x, props.tip.y])
  return toPath(points) ?? ''
})
const lifts = computed(() => Math.min(...props.path.z) < at.value.z - 0.05)
const top = computed(() => props.scene.z(Math.min(...props.path.z)))
const lurePx = computed(() => ({ x: props.scene.x(at.value.x), y: props.scene.z(at.value.z) }))
/** The depth it runs at, as a band along the picture: everywhere the boat has gone. */
const wake = computed(() => `M${lurePx.value.x} ${lurePx.value.y}H${props.scene.right}`)
const hull = computed(() => {
  const { skyPx, left } = props.scene
  return `M${left - 46} ${skyPx - 15}H${left + 22}L${left + 15} ${skyPx + 3}H${left - 40}Z`
})
</script>

<template>
  <g>
    <path :d="hull" class="hull" />
    <path
      v-if="ballM !== null"
      :d="`M${scene.x(0)} ${scene.skyPx - 12}L${scene.x(0)} ${scene.z(ballM)}`"
      class="cable"
    />
    <path :d="lineDrawn" class="line" />
    <circle v-if="ballM !== null" :cx="scene.x(0)" :cy="scene.z(ballM)" r="6" class="ball" data-testid="ball" />
    <path :d="wake" class="halo" />
    <path :d="wake" class="run" data-testid="lure-path" />
    <path v-if="lifts" :d="`M${lurePx.x} ${lurePx.y}V${top}`" class="lift" />
    <g v-if="lure" :transform="`translate(${lurePx.x} ${lurePx.y})`">
      <LureDrawing :lure="lure" :width-px="LURE_PX" :seen="seen" nested />
    </g>
  </g>
</template>

<style scoped>
.hull {
  fill: var(--colour-rod);
  opacity: 0.85;
}
.v-theme--night .hull {
  fill: var(--colour-rod-night);
}
.line,
.cable {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1;
  opacity: 0.6;
}
.cable {
  stroke-width: 1.8;
}
.ball {
  fill: rgb(var(--v-theme-on-surface));
}
.halo {
  fill: none;
  stroke: var(--colour-paper);
  stroke-width: 5.5;
  opacity: 0.7;
}
.v-theme--night .halo {
  stroke: var(--colour-dark-night);
}
.run {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.6;
  stroke-dasharray: 10 6;
}
.lift {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.6;
}
</style>
