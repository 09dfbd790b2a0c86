<script setup lang="ts">
import { boxPicker, rigSheet as words } from '../../../words'
import type { AlteredInHand, Carried, Wanted, Way } from '../../../core/outing'
import { modelKeyOf } from '../../../core/tackle'
import { usePractised } from '~/composables/usePractised'
import { useBox } from '~/stores/box'
import { useMeasure } from '~/composables/useMeasure'

/** What is carried: one tap takes it into the hand in its best way. What is in the hand shows its ways, its other colours, and what can be done to it; anything else of the box can be taken along. */
const props = defineProps<{
  carried: readonly Carried[]
  inHand: { carried: Carried; way: Way } | null
  busy: boolean
}>()
const emit = defineEmits<{
  take: [carriedId: string, wayId: string]
  lost: []
  alter: [what: AlteredInHand, lengthM: number | null]
  along: [wanted: Wanted]
  close: []
}>()
const box = useBox()
const practised = usePractised()
const lureOf = (id: string) => (practised ? practised.lureOf(id) : box.lureById.get(id))
const { show } = useMeasure()
const picking = ref(false)
const rigs = computed(() =>
  // What is in the hand stands first, with its ways and colours.
  [...props.carried]
    .sort((a, b) => Number(b.id === props.inHand?.carried.id) - Number(a.id === props.inHand?.carried.id))
    .map((c) => ({ ...c, lure: lureOf(c.lureId ?? '') })),
)
/** Lures of the box out of the same mould that are not carried yet. */
const colours = computed(() => {
  const lure = box.lureById.get(props.inHand?.carried.lureId ?? '')
  // On the practice lake only what is carried is there.
  if (!lure || practised) return []
  const [model, taken] = [modelKeyOf(lure), new Set(props.carried.map((c) => c.lureId))]
  return box.box.lures.filter((l) => l.count > 0 && !taken.has(l.id) && modelKeyOf(l) === model)
})
function tap(c: Carried) {
  const [way] = c.ways
  if (way) emit('take', c.id, way.id)
}
</script>

<template>
  <BottomSheet :title="words.whatIsCarried" :closing="words.close" @close="emit('close')">
    <ul>
      <li v-for="c in rigs" :key="c.id" :class="{ on: c.id === inHand?.carried.id }">
        <button
          type="button"
          class="rig"
          :aria-pressed="c.id === inHand?.carried.id"
          :data-carried="c.id"
          @click="c.id === inHand?.carried.id ? emit('close') : tap(c)"
        >
          <LureDrawing v-if="c.lure" :lure="c.lure" :width-px="64" />
          <span
            ><b>{{ c.name }}</b
            ><small
              >{{ show(c.lengthM, 'lureLength') }} · {{ c.colour
              }}{{ c.id === inHand?.carried.id ? ` · ${words.inHand}` : '' }}</small
            ></span
          >
        </button>
        <div v-if="c.id === inHand?.carried.id" class="ways">
          <button
            v-for="w in c.ways"
            :key="w.id"
            type="button"
            :class="{ on: c.id === inHand?.carried.id && w.id === inHand.way.id }"
            :data-way="w.id"
            @click="emit('take', c.id, w.id)"
          >
            {{ w.name
            }}<small>{{
              words.aboutDown(w.countDownS ? words.count(w.countDownS) : '', show(w.depthM, 'depth'))
            }}</small>
          </button>
        </div>
        <section
          v-if="c.id === inHand?.carried.id && colours.length"
          class="colours"
          :aria-label="words.itsOtherColours"
        >
          <h3>{{ words.itsOtherColours }}</h3>
          <div>
            <button
              v-for="l in colours"
              :key="l.id"
              type="button"
              :disabled="busy"
              :data-take="l.id"
              @click="emit('along', { kind: 'lure', id: l.id })"
            >
              <LureDrawing :lure="l" :width-px="64" /> {{ l.name }}
            </button>
          </div>
        </section>
      </li>
    </ul>
    <template v-if="!practised">
      <AlterInHand v-if="inHand" :carried="inHand.carried" @alter="(what, m) => emit('alter', what, m)" />
      <button v-if="!picking" type="button" class="other" @click="picking = true">{{ boxPicker.somethingElse }}</button>
      <BoxPicker v-else :busy="busy" @take="(wanted) => emit('along', wanted)" />
      <button v-if="inHand" type="button" class="lost" @click="emit('lost')">
        {{ words.isLost(inHand.carried.name) }}
      </button>
    </template>
  </BottomSheet>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li + li {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.rig {
  display: flex;
  align-items: center;
  gap: var(--space-12);
  width: 100%;
  min-height: 60px;
  text-align: left;
}
.rig b,
.rig small {
  display: block;
}
li.on .rig b {
  color: rgb(var(--v-theme-secondary));
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
  padding-bottom: var(--space-12);
}
.ways button {
  min-height: 60px;
  padding: var(--space-6) var(--space-8);
  text-align: left;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
  line-height: 1.15;
}
.ways button.on {
  border-color: rgb(var(--v-theme-secondary));
}
small {
  display: block;
  font-weight: 400;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.colours {
  padding-bottom: var(--space-12);
}
.colours div {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6);
}
h3 {
  font-size: var(--text-3);
  margin-bottom: var(--space-4);
}
.colours button,
.other {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: var(--space-8);
  min-height: 56px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
.other {
  width: 100%;
}
.lost {
  width: 100%;
  min-height: 56px;
  margin-top: var(--space-8);
  border-radius: var(--radius-m);
  border: 2px dashed rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-error));
  font-weight: 650;
}
</style>
