<script setup lang="ts">
import { lureChanges as words, sayChange } from '../../../words'
import {
  HUNG,
  HookSize,
  WIRES,
  addBallast,
  alter,
  asBought,
  BLADE_SHAPES,
  cutBody,
  familyOf,
  swapBlade,
  swapHooks,
  takeBack,
  type ChangeKind,
  type HungHooks,
  type Lure,
  type Patch,
} from '../../../core/tackle'
import { choices } from '~/components/form/choices'
import { useSettings } from '~/stores/settings'
import { today } from '~/stores/repository'
import { newId } from '../../../core/new-id'

/** What was done to a lure: its dated history, and the bench to do something more. */
const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ change: [lure: Lure] }>()

const settings = useSettings()
const kind = ref<ChangeKind | null>(null)
const note = ref('')
const date = ref(today())
const traits = computed(() => props.lure.traits as Readonly<Record<string, unknown>>)
const soft = computed(() => familyOf(props.lure.family).body === 'soft')
const NAMES: Readonly<Record<ChangeKind, string>> = {
  hooks: words.otherHooks,
  blade: words.anotherBlade,
  skirt: words.skirtTrimmed,
  cut: words.bodyCutShorter,
  ballast: words.ballastGluedOnOr,
  load: words.fillerPoured,
  other: words.somethingElse,
}
const offered = computed(() =>
  (Object.keys(NAMES) as ChangeKind[])
    .filter((k) => {
      if (k === 'hooks') return props.lure.hooks !== null
      if (k === 'blade') return 'blade' in traits.value
      if (k === 'skirt') return traits.value.skirt === 'full'
      if (k === 'cut') return soft.value
      if (k === 'load') return 'loadKg' in traits.value
      return true
    })
    .map((value) => ({ value, title: NAMES[value] })),
)
const hooks = reactive<HungHooks>({ style: 'single', size: '#4', wire: 'medium', count: 1 })
const blade = reactive({
  blade: 'willow' as (typeof BLADE_SHAPES)[number],
  bladeSize: 4,
  bladeFinish: 'silver',
  hammered: false,
})
const lengthM = ref(0.08)
const addedKg = ref(0.0005)
const loadKg = ref(0.01)
const buoyancy = ref('suspends')

function begin(chosen: ChangeKind) {
  kind.value = chosen
  const { lure } = props
  if (lure.hooks) Object.assign(hooks, lure.hooks)
  if ('blade' in lure.traits) {
    const { blade: shape, bladeSize, bladeFinish, hammered } = lure.traits
    Object.assign(blade, { blade: shape, bladeSize, bladeFinish, hammered })
  }
  lengthM.value = lure.lengthM * 0.75
  if ('buoyancy' in lure.traits) buoyancy.value = lure.traits.buoyancy
  if ('loadKg' in lure.traits) loadKg.value = lure.traits.loadKg || 0.01
}
function patch(): Patch {
  const { lure } = props
  switch (kind.value) {
    case 'hooks':
      return swapHooks(lure, { ...hooks })
    case 'blade':
      return swapBlade(lure, { ...blade })
    case 'skirt':
      return { 'traits.skirt': 'trimmed' }
    case 'cut':
      return cutBody(lure, Math.min(lengthM.value, lure.lengthM))
    case 'ballast':
      return addBallast(lure, addedKg.value, buoyancy.value)
    case 'load':
      return { 'traits.loadKg': loadKg.value }
    default:
      return {}
  }
}
function done() {
  if (!kind.value) return
  const what = { id: newId(), date: date.value || today(), kind: kind.value, note: note.value.trim() }
  // Even the same hooks put on anew begin a new count of fish.
  emit('change', alter(props.lure, { ...what, patch: patch() }, kind.value === 'hooks'))
  kind.value = null
  note.value = ''
}
const history = computed(() => [...props.lure.changes].reverse())
</script>

