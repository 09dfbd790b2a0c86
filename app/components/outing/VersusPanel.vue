<script setup lang="ts">
import { versusPanel as words } from '../../../words'
import {
  MIN_PROBABILITY,
  accountOf,
  contenderNames,
  fishesFor,
  pairsOf,
  takenWell,
  trialIn,
  versus,
  type Account,
  type Contender,
  type Outing,
} from '../../../core/outing'
import { credibleInterval } from '../../../core/rate'

/** Two rigs, or two ways of fishing one, in turn: which is better, how sure that is, and how much more would settle it. No verdict before its time. */
const props = defineProps<{ outing: Outing; now: string; inHand: Account['inHand'] }>()
const emit = defineEmits<{ start: [a: Contender, b: Contender, castsEach: number]; end: []; turn: [to: Contender] }>()

const trial = computed(() => trialIn(props.outing))
const stretches = computed(() => accountOf(props.outing, props.now).stretches)
const turns = computed(() => (trial.value ? pairsOf(stretches.value, trial.value) : null))
const found = computed(() => (turns.value ? versus(turns.value.pairs) : null))
const well = computed(() => (trial.value ? takenWell(stretches.value, trial.value) : null))
const names = computed(() => (trial.value ? contenderNames(props.outing, trial.value) : (['', ''] as const)))
const nameOf = (side: 'a' | 'b') => names.value[side === 'a' ? 0 : 1]
const fished = (side: 'a' | 'b') => {
  const { inHand } = props
  const one = trial.value?.[side]
  return Boolean(inHand && one && fishesFor(one, inHand.carried, inHand.way))
}
const castS = computed(() => {
  const { a, b } = trial.value ?? {}
  const ways = props.outing.carried.flatMap((c) =>
    [a, b].flatMap((one) =>
      one?.carriedId === c.id ? c.ways.filter((w) => !one.wayId || w.id === one.wayId).slice(0, 1) : [],
    ),
  )
  return ways.reduce((sum, w) => sum + w.castS, 0) / Math.max(1, ways.length)
})
/** Every rig in any way, and where it has several, in each. */
const contenders = computed(() =>
  props.outing.carried.flatMap((c) => [
    { key: c.id, carriedId: c.id, wayId: null, name: c.ways.length > 1 ? words.inAnyWay(c.name) : c.name },
    ...(c.ways.length > 1
      ? c.ways.map((w) => ({
          key: `${c.id}|${w.id}`,
          carriedId: c.id,
          wayId: w.id,
          name: words.inAWay(c.name, `${w.name.toLowerCase()}${w.countDownS ? ` (${w.countDownS})` : ''}`),
        }))
      : []),
  ]),
)
const pick = reactive({ a: props.outing.carried[0]?.id ?? '', b: props.outing.carried[1]?.id ?? '', castsEach: 10 })
const picked = (side: 'a' | 'b') => contenders.value.find((c) => c.key === pick[side])
/** One rig in any way cannot be held against one of its own ways. */
const apart = computed(() => {
  const [a, b] = [picked('a'), picked('b')]
  return Boolean(a && b && (a.carriedId !== b.carriedId || (a.wayId && b.wayId && a.wayId !== b.wayId)))
})
function start() {
  const [a, b] = [picked('a'), picked('b')]
  if (a && b) emit('start', a, b, pick.castsEach)
}
const other = computed<'a' | 'b'>(() => (fished('a') ? 'b' : 'a'))
const percent = (p: number) => `${Math.round(100 * p)} %`
const said = computed(() => {
  const v = found.value
  if (!v || !trial.value) return ''
  const [a, b] = names.value
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
        <div v-for="side in ['a', 'b'] as const" :key="side" :class="{ on: fished(side) }">
          <dt>{{ side.toUpperCase() }} · {{ nameOf(side) }}</dt>
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
      <p v-if="!found.verdict" class="quiet">{{ words.noProof }}</p>
      <section v-if="well && well.a.of + well.b.of > 0" class="well" :aria-label="words.howWell">
        <h4>{{ words.howWell }}</h4>
        <p>
          {{ words.wellTaken(well.a.well, well.a.of, well.b.well, well.b.of) }}
          <b>{{
            words.takenBetter(
              nameOf(well.chanceA >= 0.5 ? 'a' : 'b'),
              percent(Math.max(well.chanceA, 1 - well.chanceA)),
            )
          }}</b>
        </p>
        <p class="quiet">{{ words.wellIs }}</p>
      </section>
      <template v-if="!trial.to">
        <p>{{ words.castsInThisTurn(turns.casts, trial.castsEach) }}</p>
        <button type="button" class="go" @click="emit('turn', trial[other])">{{ words.change(nameOf(other)) }}</button>
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
            <option v-for="c in contenders" :key="c.key" :value="c.key">{{ c.name }}</option>
          </select>
        </label>
        <label
          >{{ words.castsPerTurn }}
          <select v-model.number="pick.castsEach">
            <option v-for="n in [5, 10, 15, 20, 30]" :key="n" :value="n">{{ n }}</option>
          </select>
        </label>
      </div>
      <button type="button" class="go" :disabled="!apart" @click="start">
        {{ words.start(picked('a')?.name ?? '') }}
      </button>
      <p v-if="contenders.length < 2" class="quiet">{{ words.twoRigsAreNeeded }}</p>
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
