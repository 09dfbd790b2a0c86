<script setup lang="ts">
import { countDown as words } from '../../../words'
import type { Way } from '../../../core/outing'
import type { Conditions } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSignal } from '~/composables/useSignal'

/** Counts a sinking lure down in metres: a tick at each, a double one at the depth to stop at. It can be followed without looking. */
const props = defineProps<{ fallMps: number; way: Way; depthM: number; zone: Conditions['zone'] }>()
const { show } = useMeasure()
const { wake, signal } = useSignal()
const atS = ref(0)
const running = ref(false)
let startedMs = 0
let frame = 0
let ticked = 0
let rung = false
/** Where to stop: the count of the way fished, or the middle of the zone. */
const stopM = computed(() => {
  if (props.way.countDownS > 0) return Math.min(props.depthM, props.way.countDownS * props.fallMps)
  return props.zone ? (props.zone.topM + props.zone.bottomM) / 2 : props.depthM
})
const stopS = computed(() => (props.fallMps > 0 ? stopM.value / props.fallMps : 0))
const atM = computed(() => Math.min(props.depthM, atS.value * props.fallMps))
function step(nowMs: number) {
  if (!running.value) return
  atS.value = (nowMs - startedMs) / 1000
  if (Math.floor(atM.value) > ticked) {
    ticked = Math.floor(atM.value)
    signal(520, 0.1, 40)
  }
  if (!rung && atS.value >= stopS.value) {
    rung = true
    signal(880, 0.4, 240)
  }
  if (atM.value >= props.depthM) running.value = false
  frame = requestAnimationFrame(step)
}
function start() {
  wake()
  startedMs = performance.now()
  ticked = 0
  rung = false
  atS.value = 0
  running.value = true
  frame = requestAnimationFrame(step)
}
function stop() {
  running.value = false
  cancelAnimationFrame(frame)
}
onBeforeUnmount(stop)
const y = (m: number) => 6 + (148 * m) / props.depthM
const metres = computed(() => Array.from({ length: Math.min(40, Math.floor(props.depthM)) }, (_, i) => i + 1))
</script>

<template>
  <section class="count" :aria-label="words.countDown">
    <template v-if="fallMps > 0.02">
      <svg viewBox="0 0 120 160" aria-hidden="true">
        <rect x="40" y="6" width="44" height="148" class="water" rx="6" />
        <rect v-if="zone" x="40" :y="y(zone.topM)" width="44" :height="y(zone.bottomM) - y(zone.topM)" class="zone" />
        <path v-for="m in metres" :key="m" :d="`M40 ${y(m)}h${m % 5 === 0 ? 12 : 6}`" class="tick" />
        <path :d="`M34 ${y(stopM)}h56`" class="stop" />
        <circle cx="62" :cy="y(atM)" r="6" class="lure" />
      </svg>
      <div>
        <p class="big">{{ running || atS ? show(atM, 'depth') : show(stopM, 'depth') }}</p>
        <p>
          {{ running ? `${atS.toFixed(1)} s` : words.countToItFalls(Math.round(stopS), show(fallMps, 'lureSpeed')) }}
        </p>
        <button type="button" class="go" @click="running ? stop() : start()">
          {{ running ? words.stop : words.it }}
        </button>
      </div>
    </template>
    <p v-else class="floats">{{ words.whatIsInYour }}</p>
  </section>
</template>

<style scoped>
.count {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: var(--space-8) var(--space-16);
  align-items: center;
}
.floats {
  grid-column: 1 / -1;
}
svg {
  height: 170px;
}
.water {
  fill: rgb(var(--v-theme-primary));
  fill-opacity: 0.16;
}
.zone {
  fill: rgb(var(--v-theme-secondary));
  fill-opacity: 0.25;
}
.tick {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.6;
}
.stop {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.4;
}
.lure {
  fill: rgb(var(--v-theme-on-surface));
}
.big {
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  font-weight: 750;
  line-height: 1.1;
}
.go {
  margin-top: var(--space-8);
  min-height: 64px;
  width: 100%;
  border-radius: var(--radius-l);
  font-weight: 700;
  font-size: var(--text-5);
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
</style>
