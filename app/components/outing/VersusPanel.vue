<script setup lang="ts">
import { versusPanel as words } from '../../../words'
import { MIN_PROBABILITY, accountOf, pairsOf, trialIn, versus, type Outing } from '../../../core/outing'
import { credibleInterval } from '../../../core/rate'

/** Two rigs fished in turn: which is better, how sure that is, and how much more would settle it. No verdict before its time. */
const props = defineProps<{ outing: Outing; now: string; inHandId: string | null }>()
const emit = defineEmits<{ start: [a: string, b: string, castsEach: number]; end: []; turn: [carriedId: string] }>()

const trial = computed(() => trialIn(props.outing))
const turns = computed(() => (trial.value ? pairsOf(accountOf(props.outing, props.now).stretches, trial.value) : null))
const found = computed(() => (turns.value ? versus(turns.value.pairs) : null))
const nameOf = (id: string) => props.outing.carried.find((c) => c.id === id)?.name ?? ''
const castS = computed(() => {
  const ways = props.outing.carried
    .filter((c) => c.id === trial.value?.a || c.id === trial.value?.b)
    .flatMap((c) => c.ways.slice(0, 1))
  return ways.reduce((sum, w) => sum + w.castS, 0) / Math.max(1, ways.length)
})
const pick = reactive({ a: props.outing.carried[0]?.id ?? '', b: props.outing.carried[1]?.id ?? '', castsEach: 10 })
const other = computed(() => (trial.value && props.inHandId === trial.value.a ? trial.value.b : (trial.value?.a ?? '')))
const percent = (p: number) => `${Math.round(100 * p)} %`
const said = computed(() => {
  const v = found.value
  if (!v || !trial.value) return ''
  const [a, b] = [nameOf(trial.value.a), nameOf(trial.value.b)]
  if (v.verdict) return words.isTheBetterOne(v.verdict === 'a' ? a : b)
  if (v.pairs === 0) return words.oneWholeTurn
  if (v.effortToDecide === null) return words.theyLookAlikeNo
  const casts = Math.ceil((v.effortToDecide * 60) / Math.max(1, castS.value))
  return words.tooEarlyFor(casts)
})
const rate = (side: 'a' | 'b') => {
  const shown = found.value && credibleInterval(found.value[side], 60)
  return shown ? words.anHour(shown.median.toFixed(1), shown.low.toFixed(1), shown.high.toFixed(1)) : ''
}
</script>

<template>
  <section class="versus" :aria-label="words.aAgainstB">
    <template v-if="trial && found && turns">
      <dl>
        <div v-for="side in ['a', 'b'] as const" :key="side" :class="{ on: inHandId === trial[side] }">
          <dt>{{ side.toUpperCase() }} · {{ nameOf(trial[side]) }}</dt>
          <dd>
            {{ words.takesInMin(found.sides[side].events, Math.round(found.sides[side].effort)) }}<br /><small>{{
              rate(side)
            }}</small>
          </dd>
        </div>
      </dl>
      <div class="scale" role="img" :aria-label="words.probabilityThat(percent(found.chanceA))">
        <span class="mark low" :style="{ left: `${100 * (1 - MIN_PROBABILITY)}%` }" />
        <span class="mark" :style="{ left: `${100 * MIN_PROBABILITY}%` }" />
        <span class="dot" :style="{ left: `${100 * found.chanceA}%` }" />
      </div>
      <p class="ends">
        <span>{{ words.bBetter }}</span><b>{{ words.aBetter(percent(found.chanceA)) }}</b
        ><span>{{ words.aBetter2 }}</span>
      </p>
      <p class="said">{{ said }}</p>
      <template v-if="!trial.to">
        <p>{{ words.castsInThisTurn(turns.casts, trial.castsEach) }}</p>
        <button type="button" class="go" @click="emit('turn', other)">{{ words.change(nameOf(other)) }}</button>
        <button type="button" @click="emit('end')">{{ words.endTheTrial }}</button>
      </template>
    </template>
    <template v-if="!trial || trial.to">
      <p>
        {{ words.fishTwoRigs }}
      </p>
      <div class="picks">
        <label v-for="side in ['a', 'b'] as const" :key="side"
          >{{ side.toUpperCase() }}
          <select v-model="pick[side]">
            <option v-for="c in outing.carried" :key="c.id" :value="c.id">{{ c.name }}</option>
          </select>
        </label>
        <label
          >{{ words.castsPerTurn }}
          <select v-model.number="pick.castsEach">
            <option v-for="n in [5, 10, 15, 20, 30]" :key="n" :value="n">{{ n }}</option>
          </select>
        </label>
      </div>
      <button
        type="button"
        class="go"
        :disabled="pick.a === pick.b"
        @click="emit('start', pick.a, pick.b, pick.castsEach)"
      >
        {{ words.start(nameOf(pick.a)) }}
      </button>
      <p v-if="outing.carried.length < 2" class="quiet">{{ words.twoRigsAreNeeded }}</p>
    </template>
  </section>
</template>

<style scoped>
.versus {
  display: grid;
  gap: var(--space-8);
}
dl {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
  margin: 0;
}
dl > div {
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.4);
}
dl > div.on {
  border-color: rgb(var(--v-theme-secondary));
}
dt {
  font-weight: 700;
}
dd {
  margin: var(--space-4) 0 0;
}
.scale {
  position: relative;
  height: 16px;
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface-variant));
}
.mark {
  position: absolute;
  top: -3px;
  bottom: -3px;
  border-left: 2px dashed rgb(var(--v-theme-on-surface));
}
.dot {
  position: absolute;
  top: -4px;
  width: 24px;
  height: 24px;
  margin-left: calc(-1 * var(--space-12));
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-secondary));
}
.ends {
  display: flex;
  justify-content: space-between;
  font-size: var(--text-3);
}
.said {
  font-size: var(--text-5);
  font-weight: 650;
}
.picks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
}
select {
  display: block;
  width: 100%;
  min-height: 48px;
  padding: 0 var(--space-8);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.55);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
button {
  min-height: 56px;
  border-radius: var(--radius-l);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
.go {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.go:disabled {
  opacity: 0.5;
}
</style>
