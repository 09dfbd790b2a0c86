<script setup lang="ts">
import { tuneRest as words, sayHooks } from '../../../words'
import {
  hooksToSuspend,
  inOtherWater,
  leadersToSuspend,
  restSpeedWith,
  stateOf,
  suspend,
  type LureProfile,
} from '../../../core/bench'
import { addBallast, alter, type Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { newId } from '../../../core/new-id'

/** To make a plug hang: lead, hooks or leader, in this water, and what the same does ten degrees colder. */
const props = defineProps<{ lure: Lure; known: LureProfile; water: { tempC: number; salinity: number } }>()
const box = useBox()
const { show } = useMeasure()
const COLDER_C = 10
const rest = computed(() => props.known.rest)
const plan = computed(() => rest.value && suspend(rest.value, props.water))
const colder = computed(() => ({ ...props.water, tempC: Math.max(-1, props.water.tempC - COLDER_C) }))
const inCold = computed(() =>
  rest.value && plan.value ? inOtherWater(rest.value, plan.value.leadKg, props.water, colder.value) : null,
)
const hooks = computed(() => (rest.value ? hooksToSuspend(props.lure, rest.value, props.water) : []))
const leaders = computed(() =>
  rest.value ? leadersToSuspend(box.box.leaders, rest.value, props.water).slice(0, 3) : [],
)
const STATE = { floats: words.itFloatsUp, suspends: words.itSuspends, sinks: words.itSinks } as const
/** Slower than this nobody sees it move, m/s. */
const STILL_MPS = 0.0005
const sayMove = (mps: number) => {
  const state = stateOf(mps)
  if (Math.abs(mps) < STILL_MPS) return 'suspends'
  if (state === 'suspends') return words.suspends(show(Math.abs(mps), 'restSpeed'), mps < 0 ? 'up' : 'down')
  return `${state === 'floats' ? 'rises' : 'sinks'} at ${show(Math.abs(mps), 'restSpeed')}`
}
// Lead by hand: how it would hang with what is at hand.
const tried = ref<number | null>(null)
const leadKg = computed(() => tried.value ?? Math.max(0, plan.value?.leadKg ?? 0))
const withTried = computed(() => (rest.value ? restSpeedWith(rest.value, leadKg.value, props.water) : 0))
async function glueOn() {
  const kg = leadKg.value
  if (kg <= 0) return
  const patch = addBallast(props.lure, kg, stateOf(withTried.value))
  await box.save(
    'lures',
    alter(props.lure, {
      id: newId(),
      date: today(),
      kind: 'ballast',
      note: words.ofLeadToHang(show(kg, 'lead'), show(props.water.tempC, 'waterTemp')),
      patch,
    }),
  )
  tried.value = null
}
</script>

<template>
  <div v-if="rest && plan && inCold" class="tune">
    <p class="state">
      {{ words.at(show(water.tempC, 'waterTemp'))
      }}<template v-if="water.salinity">{{ words.salinity(water.salinity) }}</template> {{ STATE[plan.state]
      }}<template v-if="plan.state !== 'suspends'"> {{ words.at2(show(Math.abs(plan.nowMps), 'restSpeed')) }}</template
      >.
      <span v-if="rest.n === 0" class="told"
        >{{ words.fromThePacketOnly }}
        <NuxtLink :to="{ path: '/bench/test', query: { lure: lure.id, kind: 'rest' } }">{{ words.test }}</NuxtLink>
        {{ words.andTheseGramsMean }}</span
      >
    </p>
    <div class="answers">
      <section :aria-label="words.lead">
        <h2>{{ words.lead }}</h2>
        <template v-if="plan.leadKg > 0">
          <p class="big">
            <b>{{ show(plan.leadKg, 'lead') }}</b>
            <span>{{ words.orOfStripMm(show(plan.stripM, 'hookGap')) }}</span>
          </p>
          <p class="quiet">
            {{ words.goodToPutOn(show(plan.toleranceKg, 'lead')) }}
          </p>
        </template>
        <p v-else class="big">
          <b>{{ words.takeOff(show(-plan.leadKg, 'lead')) }}</b><span>{{ words.withLighterHooksOr }}</span>
        </p>
        <div class="try">
          <MeasureField
            :model-value="leadKg"
            :label="words.leadAtHand"
            role="lead"
            :min="0"
            :max="0.05"
            @update:model-value="(v) => (tried = v)"
          />
          <p role="status">{{ words.withWord(sayMove(withTried)) }}</p>
          <v-btn variant="outlined" :disabled="leadKg <= 0" @click="glueOn">{{ words.noteItAsGlued }}</v-btn>
        </div>
      </section>
      <section v-if="hooks.length" :aria-label="words.hooks">
        <h2>{{ words.orHooks }}</h2>
        <ul>
          <li v-for="h in hooks" :key="sayHooks(h.hooks)">
            <b>{{ sayHooks(h.hooks) }}</b>
            <span
              >{{ h.addedKg < 0 ? '−' : '+' }}{{ show(Math.abs(h.addedKg), 'lead') }}: {{ sayMove(h.speedMps) }}</span
            >
          </li>
        </ul>
        <p class="quiet">{{ words.typicalHookWeightsMakers }}</p>
      </section>
      <section v-if="leaders.length" :aria-label="words.leader">
        <h2>{{ words.orLeader }}</h2>
        <ul>
          <li v-for="l in leaders" :key="l.leader.id">
            <b>{{ l.leader.name }}</b><span>{{ sayMove(l.speedMps) }}</span>
          </li>
        </ul>
        <p class="quiet">{{ words.halfOfItHangs }}</p>
      </section>
      <section :aria-label="words.colder">
        <h2>{{ words.tunedSoAt(show(colder.tempC, 'waterTemp')) }}</h2>
        <p>{{ words.byTheDenserWater }} <b>{{ sayMove(inCold.waterAloneMps) }}</b>.</p>
        <p>{{ words.itsPlasticShellShrinks }} <b>{{ sayMove(inCold.withShellMps) }}</b>.</p>
        <p class="quiet">
          {{ words.commonPracticeSaysThat }}
        </p>
      </section>
    </div>
    <p class="caution"><b>{{ words.careful }}</b> {{ words.leadIsPoisonousWash }}</p>
  </div>
</template>

<style scoped>
.tune {
  display: grid;
  gap: var(--space-12);
}
.state {
  font-size: var(--text-4);
}
.told {
  display: block;
  font-size: var(--text-3);
}
.answers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(250px, 1fr));
  gap: var(--space-12) var(--space-24);
}
section {
  display: grid;
  gap: var(--space-6);
  align-content: start;
}
.big b {
  display: block;
  font-family: var(--v-font-heading);
  font-size: var(--text-7);
  line-height: 1.15;
}
.try {
  display: grid;
  gap: var(--space-6);
  margin-top: var(--space-6);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: var(--space-4) 0;
}
li b,
li span {
  display: block;
}
.quiet {
  font-size: var(--text-2);
}
</style>
