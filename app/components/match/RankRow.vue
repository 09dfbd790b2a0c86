<script setup lang="ts">
import { sayRig, type MatchRow } from '../../../core/match'
import { useBox } from '~/stores/box'

/** One place in the ranking: the lure as it looks, what it hangs on, its points and its share of the zone. */
const props = defineProps<{ row: MatchRow; place: number; chosen: boolean }>()
defineEmits<{ choose: [] }>()
/** The box's own lure, not the worker's copy of it: so its drawing stays while the ranking moves. */
const box = useBox()
const lure = computed(() => box.lureById.get(props.row.setUp.build.lure.id) ?? props.row.setUp.build.lure)
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
    <span class="picture"><LureDrawing :lure="lure" :width-px="74" /></span>
    <span class="words">
      <span class="name">{{ lure.name }}</span>
      <span class="how">{{ row.setUp.handling.retrieve.name }}</span>
      <span class="rig">{{ sayRig(row.setUp) }}</span>
    </span>
    <span class="score">
      <b>{{ Math.round(row.score) }}</b>
      <span class="bar" aria-hidden="true"><span :style="{ transform: `scaleX(${row.score / 100})` }" /></span>
      <small>{{ zone }} % in zone</small>
    </span>
  </button>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 22px 106px minmax(0, 1fr) 84px;
  align-items: center;
  gap: 10px;
  width: 100%;
  padding: 8px 14px 8px 12px;
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
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: 1.05rem;
}
.picture {
  display: grid;
  place-items: center;
  height: 62px;
  border-radius: 10px;
  background: #dde3d8;
  overflow: hidden;
}
.v-theme--night .picture {
  background: #8a7358;
}
.words {
  display: grid;
  min-width: 0;
}
.name {
  font-weight: 650;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.how {
  font-size: 0.88rem;
}
.rig {
  font-size: 0.8rem;
  opacity: var(--v-medium-emphasis-opacity);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.score {
  display: grid;
  justify-items: end;
  gap: 2px;
}
.score b {
  font-family: var(--v-font-heading);
  font-size: 1.3rem;
  line-height: 1;
}
.score small {
  font-size: 0.76rem;
  white-space: nowrap;
}
.bar {
  display: block;
  width: 100%;
  height: 5px;
  border-radius: 3px;
  background: rgba(var(--v-border-color), var(--v-border-opacity));
}
.bar span {
  display: block;
  height: 100%;
  transform-origin: left;
  border-radius: 3px;
  background: rgb(var(--v-theme-primary));
}
@media (max-width: 480px) {
  .row {
    grid-template-columns: 18px 76px minmax(0, 1fr) 64px;
    gap: 8px;
    padding-right: 10px;
  }
}
</style>
