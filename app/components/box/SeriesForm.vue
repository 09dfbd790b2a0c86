<script setup lang="ts">
import { seriesForm as words } from '../../../words'
import { COLOURS, colourOf, freeSlot, seriesOf, type ColourId, type Lure } from '../../../core/tackle'
import { draftKey, useDraft } from '~/composables/useDraft'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { newId } from '../../../core/new-id'

/** One body in several colours and weights, entered at once. */
const props = defineProps<{
  lure: Lure
  /** The lure is not in the box yet: every combination is new. */
  first?: boolean
}>()
const emit = defineEmits<{ save: [lures: Lure[]]; close: [] }>()

const { show, read } = useMeasure()
const box = useBox()
const looks = ref<{ back: ColourId; flank: ColourId; belly: ColourId }[]>([])
const next = reactive({ back: props.lure.colour.back, flank: props.lure.colour.flank, belly: props.lure.colour.belly })
const weights = ref('')
const kept = useDraft(draftKey('series', props.lure.id), () => words.aSeries(props.lure.name), {
  get: () => ({ looks: looks.value, weights: weights.value }),
  set: (value) => {
    const typed = value as { looks: typeof looks.value; weights: string }
    looks.value = typed.looks
    weights.value = typed.weights
  },
})
const colours = COLOURS.map((c) => ({ value: c.id, title: c.name }))
const PARTS = ['back', 'flank', 'belly'] as const

const masses = computed(() =>
  weights.value
    .split(/[;,]\s+|;|\s*\n\s*/)
    .map((text) => text.trim())
    .filter(Boolean)
    .map((text) => ({ text, ...read(text, 'lureMass') })),
)
const wrong = computed(() => masses.value.find((m) => 'problem' in m))
const nameOf = (look: (typeof looks.value)[number]) =>
  look.back === look.flank
    ? colourOf(look.flank).name
    : `${colourOf(look.flank).name} ${colourOf(look.back).name.toLowerCase()}`
const made = computed(() => {
  const wish = {
    colours: looks.value.map((look) => ({
      label: nameOf(look),
      colour: { ...look, pattern: props.lure.colour.pattern },
    })),
    masses: masses.value.flatMap((m) =>
      'valueSi' in m ? [{ label: show(m.valueSi, 'lureMass'), massKg: m.valueSi }] : [],
    ),
  }
  let n = 0
  return seriesOf(props.lure, wish, () => `series-${++n}`, { first: props.first })
})
function add() {
  if (!looks.value.some((l) => PARTS.every((p) => l[p] === next[p]))) looks.value = [...looks.value, { ...next }]
}
function cancel() {
  void kept.drop()
  emit('close')
}
function save() {
  const { trayId } = props.lure
  const tray = trayId ? box.trayById.get(trayId) : undefined
  const taken = new Set(box.box.lures.flatMap((l) => (l.trayId === trayId && l.slot !== null ? [l.slot] : [])))
  const laid = made.value.map((lure) => {
    if (!tray) return { ...lure, id: newId() }
    const slot = freeSlot(tray, taken)
    taken.add(slot)
    return { ...lure, id: newId(), slot }
  })
  kept.sent()
  emit('save', laid)
}
</script>

<template>
  <form class="panel series" @submit.prevent="save">
    <h2>{{ words.aSeries(lure.name) }}</h2>
    <DraftBar />
    <p class="quiet">
      {{ words.theSameBody }}
    </p>
    <div class="pick">
      <v-select v-for="part in PARTS" :key="part" v-model="next[part]" :label="words.colour(part)" :items="colours" />
      <v-btn variant="outlined" @click="add">{{ words.addTheColour }}</v-btn>
    </div>
    <ul v-if="looks.length" class="looks">
      <li v-for="(look, i) in looks" :key="i">
        <i v-for="part in PARTS" :key="part" :style="{ background: colourOf(look[part]).hex }" />
        {{ nameOf(look) }}
        <button
          type="button"
          :aria-label="words.leaveOut(nameOf(look))"
          @click="looks = looks.filter((l) => l !== look)"
        >
          ×
        </button>
      </li>
    </ul>
    <v-text-field
      v-model="weights"
      :label="words.weightsApartBySemicolons"
      :error-messages="wrong && 'problem' in wrong ? wrong.problem : ''"
    />
    <p role="status">
      <template v-if="made.length">{{ words.willBeAdded(made.length) }}</template>
      <template v-else>{{ words.addAColourOr }}</template>
    </p>
    <ul class="made">
      <li v-for="one in made.slice(0, 24)" :key="one.id">
        <LureDrawing :lure="one" :width-px="84" />
        <span>{{ one.name }}</span>
      </li>
    </ul>
    <div class="foot">
      <v-btn color="primary" type="submit" :disabled="made.length === 0 || made.length > 200 || wrong !== undefined">{{
        words.addThem
      }}</v-btn>
      <v-btn variant="text" @click="cancel">{{ words.cancel }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.series {
  padding: var(--space-20) var(--space-20);
  display: grid;
  gap: var(--space-12);
  overflow-y: auto;
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
}
.pick {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) auto;
  gap: var(--space-8);
  align-items: center;
}
.looks {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  padding: 0;
  margin: 0;
}
.looks li {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  padding: var(--space-4) var(--space-8);
  border-radius: var(--radius-m);
  background: rgb(var(--v-theme-surface-variant));
}
.looks i {
  width: 14px;
  height: 14px;
  border-radius: var(--radius-round);
  border: 1px solid rgba(0, 0, 0, 0.4);
}
.looks button {
  min-width: 24px;
  min-height: 24px;
}
.made {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: var(--space-6);
  padding: 0;
  margin: 0;
}
.made li {
  display: grid;
  justify-items: center;
  padding: var(--space-4);
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  color: var(--colour-ink);
  font-size: var(--text-2);
  text-align: center;
}
.foot {
  display: flex;
  gap: var(--space-8);
}
@media (max-width: 600px) {
  .pick {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
