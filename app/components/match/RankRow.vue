<script setup lang="ts">
import { rankRow as texts, labelledRig } from '../../../words'
import type { MatchRow } from '../../../core/match'
import { colourOf } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useUnderwater } from '~/composables/useUnderwater'
import { useBox } from '~/stores/box'

/** One place in the ranking: the lure as it looks, what it hangs on, its points and its share of the zone. */
const props = defineProps<{ row: MatchRow; place: number; chosen: boolean }>()
defineEmits<{ choose: [] }>()
/** The box's own lure, not the worker's copy of it: so its drawing stays while the ranking moves. */
const box = useBox()
const { show } = useMeasure()
const lure = computed(() => box.lureById.get(props.row.setUp.build.lure.id) ?? props.row.setUp.build.lure)
/** Back, flank and belly as they look where the fish are. */
const { down, seen } = useUnderwater()
const below = computed(() => {
  const { back, flank, belly } = lure.value.colour
  return [back, flank, belly].map((id) => seen.value(colourOf(id).hex))
})
const parts = computed(() => labelledRig(props.row.setUp))
const weight = computed(() => show(props.row.setUp.build.massKg, 'lureMass'))
const zone = computed(() => Math.round(props.row.thrown.share.inZone * 100))
</script>

<template>
  <button
    type="button"
    class="row"
    :class="{ chosen }"
    :aria-pressed="chosen"
    :data-lure="lure.name"
    @click="$emit('choose')"
  >
    <span class="place">{{ place }}</span>
    <span class="picture"
      ><LureDrawing :lure="lure" :width-px="74" />
      <span v-if="down" class="below" aria-hidden="true" :style="{ background: down.behind }">
        <span v-for="(colour, i) in below" :key="i" :style="{ background: colour }" /></span
    ></span>
    <span class="words">
      <span class="name">{{ lure.name }}</span>
      <span class="how">{{ row.setUp.handling.technique.name }}</span>
      <span class="rig">
        <span><i>{{ texts.weight }}</i> {{ weight }}</span>
        <span v-for="part in parts" :key="part.label"><i>{{ part.label }}</i> {{ part.name }}</span>
      </span>
    </span>
    <span class="score">
      <b :title="texts.ofBest">{{ Math.round(row.score) }}</b>
      <span class="bar" aria-hidden="true"><span :style="{ transform: `scaleX(${row.score / 100})` }" /></span>
      <small>{{ texts.inZone(zone) }}</small>
    </span>
  </button>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 22px 106px minmax(0, 1fr) 84px;
  align-items: center;
  gap: var(--space-8);
  width: 100%;
  padding: var(--space-8) var(--space-12) var(--space-8) var(--space-12);
  text-align: left;
  border-left: 4px solid transparent;
  contain: content;
}
.row:hover {
  background: rgba(var(--v-theme-surface-variant), 0.55);
}
.row.chosen {
  background: rgb(var(--v-theme-surface-variant));
  border-left-color: rgb(var(--v-theme-secondary));
}
.row:focus-visible {
  outline-offset: -3px;
}
.place {
  /* Above the box that adds the row to a comparison. */
  align-self: start;
  margin-top: var(--space-8);
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-4);
}
.picture {
  display: grid;
  place-items: center;
  height: 62px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
  position: relative;
}
.below {
  position: absolute;
  inset: auto 0 0 0;
  display: flex;
  gap: var(--space-4);
  padding: var(--space-2) var(--space-24);
}
.below span {
  flex: 1;
  height: 5px;
  border-radius: var(--radius-s);
}
.words {
  display: grid;
  min-width: 0;
}
.name {
  font-weight: 650;
  overflow-wrap: anywhere;
}
.how {
  font-size: var(--text-2);
}
.rig {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-8);
  font-size: var(--text-1);
}
.rig span {
  overflow-wrap: anywhere;
}
.rig i {
  font-style: normal;
  opacity: var(--v-medium-emphasis-opacity);
}
.score {
  display: grid;
  justify-items: end;
  gap: var(--space-2);
}
.score b {
  font-family: var(--v-font-heading);
  font-size: var(--text-6);
  line-height: 1;
}
.score small {
  font-size: var(--text-1);
  white-space: nowrap;
}
.bar {
  display: block;
  width: 100%;
  height: 5px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), var(--v-border-opacity));
}
.bar span {
  display: block;
  height: 100%;
  transform-origin: left;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
@media (max-width: 480px) {
  .row {
    grid-template-columns: 18px 76px minmax(0, 1fr) 64px;
    gap: var(--space-8);
    padding-right: var(--space-8);
  }
}
</style>
