<script setup lang="ts">
import { factorName, levelName, percent, sayAlternative, whatMayBe as words } from '../../../words'
import { FACTORS, spreadOf, usualSpread, type AddedScenario, type Factor, type Plan } from '../../../core/plan'
import { useSettings } from '~/stores/settings'
import { newId } from '../../../core/new-id'

/** How likely each thing is that is not known yet: weighed by hand, or as usual; and scenarios of one's own. */
const props = defineProps<{ plan: Plan }>()
const emit = defineEmits<{ change: [change: Partial<Plan>, label: string] }>()
const settings = useSettings()
/** The leg whose levels are weighed: where some water is not known, that one. */
const leg = computed(() => props.plan.legs.find(({ alternatives }) => alternatives.length > 0) ?? props.plan.legs[0])
const nameOf = (factor: Factor, id: string) => {
  const water = factor === 'water' ? leg.value?.alternatives.find((one) => one.id === id) : undefined
  return water ? sayAlternative(water, settings.system) : levelName(factor, id)
}
const spread = computed(() => leg.value && spreadOf(leg.value, props.plan.spread))
const shares = (factor: Factor) => {
  const levels = Object.entries(spread.value?.[factor] ?? {})
  const sum = levels.reduce((all, [, weight]) => all + weight, 0)
  return levels.map(([id, weight]) => ({ id, weight, share: sum > 0 ? weight / sum : 0 }))
}
const shown = computed(() =>
  FACTORS.map((factor) => ({ factor, levels: shares(factor) })).filter((f) => f.levels.length > 1),
)
function weigh(factor: Factor, id: string, weight: number) {
  if (!leg.value) return
  const before = props.plan.spread[factor] ?? usualSpread(leg.value.water, leg.value.alternatives)[factor]
  const next = { ...props.plan.spread, [factor]: { ...before, [id]: weight } }
  emit('change', { spread: next }, words.weighed(nameOf(factor, id)))
}
function asUsual(factor: Factor) {
  const { [factor]: _, ...rest } = props.plan.spread
  emit('change', { spread: rest }, words.asUsualAgain)
}
const draft = reactive({
  name: '',
  weight: 20,
  windMps: null as number | null,
  visibilityM: null as number | null,
  waterTempC: null as number | null,
})
function add() {
  if (draft.name.trim() === '') return
  const { windMps, visibilityM, waterTempC } = draft
  const one: AddedScenario = {
    id: newId(),
    name: draft.name.trim().slice(0, 80),
    weight: Math.min(1, Math.max(0, draft.weight / 100)),
    ...(windMps !== null && { windMps }),
    ...(visibilityM !== null && { visibilityM }),
    ...(waterTempC !== null && { waterTempC }),
  }
  emit('change', { added: [...props.plan.added, one] }, words.addedIt(one.name))
  Object.assign(draft, { name: '', windMps: null, visibilityM: null, waterTempC: null })
}
function drop(one: AddedScenario) {
  emit('change', { added: props.plan.added.filter(({ id }) => id !== one.id) }, words.droppedIt(one.name))
}
</script>

<template>
  <div class="may">
    <p class="quiet">{{ words.about }}</p>
    <fieldset v-for="f in shown" :key="f.factor">
      <legend>{{ factorName(f.factor) }}</legend>
      <label v-for="l in f.levels" :key="l.id">
        <span>{{ nameOf(f.factor, l.id) }}</span>
        <input
          type="range"
          min="0"
          max="1"
          step="0.05"
          :value="l.weight"
          :aria-label="`${factorName(f.factor)}: ${nameOf(f.factor, l.id)}`"
          @change="(e) => weigh(f.factor, l.id, Number((e.target as HTMLInputElement).value))"
        />
        <b>{{ percent(l.share) }}</b>
      </label>
      <button v-if="plan.spread[f.factor]" type="button" class="usual" @click="asUsual(f.factor)">
        {{ words.asUsualAgain }}
      </button>
    </fieldset>
    <fieldset>
      <legend>{{ words.ofYourOwn }}</legend>
      <p v-for="one in plan.added" :key="one.id" class="own">
        <span>{{ one.name }}</span> <b>{{ percent(one.weight) }}</b>
        <button type="button" :aria-label="words.drop(one.name)" @click="drop(one)">✕</button>
      </p>
      <form v-if="plan.added.length < 8" @submit.prevent="add">
        <v-text-field v-model="draft.name" :label="words.itsName" maxlength="80" class="wide" />
        <v-text-field v-model.number="draft.weight" :label="words.itsWeight" type="number" min="1" max="100" />
        <MeasureField v-model="draft.windMps" :label="words.itsWind" role="wind" optional :min="0" :max="40" />
        <MeasureField
          v-model="draft.visibilityM"
          :label="words.itsClarity"
          role="depth"
          optional
          :min="0.05"
          :max="40"
        />
        <MeasureField v-model="draft.waterTempC" :label="words.itsTemp" role="waterTemp" optional :min="-2" :max="40" />
        <v-btn type="submit" variant="outlined" :disabled="draft.name.trim() === ''">{{ words.add }}</v-btn>
      </form>
    </fieldset>
  </div>
</template>

<style scoped>
.may {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: var(--space-16) var(--space-24);
}
.may > p {
  grid-column: 1 / -1;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  font-weight: 650;
  padding: 0;
}
label {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) 48px;
  gap: var(--space-8);
  align-items: center;
  min-height: 40px;
}
input[type='range'] {
  width: 100%;
  accent-color: rgb(var(--v-theme-primary));
}
b {
  text-align: right;
}
.usual {
  text-decoration: underline;
  min-height: 40px;
}
.own {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 48px 44px;
  align-items: center;
  overflow-wrap: anywhere;
}
.own button {
  min-height: 44px;
}
form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-4) var(--space-8);
}
.wide {
  grid-column: 1 / -1;
}
</style>
