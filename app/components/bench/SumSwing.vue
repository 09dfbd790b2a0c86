<script setup lang="ts">
import { sumSwing as words } from '../../../words'
import { swing, type BuildMotion, type Fluid, type SwingPoint } from '../../../core/motion'
import { motionFromProfile, profileFromTests, cachedProfile } from '../../../core/bench'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { familyOf, lureMass, type Line, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { byName } from '~/composables/by-name'

/** Across a river: the swing of a lure on taut line, seen from above, with how deep it rides on the way. */
const props = defineProps<{
  line: Line
  water: { tempC: number; salinity: number }
  fluid: Fluid
  currentMps: number
  depthM: number
}>()
const box = useBox()
const { show } = useMeasure()
const isSwung = (l: Lure) => familyOf(l.family).capabilities?.swung === true
const lures = computed(() =>
  box.box.lures
    .filter((l) => familyOf(l.family).swims !== 'surface' && familyOf(l.family).body !== 'soft')
    .sort((a, b) => Number(isSwung(b)) - Number(isSwung(a)) || byName(a, b)),
)
const lureId = ref<string | null>(null)
const lure = computed(() => lures.value.find((l) => l.id === lureId.value) ?? lures.value[0] ?? null)
const castM = ref(25)
const angleDeg = ref(0)
const flow = ref<number | null>(null)
const windMps = ref(0)
const flowMps = computed(() => flow.value ?? Math.max(props.currentMps, 0.5))
const motion = computed<BuildMotion | null>(() => {
  const l = lure.value
  if (!l) return null
  const known = cachedProfile(box.box, l) ?? profileFromTests(l, [])
  return motionFromProfile(
    { lure: l, mount: { kind: 'own' }, trailer: null, massKg: lureMass(l).kg },
    known,
    props.water,
  )
})
const points = computed(() =>
  motion.value
    ? swing({
        motion: motion.value,
        ...props.fluid,
        line: { diameterM: props.line.diameterM, densityKgM3: LINE_DENSITY[props.line.material] },
        castM: castM.value,
        angleDeg: angleDeg.value,
        currentMps: flowMps.value,
        retrieveSpeedMps: windMps.value,
        tipM: 1.5,
        depthM: props.depthM,
      })
    : [],
)
const sayDepth = (m: number) => (m < props.depthM ? show(m, 'depth') : 'bottom')
const ANGLES = [
  { value: -45, title: words.upstream },
  { value: -20, title: words.aLittleUpstream },
  { value: 0, title: words.straightAcross },
  { value: 30, title: words.aLittleDownstream },
  { value: 45, title: words.downstream },
]
// The picture: the rod at the top, the stream from left to right.
const width = ref(520)
const HEIGHT = 210
const scale = computed(() => Math.min((HEIGHT - 34) / castM.value, (width.value - 60) / (2 * castM.value)))
const spot = (p: { acrossM: number; downM: number }) => ({
  x: width.value * 0.36 + p.downM * scale.value,
  y: 16 + p.acrossM * scale.value,
})
/** Points whose figures do not cover each other, and the last. */
const APART_PX = 30
const shown = computed(() => {
  const kept: SwingPoint[] = []
  for (const p of points.value.toReversed()) {
    const [a, b] = [spot(p), spot(kept[kept.length - 1] ?? { acrossM: Infinity, downM: 0 })]
    if (Math.hypot(a.x - b.x, a.y - b.y) >= APART_PX) kept.push(p)
  }
  return kept.reverse()
})
const arc = computed(() => points.value.map((p, i) => `${i ? 'L' : 'M'}${spot(p).x} ${spot(p).y}`).join(''))
const last = computed(() => points.value[points.value.length - 1])
const description = computed(() => shown.value.map((p) => words.afterS(Math.round(p.t), sayDepth(p.depthM))).join('; '))
</script>

<template>
  <section class="panel sum" :aria-label="words.acrossTheCurrent">
    <h2>{{ words.acrossTheCurrent }}</h2>
    <div class="fields">
      <v-autocomplete
        :model-value="lure?.id"
        :label="words.lure"
        :items="lures.map((l) => ({ value: l.id, title: l.name }))"
        @update:model-value="(id: string | null) => (lureId = id)"
      />
      <MeasureField
        :model-value="castM"
        :label="words.cast"
        role="distance"
        :min="4"
        :max="80"
        @update:model-value="(v) => v && (castM = v)"
      />
      <v-select v-model="angleDeg" :label="words.thrown" :items="ANGLES" />
      <MeasureField
        :model-value="flowMps"
        :label="words.current"
        role="current"
        :min="0.05"
        :max="3"
        @update:model-value="(v) => (flow = v)"
      />
      <MeasureField
        :model-value="windMps"
        :label="words.wound"
        role="lureSpeed"
        :min="0"
        :max="2"
        @update:model-value="(v) => v !== null && (windMps = v)"
      />
    </div>
    <ChartFrame v-model:width="width" :height="HEIGHT" :says="words.theSwingFromAbove(description)" class="picture">
      <rect x="0" y="16" :width="width" :height="HEIGHT - 16" class="water" />
      <path v-for="n in 4" :key="n" :d="`M14 ${16 + n * 42}h46m-7 -4l7 4l-7 4`" class="stream" />
      <path :d="arc" class="arc" />
      <g v-for="p in shown" :key="p.t">
        <path :d="`M${spot({ acrossM: 0, downM: 0 }).x} 16L${spot(p).x} ${spot(p).y}`" class="line" />
        <circle :cx="spot(p).x" :cy="spot(p).y" r="4" class="lure" />
        <text :x="spot(p).x + 8" :y="spot(p).y + 4">{{ Math.round(p.t) }} s · {{ sayDepth(p.depthM) }}</text>
      </g>
      <circle :cx="spot({ acrossM: 0, downM: 0 }).x" cy="16" r="6" class="rod" />
    </ChartFrame>
    <p v-if="last" class="quiet">
      {{ (last.depthM < depthM ? words.sInAllOn : words.onTheBottomAfter)(Math.round(last.t), line.name) }}
    </p>
    <p class="caution"><b>{{ words.careful }}</b> {{ words.wadeWhereYouCan }}</p>
  </section>
</template>

<style scoped src="./sums.css"></style>

<style scoped>
.picture {
  width: 100%;
  border-radius: var(--radius-m);
}
.water {
  fill: var(--colour-water-drawn);
  opacity: 0.5;
}
.v-theme--night .water {
  fill: var(--colour-mud);
}
.stream,
.line {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.2;
}
.stream {
  opacity: 0.7;
}
.line {
  opacity: 0.35;
}
.arc {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.6;
}
.lure,
.rod {
  fill: rgb(var(--v-theme-on-surface));
}
</style>
