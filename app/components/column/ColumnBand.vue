<script setup lang="ts">
import type { Band } from '../../../core/bench'
import { outlineOf } from './envelope'
import type { Scene } from './scene'

/** Where the path may lie as well, 19 times in 20. */
const props = defineProps<{ scene: Scene; band: Band }>()
const shape = computed(() => outlineOf(props.band, props.scene))
</script>

<template>
  <path v-if="shape" :d="shape" class="band" data-testid="path-band" />
</template>

<style scoped>
/* The band of what is not known for sure: pale, and hatched by its edge alone in black and white. */
.band {
  fill: var(--colour-paper);
  fill-opacity: 0.22;
  stroke: var(--colour-paper);
  stroke-opacity: 0.7;
  stroke-width: 1;
  stroke-dasharray: 5 3;
}
.v-theme--night .band {
  fill: var(--colour-ink-night);
  fill-opacity: 0.2;
  stroke: var(--colour-ink-night);
  stroke-opacity: 0.5;
}
</style>