<template>
  <section class="changes" :aria-label="words.whatWasDone">
    <h3>{{ words.whatWasDone }}</h3>
    <p v-if="history.length === 0" class="quiet">{{ words.nothingYet }}</p>
    <ol v-else>
      <li v-for="c in history" :key="c.id">
        <span class="when">{{ c.date }}</span>
        <b>{{ NAMES[c.kind] }}</b>
        <span v-if="sayChange(lure, c, settings.system)" class="what">{{ sayChange(lure, c, settings.system) }}</span>
        <span v-if="c.note" class="note">{{ c.note }}</span>
        <button type="button" class="back" @click="emit('change', takeBack(lure, c.id))">{{ words.undoThis }}</button>
      </li>
    </ol>
    <button v-if="history.length > 1" type="button" class="back" @click="emit('change', asBought(lure))">
      {{ words.resetToAsBought }}
    </button>
    <v-select
      :label="words.doSomething"
      :items="offered"
      :model-value="kind"
      class="kind"
      @update:model-value="(k: ChangeKind) => begin(k)"
    />
    <div v-if="kind" class="bench">
      <template v-if="kind === 'hooks'">
        <v-select v-model="hooks.style" :label="words.newHooks" :items="choices(HUNG)" />
        <v-select v-model="hooks.size" :label="words.newHookSize" :items="[...HookSize.options]" />
        <v-select v-model="hooks.wire" :label="words.newWire" :items="choices(WIRES)" />
      </template>
      <template v-else-if="kind === 'blade'">
        <v-select v-model="blade.blade" :label="words.newBlade" :items="choices(BLADE_SHAPES)" />
        <v-select v-model="blade.bladeSize" :label="words.newNumber" :items="[0, 1, 2, 3, 4, 5, 6, 7, 8]" />
        <v-select
          v-model="blade.bladeFinish"
          :label="words.newFinish"
          :items="choices(['silver', 'gold', 'brass', 'copper', 'painted'])"
        />
        <v-checkbox v-model="blade.hammered" :label="words.hammered" density="compact" hide-details />
      </template>
      <MeasureField
        v-else-if="kind === 'cut'"
        :label="words.newLength"
        role="lureLength"
        :model-value="lengthM"
        :min="0.01"
        :max="lure.lengthM"
        @update:model-value="(v) => v !== null && (lengthM = v)"
      />
      <template v-else-if="kind === 'ballast'">
        <MeasureField
          :label="words.weightAddedTakenOff"
          role="lureMass"
          :model-value="addedKg"
          :min="-0.1"
          :max="0.1"
          @update:model-value="(v) => v !== null && (addedKg = v)"
        />
        <v-select
          v-if="'buoyancy' in traits"
          v-model="buoyancy"
          :label="words.buoyancyNow"
          :items="choices(['floats', 'suspends', 'sinks'])"
        />
      </template>
      <MeasureField
        v-else-if="kind === 'load'"
        :label="words.fillerInside"
        role="lureMass"
        :model-value="loadKg"
        :min="0"
        :max="0.1"
        @update:model-value="(v) => v !== null && (loadKg = v)"
      />
      <p v-if="kind === 'ballast' || kind === 'load'" class="caution">
        {{ words.leadDustIsPoison }}
      </p>
      <p v-else-if="kind === 'hooks'" class="caution">{{ words.mindThePointsPliers }}</p>
      <v-text-field v-model="date" type="date" :label="words.when" />
      <v-text-field v-model="note" :label="words.whyIfYouLike" maxlength="200" />
      <div class="do">
        <v-btn color="primary" size="small" @click="done">{{ words.done }}</v-btn>
        <v-btn variant="text" size="small" @click="kind = null">{{ words.neverMind }}</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.changes {
  display: grid;
  gap: var(--space-8);
  font-size: var(--text-3);
}
h3 {
  font-size: var(--text-4);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0 0 0 var(--space-12);
  border-left: 2px solid rgba(var(--v-theme-primary), 0.4);
  display: grid;
  gap: var(--space-8);
}
li {
  display: grid;
}
.when {
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.note {
  font-style: italic;
}
.back {
  justify-self: start;
  min-height: 24px;
  text-decoration: underline;
  color: rgb(var(--v-theme-primary));
}
.bench {
  display: grid;
  gap: var(--space-8);
  padding: var(--space-8);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-surface-variant), 0.5);
}
.caution {
  padding: var(--space-4) var(--space-8);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
.do {
  display: flex;
  gap: var(--space-8);
}
</style>
