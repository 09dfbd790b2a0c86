<script setup lang="ts">
import { comparePaths as words } from '../../../words'
import { line } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import type { Ranked } from '../../../core/match'
import { useMeasure } from '~/composables/useMeasure'
import { useWater } from '~/stores/water'
import { PATH_DASHES } from './path-dashes'

/** Paths of set-ups over the same water, with the zone in which the fish hold. */
const props = defineProps<{ rows: readonly Pick<Ranked, 'thrown'>[] }>()
const water = useWater()
const { show } = useMeasure()
const W = 720
const H = 190
const picture = computed(() => {
  const c = water.current
  if (!c) return null
  const reach = Math.max(5, ...props.rows.map((r) => r.thrown.plan.castM))
  const x = scaleLinear([0, reach], [34, W - 8])
  const z = scaleLinear([0, c.depthM], [10, H - 22])
  const draw = line<readonly [number, number]>()
  return {
    x,
    z,
    reach,
    ways: props.rows.map((r) => {
      const { path } = r.thrown
      return (
        draw(
          path.x.slice(path.retrieveStartIndex).map((at, i) => [x(at), z(path.z[path.retrieveStartIndex + i] ?? 0)]),
        ) ?? ''
      )
    }),
  }
})
const zone = computed(() => water.reading?.zone)
</script>

<template>
  <svg v-if="picture && zone" :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="words.pathsOfTheSet" class="paths">
    <rect
      :x="34"
      :y="picture.z(zone.topM)"
      :width="W - 42"
      :height="Math.max(2, picture.z(zone.bottomM) - picture.z(zone.topM))"
      class="zone"
    />
    <g v-for="t in picture.z.ticks(4)" :key="t">
      <path :d="`M34 ${picture.z(t)}H${W - 8}`" class="grid" />
      <text x="28" :y="picture.z(t) + 4" text-anchor="end">{{ t }}</text>
    </g>
    <path
      v-for="(way, i) in picture.ways"
      :key="i"
      :d="way"
      :class="`way way-${i}`"
      :stroke-dasharray="PATH_DASHES[i]"
    />
    <text v-for="t in picture.x.ticks(5)" :key="t" :x="picture.x(t)" :y="H - 6" text-anchor="middle">
      {{ show(t, 'distance') }}
    </text>
  </svg>
</template>

<style scoped>
.paths {
  width: 100%;
  display: block;
}
.paths text {
  font-size: var(--text-1);
  fill: rgb(var(--v-theme-on-surface));
}
.zone {
  fill: rgb(var(--v-theme-secondary));
  fill-opacity: 0.13;
}
.grid {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.14;
}
.way {
  fill: none;
  stroke-width: 2.6;
  stroke: rgb(var(--v-theme-secondary));
}
.way-1 {
  stroke: rgb(var(--v-theme-primary));
}
.way-2 {
  stroke: rgb(var(--v-theme-warning));
}
.way-3 {
  stroke: rgb(var(--v-theme-on-surface));
}
</style>
