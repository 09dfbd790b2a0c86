<script setup lang="ts">
import { waterColumn as words } from '../../../words'
import type { Path } from '../../../core/motion'
import { envelopeOf, outlineOf } from './envelope'
import type { Scene } from './scene'

/** The room that the other answers of the list run through: one shade instead of a dozen saws. */
const props = defineProps<{ scene: Scene; others: readonly { path: Path; name: string }[]; reachM: number }>()
const STRIPS = 90
const shape = computed(() => {
  const paths = props.others.map((o) => o.path)
  return outlineOf(envelopeOf(paths, props.reachM, STRIPS), props.scene)
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
