<script setup lang="ts">
import type { Path } from '../../../core/motion'
import type { Scene } from './scene'

/** Depths that were measured, as crosses where the path is deepest. */
const props = defineProps<{ scene: Scene; path: Path; measuredM: readonly number[] }>()
const APART_PX = 9
const deepestAt = computed(() => {
  const { x, z, retrieveStartIndex } = props.path
  const fished = z.slice(retrieveStartIndex)
  return x[retrieveStartIndex + fished.indexOf(Math.max(...fished))] ?? 0
})
</script>

<template>
  <g
    v-for="(m, i) in measuredM"
    :key="i"
    :transform="`translate(${scene.x(deepestAt) + (i - 1) * APART_PX} ${scene.z(m)})`"
  >
    <path d="M-5 0h10M0 -5v10" />
  </g>
</template>

<style scoped>
path {
  stroke: var(--colour-ink);
  stroke-width: 2.4;
  fill: none;
}
.v-theme--night path {
  stroke: var(--colour-glow-night);
}
</style>
