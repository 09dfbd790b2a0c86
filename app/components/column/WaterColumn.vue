<script setup lang="ts">
import { line } from 'd3-shape'
import type { CastPlan, Path } from '../../../core/motion'
import type { Lure } from '../../../core/tackle'
import type { Conditions, LightPhase } from '../../../core/water'
import { useElementWidth } from '~/composables/useElementWidth'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'
import { coloursOf, lightStops, scatter, sceneOf } from './scene'

/** The living picture of the place: light, cover, zone, rod tip, and the way of the lure through it. What can be dragged says so. */
const props = defineProps<{
  c: Conditions
  zone: { topM: number; bottomM: number }
  light: LightPhase
  plan?: CastPlan | null
  path?: Path | null
  lure?: Lure | null
  others?: readonly { path: Path; name: string }[]
  share?: number | null
}>()
const emit = defineEmits<{ change: [over: Partial<Conditions>] }>()

const { show } = useMeasure()
const settings = useSettings()
const frame = ref<HTMLElement | null>(null)
const width = useElementWidth(frame)
const trueScale = ref(false)

const castM = computed(() => props.plan?.castM ?? props.c.castM)
const rodTipM = computed(() => props.plan?.rodTipM ?? props.c.rodTipM ?? 1)
/** The picture keeps its width while a grip is held, so that the water does not run away under the finger. */
const reachM = computed(() => Math.max(10, Math.ceil((Math.max(castM.value, props.c.castM) * 1.02) / 5) * 5))
// Plain figures first: what has not changed is then not worked out or drawn again.
const depthM = computed(() => props.c.depthM)
const visibilityM = computed(() => props.c.visibilityM)
const scene = computed(() =>
  sceneOf({ widthPx: width.value, depthM: depthM.value, reachM: reachM.value, trueScale: trueScale.value }),
)
const colours = computed(() => coloursOf(visibilityM.value, props.light, settings.night))
const stops = computed(() => lightStops(depthM.value, visibilityM.value, colours.value))
const right = computed(() => scene.value.x.range()[1] ?? 0)
const left = computed(() => scene.value.x.range()[0] ?? 0)

const surfaceLine = computed(() => {
  const { skyPx } = scene.value
  const height = Math.min(5, 0.6 + props.c.windMps * 0.45)
  const waves = Math.max(4, Math.round((right.value - left.value) / 46))
  const step = (right.value - left.value) / waves
  return (
    `M${left.value} ${skyPx}` +
    Array.from({ length: waves }, () => `q${step / 4} ${-height} ${step / 2} 0t${step / 2} 0`).join('')
  )
})
const bed = computed(() => {
  const { z, bedPx } = scene.value
  const y = z(props.c.depthM)
  const n = 14
  const points = Array.from(
    { length: n + 1 },
    (_, i) => `L${left.value + ((right.value - left.value) * i) / n} ${y + 3 * scatter(i + 300)}`,
  )
  return `M${left.value} ${y + bedPx}${points.join('')}L${right.value} ${y + bedPx}Z`
})

type Point = readonly [number, number]
const drawn = (path: Path): Point[] => path.x.map((x, i): Point => [scene.value.x(x), scene.value.z(path.z[i] ?? 0)])
const toPath = line<Point>()
const wayOf = (path: Path) => toPath(drawn(path).slice(path.workFrom)) ?? ''
const fallOf = (path: Path) => toPath(drawn(path).slice(0, path.workFrom + 1)) ?? ''

/** Ticks of the count: every second, or every few where there are many. */
const ticks = computed(() => {
  const { plan, path } = props
  if (!plan || !path || plan.countDownS <= 0) return []
  const end = path.workFrom
  const seconds = plan.countDownS
  const every = seconds <= 10 ? 1 : seconds <= 25 ? 5 : 10
  const zEnd = path.z[end] ?? 0
  const tEnd = path.t[Math.max(1, end === 2 ? 1 : end)] ?? seconds
  return Array.from({ length: Math.floor(seconds / every) }, (_, i) => (i + 1) * every).map((s) => ({
    s,
    y: scene.value.z(Math.min(zEnd, (zEnd * s) / Math.max(tEnd, 0.1))),
  }))
})

