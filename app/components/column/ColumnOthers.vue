<script setup lang="ts">
import { area } from 'd3-shape'
import { waterColumn as words } from '../../../words'
import type { Path } from '../../../core/motion'
import { envelopeOf } from './envelope'
import type { Scene } from './scene'

/** The room that the other answers of the list run through: one shade instead of a dozen saws. */
const props = defineProps<{ scene: Scene; others: readonly { path: Path; name: string }[]; reachM: number }>()
const STRIPS = 90
const envelope = computed(() =>
  envelopeOf(
    props.others.map((o) => o.path),
    props.reachM,
    STRIPS,
  ),
)
const shape = computed(() => {
  const { x, low, high } = envelope.value
  if (x.length < 2) return ''
  const draw = area<number>()
    .x((_, i) => props.scene.x(x[i] ?? 0))
    .y0((_, i) => props.scene.z(low[i] ?? 0))
    .y1((_, i) => props.scene.z(high[i] ?? 0))
  return draw([...x]) ?? ''
})
</script>

<template>
  <path v-if="shape" :d="shape" class="others" data-testid="others">
    <title>{{ words.othersRunHere }}</title>
  </path>
</template>

<style scoped>
.others {
  fill: var(--colour-paper);
  fill-opacity: 0.2;
}
.v-theme--night .others {
  fill: var(--colour-ink-night);
  fill-opacity: 0.12;
}
</style>
