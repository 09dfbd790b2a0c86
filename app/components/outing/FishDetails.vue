<script setup lang="ts">
import { fishDetails as words, heldByWords, hookedWords, sayCondition } from '../../../words'
import {
  HELD_BY,
  HOOKED,
  ATE,
  fishCondition,
  isRelative,
  relativeWeight,
  standardWeight,
  type EntryOf,
  type Fish,
} from '../../../core/outing'
import { SPECIES, speciesOf } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'

/** The fish just landed: it is written down already; length and the rest can follow, or not. */
const props = defineProps<{ entry: EntryOf<'answer'>; rules: string; tempC: number }>()
const emit = defineEmits<{ change: [fish: Partial<Fish>]; close: [] }>()
const { show, read, figure, unit } = useMeasure()
const settings = useSettings()
const fish = computed(() => props.entry.fish)
const turn = (over: Partial<Fish>) => fish.value && emit('change', over)
/** A finger's step of length: 1 cm, or half an inch. */
const stepM = computed(() => (settings.system === 'metric' ? 0.01 : 0.0127))
/** The length last tapped, until it is stored: the next tap goes on from it. */
const tappedM = ref<number | null>(null)
const lengthM = computed(() => tappedM.value ?? fish.value?.lengthM ?? null)
watch(
  () => [props.entry.id, fish.value?.lengthM] as const,
  ([id, storedM], [before]) => {
    if (id !== before || storedM === tappedM.value) tappedM.value = null
  },
)
const startM = computed(() => (speciesOf(fish.value?.speciesId ?? '')?.mouth === 'large' ? 0.5 : 0.25))
function longer(by: number) {
  const asked = (lengthM.value ?? startM.value) + by * stepM.value
  tappedM.value = Math.min(3, Math.max(0.05, Math.round(asked * 1e4) / 1e4))
  turn({ lengthM: tappedM.value })
}
const standard = computed(() =>
  fish.value && lengthM.value ? standardWeight(fish.value.speciesId, lengthM.value) : null,
)
const relative = computed(() =>
  fish.value?.lengthM && fish.value.massKg
    ? relativeWeight(fish.value.speciesId, fish.value.lengthM, fish.value.massKg)
    : null,
)
const massProblem = ref('')
function weigh(text: string) {
  massProblem.value = ''
  if (text.trim() === '') return turn({ massKg: null })
  const got = read(text, 'sinkerMass')
  if ('problem' in got) massProblem.value = got.problem
  else if (got.valueSi <= 0 || got.valueSi > 500) massProblem.value = words.aFishWeighsMore
  else turn({ massKg: got.valueSi })
}
const WARM_C = 20
</script>

<template>
  <section v-if="fish" class="fish" :aria-label="words.theFish">
    <header>
      <h2>{{ words.landedAt(entry.at.slice(11, 16)) }}</h2>
      <button type="button" class="close" @click="emit('close')">{{ words.done }}</button>
    </header>
    <div class="length">
      <button type="button" :aria-label="words.shorterByFive" @click="longer(-5)">−5</button>
      <button type="button" :aria-label="words.shorter" @click="longer(-1)">−</button>
      <output :aria-label="words.length">{{ lengthM ? show(lengthM, 'lureLength') : words.length2 }}</output>
      <button type="button" :aria-label="words.longer" @click="longer(1)">+</button>
      <button type="button" :aria-label="words.longerByFive" @click="longer(5)">+5</button>
    </div>
    <div class="row" role="group" :aria-label="words.whereTheHookSat">
      <button v-for="h in HOOKED" :key="h" type="button" :aria-pressed="fish.hooked === h" @click="turn({ hooked: h })">
        {{ hookedWords(h) }}
      </button>
    </div>
    <div class="row" role="group" :aria-label="words.whichHook">
      <button
        v-for="h in HELD_BY"
        :key="h"
        type="button"
        :aria-pressed="fish.heldBy === h"
        @click="turn({ heldBy: fish.heldBy === h ? null : h })"
      >
        {{ heldByWords(h) }}
      </button>
    </div>
    <div class="row" role="group" :aria-label="words.howItTook">
      <button v-for="a in ATE" :key="a" type="button" :aria-pressed="fish.ate === a" @click="turn({ ate: a })">
        {{ a === 'winding' ? words.winding : a === 'pause' ? words.onThePause : words.onTheFall }}
      </button>
    </div>
    <div class="row two">
      <label
        >{{ words.species }}
        <select :value="fish.speciesId" @change="turn({ speciesId: ($event.target as HTMLSelectElement).value })">
          <option v-for="s in SPECIES" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
      </label>
      <label
        >{{ words.weight(unit('sinkerMass')) }}
        <input
          inputmode="decimal"
          :value="fish.massKg ? figure(fish.massKg, 'sinkerMass') : ''"
          :aria-invalid="massProblem !== ''"
          @change="weigh(($event.target as HTMLInputElement).value)"
        />
      </label>
    </div>
    <p v-if="massProblem" role="alert" class="problem">{{ massProblem }}</p>
    <p v-if="relative && standard">
      {{ words.ofStandardWeight(Math.round(relative), sayCondition(fishCondition(relative))) }}
    </p>
    <p v-else-if="standard">
      {{ words.aFishOfThis(show(standard.kg, 'sinkerMass'))
      }}<template v-if="isRelative(fish.speciesId, standard.of)"> {{ words.byTheEquation(standard.of) }}</template>.
    </p>
    <div class="row two">
      <button type="button" :aria-pressed="fish.released" @click="turn({ released: true })">
        {{ words.released }}
      </button>
      <button type="button" :aria-pressed="!fish.released" @click="turn({ released: false })">{{ words.kept }}</button>
    </div>
    <FishPhoto :photo-id="fish.photoId" :species-id="fish.speciesId" @photo="(photoId) => turn({ photoId })" />
    <p class="caution">
      {{ words.wetHandsFishOver }}
      <template v-if="tempC >= WARM_C">{{ words.theWaterIsWarm }}</template>
      {{ words.localRulesOnSizes(rules ? words.here(rules) : '') }}
    </p>
  </section>
</template>

<style scoped>
.fish {
  display: grid;
  gap: var(--space-8);
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.close {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 700;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.length {
  display: grid;
  grid-template-columns: 1fr 1fr 2fr 1fr 1fr;
  gap: var(--space-6);
  align-items: center;
}
.length button,
.row button {
  min-height: 52px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
output {
  text-align: center;
  font-family: var(--v-font-heading);
  font-weight: 750;
  font-size: var(--text-6);
  white-space: nowrap;
}
.row {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: var(--space-8);
}
.row.two {
  grid-template-columns: 1fr 1fr;
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  border-color: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
label {
  display: grid;
  gap: var(--space-2);
  font-size: var(--text-3);
}
select,
input {
  min-height: 48px;
  width: 100%;
  padding: 0 var(--space-8);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.55);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.problem {
  color: rgb(var(--v-theme-error));
}
</style>