/** The lure is shown where its work is half done. */
const lureAt = computed(() => {
  const { path } = props
  if (!path) return null
  const half = ((path.t[path.workFrom] ?? 0) + (path.t[path.t.length - 1] ?? 0)) / 2
  const i = Math.max(
    path.workFrom,
    path.t.findIndex((t) => t >= half),
  )
  return { x: scene.value.x(path.x[i] ?? 0), y: scene.value.z(path.z[i] ?? 0) }
})
const LURE_PX = 54
const tip = computed(() => ({ x: scene.value.x(0) + 8, y: scene.value.air(rodTipM.value) }))
const lineToLure = computed(() => {
  const at = lureAt.value
  if (!at) return ''
  const midX = (tip.value.x + at.x) / 2
  return `M${tip.value.x} ${tip.value.y}Q${midX} ${tip.value.y + (at.y - tip.value.y) * 0.42} ${at.x} ${at.y}`
})

const fish = computed(() => {
  const { x, z } = scene.value
  const { topM, bottomM } = props.zone
  return [0.3, 0.52, 0.55, 0.78].map((share, i) => ({
    x: x(reachM.value * share),
    y: z(topM + (bottomM - topM) * (0.3 + 0.45 * scatter(i + 20))),
    scale: 0.8 + 0.35 * scatter(i + 40),
  }))
})
const depthTicks = computed(() => scene.value.z.ticks(Math.max(2, Math.round(scene.value.waterPx / 60))))
const distanceTicks = computed(() => scene.value.x.ticks(width.value < 520 ? 4 : 8))

function depthFrom(y: number) {
  return Math.min(props.c.depthM, Math.max(0, scene.value.z.invert(y)))
}
function setZone(over: Partial<{ topM: number; bottomM: number }>) {
  const zone = { topM: props.zone.topM, bottomM: props.zone.bottomM, ...over }
  const gap = Math.min(0.2, props.c.depthM / 2)
  if (over.topM !== undefined) zone.topM = Math.min(zone.topM, zone.bottomM - gap)
  if (over.bottomM !== undefined) zone.bottomM = Math.max(zone.bottomM, zone.topM + gap)
  emit('change', { zone: { topM: round(zone.topM), bottomM: round(zone.bottomM) } })
}
const round = (m: number) => Math.round(m * 100) / 100
function setCover(topM: number) {
  emit('change', { cover: { ...props.c.cover, topM: round(topM) } })
}
/** The grip stands at this lure's own cast; the angler's comfortable cast changes in proportion. */
function setCast(m: number) {
  const wanted = (Math.max(4, m) / castM.value) * props.c.castM
  emit('change', { castM: round(Math.min(120, Math.max(4, wanted))) })
}
function setTip(m: number) {
  emit('change', { rodTipM: round(Math.min(3, Math.max(0, m))) })
}

const told = computed(() => {
  const { c, zone, path, share } = props
  const deepest = path ? Math.max(...path.z) : null
  return [
    `Water ${show(c.depthM, 'depth')} deep; a white lure vanishes at ${show(c.visibilityM, 'depth')}.`,
    c.cover.kind === 'open' ? 'Open water.' : `${c.cover.kind}, its top at ${show(c.cover.topM, 'depth')}.`,
    `Fish hold from ${show(zone.topM, 'depth')} to ${show(zone.bottomM, 'depth')}.`,
    deepest === null ? '' : `The lure is cast ${show(castM.value, 'distance')} and reaches ${show(deepest, 'depth')}.`,
    share === null || share === undefined ? '' : `${Math.round(share * 100)} % of the cast runs in the zone.`,
  ].join(' ')
})
</script>

