<script setup lang="ts">
import { whatIf as words, sayKnob } from '../../../words'
import { line } from 'd3-shape'
import { scaleLinear, scaleLog } from 'd3-scale'
import { SWEEP_PARAMETERS, parameterValue, scoresAt, sweepParameterOf, withParameter } from '../../../core/match'
import { useSweep } from '~/composables/useSweep'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'

/** One condition moved from end to end, and what the first places make of it. Nothing is stored until the angler takes the value over. */
const { knob: moving, sweep, share } = useSweep()
const water = useWater()
const settings = useSettings()
const W = 720
const H = 300
const M = { left: 40, right: 150, top: 14, bottom: 34 }

const at = ref<number | null>(null)
watch(
  () => [moving.value, JSON.stringify(water.current)],
  () => (at.value = water.current ? parameterValue(water.current, moving.value) : null),
  { immediate: true },
)
const own = computed(() => (water.current ? parameterValue(water.current, moving.value) : 0))
const x = computed(() => {
  const knob = sweepParameterOf(moving.value)
  const ends = [knob.from, knob.to] as const
  return (knob.log ? scaleLog() : scaleLinear())
    .domain(ends)
    .range([M.left, W - M.right])
    .clamp(true)
})
const y = computed(() => {
  const all = sweep.value?.lines.flatMap((l) => l.scores.filter((s) => s !== null)) ?? []
  const [low, high] = [Math.min(...all), Math.max(...all)]
  return scaleLinear([Math.max(low, high - 30) - 1, high + 1], [H - M.bottom, M.top]).clamp(true)
})
const draw = line<readonly [number, number | null]>().defined(([, s]) => s !== null)
const ways = computed(() => {
  const s = sweep.value
  if (!s) return []
  return s.lines.map((l) => ({
    ...l,
    d:
      draw.x(([v]) => x.value(v)).y(([, score]) => y.value(score ?? 0))(
        l.scores.map((score, i) => [s.values[i] ?? 0, score] as const),
      ) ?? '',
    leads: s.reigns.some((r) => r.lureId === l.lure.id),
  }))
})
const SHOWN = 6
const order = computed(() => (sweep.value && at.value !== null ? scoresAt(sweep.value, at.value).slice(0, SHOWN) : []))
const knob = computed(() => sweepParameterOf(moving.value))
/** The slider runs in proportion where the knob does. */
const slide = computed({
  get: () => {
    const { from, to, log } = knob.value
    const v = at.value ?? from
    return log ? Math.log(v / from) / Math.log(to / from) : (v - from) / (to - from)
  },
  set: (share: number) => {
    const { from, to, log } = knob.value
    at.value = log ? from * (to / from) ** share : from + share * (to - from)
  },
})
const say = (v: number) => sayKnob(knob.value, v, settings.system)
const moved = computed(() => at.value !== null && Math.abs(at.value - own.value) > 1e-6)
function take() {
  if (!water.current || at.value === null) return
  water.change(withParameter(water.current, moving.value, at.value))
}
const items = computed(() => SWEEP_PARAMETERS.map((k) => ({ value: k.id, title: k.name })))
const reigns = computed(() =>
  (sweep.value?.reigns ?? []).map((r) => ({
    ...r,
    name: sweep.value?.lines.find((l) => l.lure.id === r.lureId)?.lure.name ?? '',
  })),
)
</script>

<template>
  <div class="if">
    <div class="top">
      <v-select v-model="moving" :label="words.move" :items="items" hide-details />
      <div class="slide">
        <input
          v-model.number="slide"
          type="range"
          min="0"
          max="1"
          step="0.002"
          :aria-label="knob.name"
          :aria-valuetext="at === null ? '' : say(at)"
        />
        <b>{{ at === null ? '' : say(at) }}</b>
      </div>
      <button type="button" class="take" :disabled="!moved" @click="take">{{ words.useThisValue }}</button>
    </div>
    <p v-if="!sweep" class="quiet" role="status">{{ words.movingTheWater(`${Math.round(share * 100)} %`) }}</p>
    <template v-else>
      <svg
        :viewBox="`0 0 ${W} ${H}`"
        role="img"
        :aria-label="
          words.pointsOfTheFirst(knob.name, reigns.map((r) => words.from(r.name, say(r.from), say(r.to))).join(', '))
        "
      >
        <g v-for="t in y.ticks(4)" :key="t">
          <path :d="`M${M.left} ${y(t)}H${W - M.right}`" class="grid" />
          <text :x="M.left - 6" :y="y(t) + 4" text-anchor="end">{{ t }}</text>
        </g>
        <text
          v-for="t in knob.log
            ? [0.2, 0.5, 1, 2, 4, 8].map((v) => v * (knob.from / 0.2)).filter((v) => v <= knob.to * 1.001)
            : x.ticks(6)"
          :key="`x${t}`"
          :x="x(t)"
          :y="H - 14"
          text-anchor="middle"
        >
          {{ say(t) }}
        </text>
        <g v-for="r in reigns" :key="`${r.lureId}${r.from}`">
          <path :d="`M${x(r.from)} ${H - M.bottom + 4}H${x(r.to)}`" class="reign" />
        </g>
        <path v-for="w in ways" :key="w.lure.id" :d="w.d" :class="['way', { leads: w.leads }]" />
        <path :d="`M${x(own)} ${M.top}V${H - M.bottom}`" class="own" />
        <path v-if="at !== null" :d="`M${x(at)} ${M.top}V${H - M.bottom}`" class="at" />
        <g v-if="at !== null">
          <circle v-for="o in order" :key="o.id" :cx="x(at)" :cy="y(o.score)" r="4" class="dot" />
        </g>
        <g v-if="at !== null" class="list" data-testid="slid">
          <text
            v-for="(o, i) in order"
            :key="o.id"
            :x="W - M.right + 12"
            :y="M.top + 14 + i * 24"
            :class="{ first: i === 0 }"
          >
            {{ o.score.toFixed(1) }} {{ o.name.length > 18 ? `${o.name.slice(0, 17)}…` : o.name }}
          </text>
        </g>
      </svg>
      <ul class="reigns">
        <li v-for="r in reigns" :key="`${r.lureId}${r.from}`">
          <b>{{ r.name }}</b> {{ words.bestFrom(say(r.from), say(r.to)) }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.if {
  display: grid;
  gap: var(--space-12);
}
.top {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr) auto;
  gap: var(--space-16);
  align-items: center;
}
.slide {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px;
  gap: var(--space-12);
  align-items: center;
}
.slide input {
  accent-color: rgb(var(--v-theme-secondary));
  min-height: 40px;
}
.take {
  min-height: 44px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.take:disabled {
  opacity: 0.38;
}
svg {
  display: block;
  width: 100%;
}
text {
  font-size: var(--text-1);
  fill: rgb(var(--v-theme-on-surface));
  font-variant-numeric: tabular-nums;
}
.list text {
  font-size: var(--text-2);
}
.list .first {
  font-weight: 700;
}
.grid {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.14;
}
.way {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.28;
  stroke-width: 1.4;
}
.way.leads {
  stroke: rgb(var(--v-theme-primary));
  stroke-opacity: 0.9;
  stroke-width: 2.4;
}
.reign {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 5;
}
.own {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-dasharray: 2 4;
}
.at {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.dot {
  fill: rgb(var(--v-theme-secondary));
}
.reigns {
  margin: 0;
  padding-left: var(--space-16);
  font-size: var(--text-3);
}
@media (max-width: 700px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
  svg {
    min-width: 560px;
  }
  .if {
    overflow-x: auto;
  }
}
</style>
