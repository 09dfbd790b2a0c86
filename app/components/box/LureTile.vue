<script setup lang="ts">
import { lureTile as texts } from '../../../words'
import { describeColouring, lureMass, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** A lure as it lies in its compartment: drawn, named, weighed. */
const props = defineProps<{
  lure: Lure
  /** Width of its own length on screen. */ widthPx: number
  small?: boolean
  dim?: boolean
  picked?: boolean
}>()
const { show } = useMeasure()
const weight = computed(() => {
  const { kg, basis } = lureMass(props.lure)
  return `${show(kg, 'lureMass')}${basis === 'labelled' ? '' : basis === 'measured' ? ' weighed' : ' reckoned'}`
})
const more = computed(() => {
  const { sound, colour } = props.lure
  const heard = sound === 'silent' ? '' : sound === 'knock' ? texts.oneKnock : texts.rattles
  return `${describeColouring(colour)}${heard}`
})
</script>

<template>
  <button
    type="button"
    class="tile"
    :class="{ small, dim, picked }"
    :data-lure="lure.name"
    :data-lure-id="lure.id"
    :aria-keyshortcuts="'M'"
    :title="`${lure.name}: ${more}`"
  >
    <span class="drawing"><LureDrawing :lure="lure" :width-px="widthPx" /></span>
    <span class="words">
      <span class="name">{{ lure.name }}<template v-if="lure.count !== 1"> × {{ lure.count }}</template></span>
      <span class="facts">{{ show(lure.lengthM, 'lureLength') }} · {{ weight }}</span>
      <span class="facts look">{{ more }}</span>
    </span>
  </button>
</template>

<style scoped>
.tile {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  width: 100%;
  height: 100%;
  padding: var(--space-4) var(--space-6) var(--space-6);
  border-radius: var(--radius-m);
  text-align: center;
  color: var(--colour-ink);
  user-select: none;
  -webkit-touch-callout: none;
}
.tile:hover {
  background: rgba(255, 255, 255, 0.45);
}
.tile:focus-visible {
  outline-offset: -2px;
  outline-color: var(--colour-signal);
}
.drawing {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  overflow: hidden;
  min-height: 0;
  pointer-events: none;
}
.drawing :deep(svg) {
  max-height: 100%;
}
.words {
  display: grid;
  min-width: 0;
  line-height: 1.25;
  pointer-events: none;
}
.name {
  font-weight: 650;
  font-size: var(--text-3);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.facts {
  font-size: var(--text-1);
  color: var(--colour-ink-soft);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.small {
  height: auto;
  grid-template: auto / 62px 1fr;
  align-items: center;
  min-height: 40px;
  gap: var(--space-6);
  text-align: left;
  padding: var(--space-2) var(--space-6);
}
.small .look {
  display: none;
}
.dim {
  opacity: 0.16;
}
.picked {
  box-shadow: 0 0 0 3px var(--colour-signal);
}
.v-theme--night .tile,
.v-theme--night .facts {
  color: var(--colour-print-ink);
}
@media (max-width: 600px) {
  .tile:not(.small) .name {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    white-space: normal;
  }
  .tile .look {
    display: none;
  }
}
</style>
