<script setup lang="ts">
import { cadenceScore as texts } from '../../../words'
import { DOINGS } from '../../../data/cadences'
import { beatAt, type Cadence } from '../../../core/match'
import { useCadencePlayer } from '~/composables/useCadencePlayer'

/** The hand's work as a small score: as wide as it lasts, and it can be played to eye, ear and skin. */
const props = defineProps<{ cadence: Cadence }>()
const { playing, atS, sound, buzz, canBuzz, play, stop } = useCadencePlayer(() => props.cadence)

const W = ref(640)
const ROW = 46
const leadS = computed(() => props.cadence.lead.reduce((sum, b) => sum + b.seconds, 0))
/** A long pause is drawn shorter than it is, with a break in it; its length stands beside it. */
const drawn = (seconds: number) => Math.min(seconds, 4 + Math.max(0, seconds - 4) * 0.12)
const bars = computed(() => {
  const { lead, loop } = props.cadence
  const all = [...lead.map((b) => ({ ...b, inLead: true })), ...loop.map((b) => ({ ...b, inLead: false }))]
  const sum = all.reduce((s, b) => s + Math.max(0.35, drawn(b.seconds)), 0)
  let x = 0
  return all.map((b, i) => {
    const width = (W.value * Math.max(0.35, drawn(b.seconds))) / sum
    const bar = { ...b, key: i, x, width, index: b.inLead ? i : i - lead.length }
    x += width
    return bar
  })
})
const works = (does: keyof typeof DOINGS) => DOINGS[does].hz > 0
const height = (does: keyof typeof DOINGS) => (works(does) ? 12 + (DOINGS[does].hz / 660) * 24 : 4)
const now = computed(() => beatAt(props.cadence, atS.value))
const isNow = (b: { inLead: boolean; index: number }) =>
  playing.value && b.inLead === now.value.inLead && b.index === now.value.index
const headX = computed(() => {
  const bar = bars.value.find((b) => b.inLead === now.value.inLead && b.index === now.value.index)
  return bar ? bar.x + bar.width * now.value.through : 0
})
const long = (s: number) => (s >= 10 ? s.toFixed(0) : s.toFixed(1))
const description = computed(() => {
  const words = (list: Cadence['loop']) => list.map((b) => `${DOINGS[b.does].says} ${long(b.seconds)} s`).join(', ')
  const { lead, loop } = props.cadence
  return texts.andOver(lead.length ? texts.firstThenOver(words(lead)) : texts.over, words(loop))
})
const saidNow = computed(() => {
  const { inLead, index, through } = now.value
  const beat = (inLead ? props.cadence.lead : props.cadence.loop)[index]
  if (!beat) return ''
  const left = beat.seconds * (1 - through)
  return `${DOINGS[beat.does].says} · ${left.toFixed(1)} s`
})
</script>

<template>
  <div class="score">
    <ChartFrame v-model:width="W" :height="ROW + 22" :says="description" class="drawn">
      <path :d="`M0 ${ROW}H${W}`" class="base" />
      <g v-for="b in bars" :key="b.key">
        <rect
          :x="b.x + 1"
          :y="ROW - height(b.does)"
          :width="Math.max(2, b.width - 2)"
          :height="height(b.does)"
          rx="3"
          :class="['bar', works(b.does) ? 'work' : 'rest', { now: isNow(b) }]"
        />
        <path
          v-if="b.seconds > 6 && !works(b.does)"
          :d="`M${b.x + b.width / 2 - 4} ${ROW - 10}l8 8m-4 -8l8 8`"
          class="cut"
        />
        <text v-if="b.width > 34" :x="b.x + b.width / 2" :y="ROW + 15" text-anchor="middle">
          {{ b.width > 96 ? `${DOINGS[b.does].says} ` : '' }}{{ long(b.seconds) }} s
        </text>
      </g>
      <path v-if="playing" :d="`M${headX} 2V${ROW + 4}`" class="head" />
      <path
        v-if="cadence.lead.length"
        :d="`M${bars[cadence.lead.length]?.x ?? 0} 6v${ROW - 6}m3 -${ROW - 12}v0m0 9v0`"
        class="repeat"
      />
    </ChartFrame>
    <div class="controls">
      <button type="button" class="play" :aria-pressed="playing" @click="playing ? stop() : play()">
        {{ playing ? texts.stop : texts.play }}
      </button>
      <label><input v-model="sound" type="checkbox" /> {{ texts.sound }}</label>
      <label v-if="canBuzz"><input v-model="buzz" type="checkbox" /> {{ texts.buzz }}</label>
      <span v-if="playing" class="said" aria-hidden="true">{{ saidNow }}</span>
      <span v-else class="quiet">{{
        texts.aRoundTakesS(leadS ? texts.afterSOfSinking(leadS) : '', long(cadence.loopS))
      }}</span>
    </div>
  </div>
</template>

<style scoped>
.score {
  display: grid;
  gap: var(--space-8);
}
.drawn {
  max-width: 640px;
}
.base {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.35;
}
.work {
  fill: rgb(var(--v-theme-primary));
}
.rest {
  fill: rgb(var(--v-theme-on-surface));
  fill-opacity: 0.35;
}
.bar.now {
  fill: rgb(var(--v-theme-secondary));
  fill-opacity: 1;
}
.cut {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 1.4;
}
.head {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.4;
}
.repeat {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-width: 2;
  fill: none;
}
.controls {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8) var(--space-16);
  font-size: var(--text-3);
}
.play {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
label {
  display: inline-flex;
  gap: var(--space-6);
  align-items: center;
  min-height: 48px;
}
input {
  accent-color: rgb(var(--v-theme-primary));
  width: 18px;
  height: 18px;
}
.said {
  font-weight: 650;
  font-size: var(--text-4);
}
</style>