<template>
  <figure ref="frame" class="column" data-testid="water-column">
    <div class="stage">
      <svg
        class="still"
        :width="width"
        :height="scene.heightPx"
        :viewBox="`0 0 ${width} ${scene.heightPx}`"
        aria-hidden="true"
      >
        <defs>
          <linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
            <stop v-for="s in stops" :key="s.offset" :offset="s.offset" :stop-color="s.colour" />
          </linearGradient>
          <linearGradient id="sky" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" :stop-color="colours.sky[0]" />
            <stop offset="1" :stop-color="colours.sky[1]" />
          </linearGradient>
          <clipPath id="bed-clip">
            <rect :x="left" :y="scene.skyPx - 6" :width="right - left" :height="scene.waterPx + scene.bedPx + 6" />
          </clipPath>
        </defs>
        <rect :x="left" y="0" :width="right - left" :height="scene.skyPx" fill="url(#sky)" />
        <rect
          :x="left"
          :y="scene.skyPx"
          :width="right - left"
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
            <path :d="`M${left - 5} ${scene.z(t)}h5`" />
            <text :x="left - 9" :y="scene.z(t) + 4" text-anchor="end">{{ show(t, 'depth') }}</text>
          </template>
          <template v-for="t in distanceTicks" :key="`x${t}`">
            <text :x="scene.x(t)" :y="scene.heightPx - 10" :text-anchor="scene.x(t) > right - 20 ? 'end' : 'middle'">
              {{ show(t, 'distance') }}
            </text>
          </template>
        </g>
      </svg>
      <svg
        class="live"
        :width="width"
        :height="scene.heightPx"
        :viewBox="`0 0 ${width} ${scene.heightPx}`"
        role="group"
        aria-label="Water column"
      >
        <defs>
          <clipPath id="in-water">
            <rect :x="left" :y="scene.skyPx - 6" :width="right - left" :height="scene.waterPx + scene.bedPx + 6" />
          </clipPath>
        </defs>

        <g clip-path="url(#in-water)">
          <rect
            :x="left"
            :y="scene.z(zone.topM)"
            :width="right - left"
            :height="scene.z(zone.bottomM) - scene.z(zone.topM)"
            class="zone"
          />
          <path
            :d="`M${left} ${scene.z(zone.topM)}H${right}M${left} ${scene.z(zone.bottomM)}H${right}`"
            class="zone-edge"
          />
          <g
            v-for="(f, i) in fish"
            :key="i"
            class="fish"
            :transform="`translate(${f.x} ${f.y}) scale(${f.scale})`"
            aria-hidden="true"
          >
            <path d="M-15 0C-8 -7 5 -7 12 -1L19 -6C18 -2 18 2 19 6L12 1C5 7 -8 7 -15 0Z" />
          </g>
        </g>
        <path :d="surfaceLine" class="surface" />

        <g
          v-if="c.visibilityM < c.depthM"
          class="vanish"
          :transform="`translate(${left + 12} ${scene.z(c.visibilityM)})`"
        >
          <circle r="6" />
          <text x="12" y="4">white vanishes</text>
        </g>

        <g clip-path="url(#in-water)">
          <path v-for="o in others" :key="o.name" :d="wayOf(o.path)" class="other" />
        </g>
        <g v-if="path" class="way">
          <path :d="lineToLure" class="line" />
          <path :d="fallOf(path)" class="fall" />
          <g v-for="t in ticks" :key="t.s" :transform="`translate(${scene.x(castM)} ${t.y})`">
            <path d="M-4 0h8" class="tick" />
            <text x="-8" y="4" text-anchor="end" class="count">{{ t.s }}</text>
          </g>
          <path :d="wayOf(path)" class="halo" />
          <path :d="wayOf(path)" class="run" data-testid="lure-path" />
          <g v-if="lure && lureAt" :transform="`translate(${lureAt.x} ${lureAt.y})`">
            <LureDrawing :lure="lure" :width-px="LURE_PX" nested />
          </g>
        </g>

        <g class="rod" aria-hidden="true">
          <path :d="`M${left - 40} ${scene.air(0.7)}Q${left - 14} ${(tip.y + scene.air(1.2)) / 2} ${tip.x} ${tip.y}`" />
        </g>

        <g class="zone-label">
          <text :x="right - 116" :y="Math.max(scene.skyPx + 14, scene.z(zone.topM) - 8)" text-anchor="end">
            fish hold {{ show(zone.topM, 'depth') }} – {{ show(zone.bottomM, 'depth')
            }}{{ c.zone ? '' : ', as usual here' }}
          </text>
        </g>

        <ColumnHandle
          :x="right - 46"
          :y="scene.z(zone.topM)"
          axis="y"
          label="Top of the zone"
          :value="zone.topM"
          :min="0"
          :max="c.depthM"
          :step="0.1"
          :text="show(zone.topM, 'depth')"
          @drag="(p) => setZone({ topM: depthFrom(p.y) })"
          @set="(v) => setZone({ topM: v })"
        />
        <ColumnHandle
          :x="right - 86"
          :y="scene.z(zone.bottomM)"
          axis="y"
          label="Bottom of the zone"
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
          :x="left + (right - left) * 0.17"
          :y="scene.z(c.cover.topM)"
          axis="y"
          label="Top of the cover"
          :value="c.cover.topM"
          :min="0"
          :max="c.depthM"
          :step="0.1"
          :text="show(c.cover.topM, 'depth')"
          @drag="(p) => setCover(depthFrom(p.y))"
          @set="setCover"
        />
        <ColumnHandle
          :x="scene.x(castM)"
          :y="scene.skyPx"
          axis="x"
          label="Length of the cast"
          :value="castM"
          :min="4"
          :max="120"
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
          label="Height of the rod tip"
          :value="rodTipM"
          :min="0"
          :max="3"
          :step="0.1"
          :text="show(rodTipM, 'depth')"
          up-raises
          @drag="(p) => setTip(scene.airM(p.y))"
          @set="setTip"
        />
      </svg>
    </div>
    <figcaption>
      <span class="sr-only">{{ told }}</span>
      <span class="scale">
        {{ trueScale ? 'True scale.' : `Depth drawn ${scene.stretch.toFixed(1)} × as tall as it is long.` }}
        <button type="button" @click="trueScale = !trueScale">{{ trueScale ? 'Draw it taller' : 'True scale' }}</button>
      </span>
      <slot />
    </figcaption>
  </figure>
