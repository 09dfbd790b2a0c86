<script setup lang="ts">
import type { Conditions, LightPhase } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'
import { coloursOf, lightStops, scatter, type Scene } from './scene'

/** What stands still while a grip is dragged: sky, fading light, bed, cover and the scales. Painted once. */
const props = defineProps<{ scene: Scene; c: Conditions; light: LightPhase; reachM: number; widthPx: number }>()

const { show } = useMeasure()
const settings = useSettings()
// Plain figures first: what has not changed is then not worked out or drawn again.
const depthM = computed(() => props.c.depthM)
const visibilityM = computed(() => props.c.visibilityM)
const colours = computed(() => coloursOf(visibilityM.value, props.light, settings.night))
const stops = computed(() => lightStops(depthM.value, visibilityM.value, colours.value))
const bed = computed(() => {
  const { z, bedPx, left, right } = props.scene
  const y = z(depthM.value)
  const n = 14
  const points = Array.from(
    { length: n + 1 },
    (_, i) => `L${left + ((right - left) * i) / n} ${y + 3 * scatter(i + 300)}`,
  )
  return `M${left} ${y + bedPx}${points.join('')}L${right} ${y + bedPx}Z`
})
const depthTicks = computed(() => props.scene.z.ticks(Math.max(2, Math.round(props.scene.waterPx / 60))))
const distanceTicks = computed(() => props.scene.x.ticks(props.widthPx < 520 ? 4 : 8))
</script>

<template>
  <svg :width="widthPx" :height="scene.heightPx" :viewBox="`0 0 ${widthPx} ${scene.heightPx}`" aria-hidden="true">
    <defs>
      <linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
        <stop v-for="s in stops" :key="s.offset" :offset="s.offset" :stop-color="s.colour" />
      </linearGradient>
      <linearGradient id="sky" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" :stop-color="colours.sky[0]" />
        <stop offset="1" :stop-color="colours.sky[1]" />
      </linearGradient>
      <clipPath id="bed-clip">
        <rect
          :x="scene.left"
          :y="scene.skyPx - 6"
          :width="scene.right - scene.left"
          :height="scene.waterPx + scene.bedPx + 6"
        />
      </clipPath>
    </defs>
    <rect :x="scene.left" y="0" :width="scene.right - scene.left" :height="scene.skyPx" fill="url(#sky)" />
    <rect
      :x="scene.left"
      :y="scene.skyPx"
      :width="scene.right - scene.left"
      :height="scene.waterPx + scene.bedPx"
      fill="url(#water)"
    />
    <g clip-path="url(#bed-clip)">
      <ColumnCover
        :scene="scene"
        :kind="c.cover.kind"
        :top-m="c.cover.topM"
        :density="c.cover.density"
        :depth-m="c.depthM"
        :reach-m="reachM"
        :night="settings.night"
      />
      <path :d="bed" class="bed" />
    </g>
    <g class="axis">
      <template v-for="t in depthTicks.slice(1)" :key="`z${t}`">
        <path :d="`M${scene.left - 5} ${scene.z(t)}h5`" />
        <text :x="scene.left - 9" :y="scene.z(t) + 4" text-anchor="end">{{ show(t, 'depth') }}</text>
      </template>
      <template v-for="t in distanceTicks" :key="`x${t}`">
        <text :x="scene.x(t)" :y="scene.heightPx - 10" :text-anchor="scene.x(t) > scene.right - 20 ? 'end' : 'middle'">
          {{ show(t, 'distance') }}
        </text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.bed {
  fill: var(--colour-sand);
}
.v-theme--night .bed {
  fill: var(--colour-sand-night);
}
.axis path {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1;
}
</style>
