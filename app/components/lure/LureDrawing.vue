<script setup lang="ts">
import { drawLure, type Drawable } from '../../../core/tackle'

/** A lure drawn from its fields. Either fitted to a width, or to a scale that several drawings share. */
const props = defineProps<{
  lure: Drawable
  /** Width of the lure's own length, px. */
  widthPx?: number
  /** Or px per mm, so that lures side by side compare. */
  pxPerMm?: number
  /** Inside another SVG: drawn around the point it stands at. */
  nested?: boolean
  /** Turns each colour into how it looks where the lure is. */
  seen?: (colour: string) => string
}>()

const shapes = computed(() => {
  const drawn = drawLure(props.lure)
  const { seen } = props
  if (!seen) return drawn
  return drawn.map((s) => ({ ...s, fill: s.fill && seen(s.fill), stroke: s.stroke && seen(s.stroke) }))
})
const lengthMm = computed(() => props.lure.lengthM * 1000)
const scale = computed(() => props.pxPerMm ?? (props.widthPx ?? 120) / lengthMm.value)
/** Room round the lure for lip, blades and hooks, as shares of its length. */
const ROOM = { left: 0.3, right: 0.14, up: 0.46, down: 0.4 }
const box = computed(() => {
  const l = lengthMm.value
  return `${-ROOM.left * l} ${-ROOM.up * l} ${l * (1 + ROOM.left + ROOM.right)} ${l * (ROOM.up + ROOM.down)}`
})
</script>

<template>
  <g v-if="nested" :transform="`scale(${scale}) translate(${-lengthMm * 0.1} 0)`" aria-hidden="true">
    <path
      v-for="(s, i) in shapes"
      :key="i"
      :d="s.d"
      :fill="s.fill ?? 'none'"
      :stroke="s.stroke ?? 'none'"
      :stroke-width="s.width ?? 0"
      :opacity="s.opacity ?? 1"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </g>
  <svg
    v-else
    :width="lengthMm * (1 + ROOM.left + ROOM.right) * scale"
    :height="lengthMm * (ROOM.up + ROOM.down) * scale"
    :viewBox="box"
    aria-hidden="true"
    class="lure"
  >
    <path
      v-for="(s, i) in shapes"
      :key="i"
      :d="s.d"
      :fill="s.fill ?? 'none'"
      :stroke="s.stroke ?? 'none'"
      :stroke-width="s.width ?? 0"
      :opacity="s.opacity ?? 1"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>

<style scoped>
.lure {
  display: block;
  max-width: 100%;
  height: auto;
}
</style>