</template>

<style scoped>
.column {
  margin: 0;
  min-width: 0;
}
svg {
  display: block;
  max-width: 100%;
  overflow: visible;
  user-select: none;
}
text {
  font-family: var(--v-font-body);
  font-size: 12px;
  fill: rgb(var(--v-theme-on-surface));
  font-variant-numeric: tabular-nums;
}
.bed {
  fill: #b9a57e;
}
.v-theme--night .bed {
  fill: #3a281a;
}
.stage {
  position: relative;
}
/* Two layers: what stands still is painted once, and a drag repaints only what moves. */
.still,
.live {
  will-change: transform;
}
.still {
  position: absolute;
  inset: 0;
}
.live {
  position: relative;
}
.zone {
  fill: #fffdf6;
  fill-opacity: 0.16;
}
.zone-edge {
  stroke: #fffdf6;
  stroke-width: 1.4;
  stroke-dasharray: 7 5;
  fill: none;
  opacity: 0.95;
}
.v-theme--night .zone-edge {
  stroke: #e0924f;
}
.v-theme--night .zone {
  fill: #e0924f;
}
.fish path {
  fill: #16302e;
  opacity: 0.34;
}
.v-theme--night .fish path {
  fill: #e0924f;
}
.surface {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.4;
  opacity: 0.75;
}
.axis path {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1;
}
.vanish circle {
  fill: #fff;
  stroke: #16302e;
  stroke-width: 1;
}
.vanish text,
.zone-label text,
.count {
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3.4px;
  stroke-linejoin: round;
}
.zone-label text {
  font-weight: 600;
  font-size: 13px;
}
.other {
  fill: none;
  stroke: #fffdf6;
  stroke-width: 1.3;
  opacity: 0.55;
}
.line {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 0.9;
  opacity: 0.55;
}
.fall {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
  stroke-dasharray: 2 4;
}
.tick {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
}
.halo {
  fill: none;
  stroke: #fffdf6;
  stroke-width: 5.5;
  stroke-linejoin: bevel;
  opacity: 0.85;
}
.v-theme--night .halo {
  stroke: #120b07;
}
.run {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.6;
  stroke-linejoin: bevel;
}
.rod path {
  fill: none;
  stroke: #4b3a2a;
  stroke-width: 3;
  stroke-linecap: round;
}
.v-theme--night .rod path {
  stroke: #b07a4a;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 2px 18px 10px 58px;
  font-size: 0.82rem;
}
.scale button {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  margin-left: 6px;
  min-height: 28px;
}
@media (max-width: 520px) {
  figcaption {
    padding-left: 12px;
    padding-right: 12px;
  }
}
</style>
