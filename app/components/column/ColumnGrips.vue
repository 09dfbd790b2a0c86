<script setup lang="ts">
import { columnGrips as words } from '../../../words'
import type { Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import type { Scene } from './scene'

/** All that can be taken hold of: edges of the zone, top of the cover, cast and rod tip. */
const props = defineProps<{
  scene: Scene
  c: Conditions
  zone: { topM: number; bottomM: number }
  castM: number
  /** What is not thrown has no cast to take hold of. */
  thrown: boolean
  rodTipM: number
  tip: { x: number; y: number }
}>()
const emit = defineEmits<{ change: [over: Partial<Conditions>] }>()
const { show } = useMeasure()

/** Least height of the zone, m, where the water is deep enough. */
const LEAST_ZONE_M = 0.2
const CAST_M = { least: 4, most: 120 } as const
const TIP_MOST_M = 3

const round = (m: number) => Math.round(m * 100) / 100
const within = (m: number, least: number, most: number) => Math.min(most, Math.max(least, m))
const depthFrom = (y: number) => within(props.scene.z.invert(y), 0, props.c.depthM)

function setZone(over: { topM?: number; bottomM?: number }) {
  const gap = Math.min(LEAST_ZONE_M, props.c.depthM / 2)
  const topM = over.topM === undefined ? props.zone.topM : Math.min(over.topM, props.zone.bottomM - gap)
  const bottomM = over.bottomM === undefined ? props.zone.bottomM : Math.max(over.bottomM, props.zone.topM + gap)
  emit('change', { zone: { topM: round(topM), bottomM: round(bottomM) } })
}
function setCover(topM: number) {
  emit('change', { cover: { ...props.c.cover, topM: round(topM) } })
}
/** The grip stands at this lure's own cast; the angler's comfortable cast changes in proportion. */
function setCast(m: number) {
  const wanted = (Math.max(CAST_M.least, m) / props.castM) * props.c.castM
  emit('change', { castM: round(within(wanted, CAST_M.least, CAST_M.most)) })
}
function setTip(m: number) {
  emit('change', { rodTipM: round(within(m, 0, TIP_MOST_M)) })
}
</script>

<template>
  <g>
    <ColumnHandle
      :x="scene.right - 46"
      :y="scene.z(zone.topM)"
      axis="y"
      :label="words.topOfTheZone"
      :value="zone.topM"
      :min="0"
      :max="c.depthM"
      :step="0.1"
      :text="show(zone.topM, 'depth')"
      @drag="(p) => setZone({ topM: depthFrom(p.y) })"
      @set="(v) => setZone({ topM: v })"
    />
    <ColumnHandle
      :x="scene.right - 86"
      :y="scene.z(zone.bottomM)"
      axis="y"
      :label="words.bottomOfTheZone"
      :value="zone.bottomM"
      :min="0"
      :max="c.depthM"
      :step="0.1"
      :text="show(zone.bottomM, 'depth')"
      @drag="(p) => setZone({ bottomM: depthFrom(p.y) })"
      @set="(v) => setZone({ bottomM: v })"
    />
    <ColumnHandle
      v-if="c.cover.kind !== 'open'"
      :x="scene.left + (scene.right - scene.left) * 0.17"
      :y="scene.z(c.cover.topM)"
      axis="y"
      :label="words.topOfTheCover"
      :value="c.cover.topM"
      :min="0"
      :max="c.depthM"
      :step="0.1"
      :text="show(c.cover.topM, 'depth')"
      @drag="(p) => setCover(depthFrom(p.y))"
      @set="setCover"
    />
    <ColumnHandle
      v-if="thrown"
      :x="scene.x(castM)"
      :y="scene.skyPx"
      axis="x"
      :label="words.lengthOfTheCast"
      :value="castM"
      :min="CAST_M.least"
      :max="CAST_M.most"
      :step="1"
      :text="show(castM, 'distance')"
      up-raises
      @drag="(p) => setCast(scene.x.invert(p.x))"
      @set="setCast"
    />
    <ColumnHandle
      :x="tip.x"
      :y="tip.y"
      axis="y"
      :label="words.heightOfTheRod"
      :value="rodTipM"
      :min="0"
      :max="TIP_MOST_M"
      :step="0.1"
      :text="show(rodTipM, 'depth')"
      up-raises
      @drag="(p) => setTip(scene.airM(p.y))"
      @set="setTip"
    />
  </g>
</template>
