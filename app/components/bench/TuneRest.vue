<script setup lang="ts">
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
import { sayHooks } from '../../../words'

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
const STATE = { floats: 'it floats up', suspends: 'it suspends', sinks: 'it sinks' } as const
/** Slower than this nobody sees it move, m/s. */
const STILL_MPS = 0.0005
const sayMove = (mps: number) => {
  const state = stateOf(mps)
  if (Math.abs(mps) < STILL_MPS) return 'suspends'
  if (state === 'suspends') return `suspends (${show(Math.abs(mps), 'restSpeed')} ${mps < 0 ? 'up' : 'down'})`
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
      id: crypto.randomUUID(),
      date: today(),
      kind: 'ballast',
      note: `${show(kg, 'lead')} of lead, to hang at ${show(props.water.tempC, 'waterTemp')}`,
      patch,
    }),
  )
  tried.value = null
}
</script>

<template>
  <div v-if="rest && plan && inCold" class="tune">
    <p class="state">
      At {{ show(water.tempC, 'waterTemp') }}<template v-if="water.salinity">, salinity {{ water.salinity }}</template>
      {{ STATE[plan.state]
      }}<template v-if="plan.state !== 'suspends'"> at {{ show(Math.abs(plan.nowMps), 'restSpeed') }}</template
      >.
      <span v-if="rest.n === 0" class="told"
        >From the packet only.
        <NuxtLink :to="{ path: '/bench/test', query: { lure: lure.id, kind: 'rest' } }">Test it in a bath</NuxtLink> and
        these grams mean something.</span
      >
    </p>
    <div class="answers">
      <section aria-label="Lead">
        <h2>Lead</h2>
        <template v-if="plan.leadKg > 0">
          <p class="big">
            <b>{{ show(plan.leadKg, 'lead') }}</b>
            <span>or {{ show(plan.stripM, 'hookGap') }} of strip 5 × 0.5 mm</span>
          </p>
          <p class="quiet">
            Good to ± {{ show(plan.toleranceKg, 'lead') }}: put on a little more and trim it in the water. Low and a
            third from the nose keeps its action.
          </p>
        </template>
        <p v-else class="big">
          <b>Take off {{ show(-plan.leadKg, 'lead') }}</b
          ><span>with lighter hooks or rings</span>
        </p>
        <div class="try">
          <MeasureField
            :model-value="leadKg"
            label="Lead at hand"
            role="lead"
            :min="0"
            :max="0.05"
            @update:model-value="(v) => (tried = v)"
          />
          <p role="status">With it, it {{ sayMove(withTried) }}.</p>
          <v-btn variant="outlined" :disabled="leadKg <= 0" @click="glueOn">Note it as glued on</v-btn>
        </div>
      </section>
      <section v-if="hooks.length" aria-label="Hooks">
        <h2>Or hooks</h2>
        <ul>
          <li v-for="h in hooks" :key="sayHooks(h.hooks)">
            <b>{{ sayHooks(h.hooks) }}</b>
            <span
              >{{ h.addedKg < 0 ? '−' : '+' }}{{ show(Math.abs(h.addedKg), 'lead') }}: {{ sayMove(h.speedMps) }}</span
            >
          </li>
        </ul>
        <p class="quiet">Typical hook weights; makers differ by a fifth. Weigh yours.</p>
      </section>
      <section v-if="leaders.length" aria-label="Leader">
        <h2>Or leader</h2>
        <ul>
          <li v-for="l in leaders" :key="l.leader.id">
            <b>{{ l.leader.name }}</b><span>{{ sayMove(l.speedMps) }}</span>
          </li>
        </ul>
        <p class="quiet">Half of it hangs on the lure.</p>
      </section>
      <section aria-label="Colder">
        <h2>Tuned so, at {{ show(colder.tempC, 'waterTemp') }}</h2>
        <p>
          By the denser water alone it <b>{{ sayMove(inCold.waterAloneMps) }}</b>.
        </p>
        <p>
          Its plastic shell shrinks as well: taken together it <b>{{ sayMove(inCold.withShellMps) }}</b>.
        </p>
        <p class="quiet">
          Common practice says that cold water floats it up. The water does; how much the shell takes back depends on
          the plastic (2.4 · 10⁻⁴ a degree taken, from memory). Try it in a cold bath.
        </p>
      </section>
    </div>
    <p class="caution">
      <b>Careful:</b> lead is poisonous. Wash your hands, keep dust off food and away from children, and use tungsten or
      tin where lead is not allowed.
    </p>
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
