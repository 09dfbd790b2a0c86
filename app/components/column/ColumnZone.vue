<script setup lang="ts">
import { scatter, type Scene } from './scene'

/** Where the fish hold: a lit band with fish in it. */
const props = defineProps<{ scene: Scene; topM: number; bottomM: number; reachM: number }>()

const fish = computed(() => {
  const { x, z } = props.scene
  return [0.3, 0.52, 0.55, 0.78].map((share, i) => ({
    x: x(props.reachM * share),
    y: z(props.topM + (props.bottomM - props.topM) * (0.3 + 0.45 * scatter(i + 20))),
    scale: 0.8 + 0.35 * scatter(i + 40),
  }))
})
</script>

<template>
  <g aria-hidden="true">
    <rect
      :x="scene.left"
      :y="scene.z(topM)"
      :width="scene.right - scene.left"
      :height="scene.z(bottomM) - scene.z(topM)"
      class="zone"
    />
    <path
      :d="`M${scene.left} ${scene.z(topM)}H${scene.right}M${scene.left} ${scene.z(bottomM)}H${scene.right}`"
      class="edge"
    />
    <g v-for="(f, i) in fish" :key="i" class="fish" :transform="`translate(${f.x} ${f.y}) scale(${f.scale})`">
      <path d="M-15 0C-8 -7 5 -7 12 -1L19 -6C18 -2 18 2 19 6L12 1C5 7 -8 7 -15 0Z" />
    </g>
  </g>
</template>

<style scoped>
.zone {
  fill: var(--colour-paper);
  fill-opacity: 0.16;
}
.edge {
  stroke: var(--colour-paper);
  stroke-width: 1.4;
  stroke-dasharray: 7 5;
  fill: none;
  opacity: 0.95;
}
.fish path {
  fill: var(--colour-ink);
  opacity: 0.34;
}
.v-theme--night .edge {
  stroke: var(--colour-signal-night);
}
.v-theme--night .zone,
.v-theme--night .fish path {
  fill: var(--colour-signal-night);
}
</style>
