<script setup lang="ts">
/** A grip in the picture: dragged by mouse or finger, moved by arrow keys, read out as a slider. */
const props = defineProps<{
  x: number
  y: number
  label: string
  value: number
  min: number
  max: number
  step: number
  text: string
  axis: 'x' | 'y'
  /** Arrow up raises the value (rod tip, cast) or lowers it (depths). */
  upRaises?: boolean
}>()
const emit = defineEmits<{ drag: [point: { x: number; y: number }]; set: [value: number] }>()

const grip = ref<SVGGElement | null>(null)
const held = ref(false)

/** Where the picture stands on the page, measured once as the grip is taken: asking at every move would lay the page out again. */
let origin = { left: 0, top: 0 }

function take(event: PointerEvent) {
  const svg = grip.value?.ownerSVGElement
  if (svg) origin = svg.getBoundingClientRect()
  grip.value?.setPointerCapture(event.pointerId)
  held.value = true
}
function move(event: PointerEvent) {
  if (held.value) emit('drag', { x: event.clientX - origin.left, y: event.clientY - origin.top })
}
function key(event: KeyboardEvent) {
  const sign = { ArrowUp: props.upRaises ? 1 : -1, ArrowDown: props.upRaises ? -1 : 1, ArrowRight: 1, ArrowLeft: -1 }[
    event.key
  ]
  const jump = event.key === 'PageUp' ? 5 : event.key === 'PageDown' ? -5 : (sign ?? 0)
  if (jump === 0 && event.key !== 'Home' && event.key !== 'End') return
  event.preventDefault()
  const wanted = event.key === 'Home' ? props.min : event.key === 'End' ? props.max : props.value + jump * props.step
  emit('set', Math.min(props.max, Math.max(props.min, wanted)))
}
</script>

<template>
  <g
    ref="grip"
    class="handle"
    :class="{ held, [axis]: true }"
    role="slider"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="Math.round(value * 100) / 100"
    :aria-valuemin="min"
    :aria-valuemax="max"
    :aria-valuetext="text"
    :transform="`translate(${x} ${y})`"
    @pointerdown.prevent="take"
    @pointermove="move"
    @pointerup="held = false"
    @pointercancel="held = false"
    @keydown="key"
  >
    <circle r="22" class="reach" />
    <circle r="9" class="knob" />
    <path
      :d="
        axis === 'y' ? 'M-3.5 -1.5L0 -5L3.5 -1.5M-3.5 1.5L0 5L3.5 1.5' : 'M-1.5 -3.5L-5 0L-1.5 3.5M1.5 -3.5L5 0L1.5 3.5'
      "
      class="arrows"
    />
  </g>
</template>

<style scoped>
.handle {
  cursor: grab;
  outline: none;
  touch-action: none;
}
.handle.held {
  cursor: grabbing;
}
.reach {
  fill: transparent;
}
.knob {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.6;
}
.arrows {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.4;
}
.handle:hover .knob,
.handle.held .knob {
  fill: rgb(var(--v-theme-surface-variant));
}
.handle:focus-visible .reach {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.5;
}
</style>
