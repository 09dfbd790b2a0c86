<script setup lang="ts">
import { rigForm as words, sayFurtherAt } from '../../../words'
import { FURTHER_AT, familyOf, rigTypeOf, type Further, type RigTypeId } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** What else hangs on the line of a rig: a fly behind a spoon, a jig on a dropper, the arms of an umbrella. */
const props = defineProps<{ type: RigTypeId }>()
const further = defineModel<Further[]>({ required: true })
const box = useBox()
const MOST = 12
/** A second lure rides this far from the first, m, unless it is said otherwise (common practice: 2 to 3 ft). */
const USUAL_M = 0.8

const lures = computed(() => box.box.lures.map((l) => ({ value: l.id, title: l.name })))
const places = FURTHER_AT.map((value) => ({ value, title: sayFurtherAt(value) }))
function add() {
  const at = rigTypeOf(props.type).second ?? 'behind'
  const fly = box.box.lures.find((l) => familyOf(l.family).id === 'streamer') ?? box.box.lures[0]
  if (fly) further.value = [...further.value, { lureId: fly.id, at, metres: at === 'arm' ? 0 : USUAL_M, dummy: false }]
}
const change = (i: number, over: Partial<Further>) =>
  (further.value = further.value.map((one, nth) => (nth === i ? { ...one, ...over } : one)))
const takeOff = (i: number) => (further.value = further.value.filter((_, nth) => nth !== i))
</script>

<template>
  <fieldset class="wide further">
    <legend v-if="further.length">{{ words.moreOnThisLine }}</legend>
    <div v-for="(one, i) in further" :key="i" class="one">
      <v-autocomplete
        :label="words.furtherLure(i + 2)"
        :items="lures"
        :model-value="one.lureId"
        variant="outlined"
        density="compact"
        hide-details
        @update:model-value="(lureId) => lureId && change(i, { lureId })"
      />
      <v-select
        :label="words.whereItHangs"
        :items="places"
        :model-value="one.at"
        @update:model-value="(at) => change(i, { at })"
      />
      <MeasureField
        v-if="one.at !== 'arm'"
        :label="words.fromTheFirst"
        role="depth"
        :model-value="one.metres"
        :min="0"
        :max="5"
        @update:model-value="(v) => v !== null && change(i, { metres: v })"
      />
      <v-checkbox
        v-else
        :label="words.dummy"
        :model-value="one.dummy"
        density="compact"
        hide-details
        @update:model-value="(v) => change(i, { dummy: v === true })"
      />
      <button type="button" class="off" :aria-label="words.takeOff(i + 2)" @click="takeOff(i)">×</button>
    </div>
    <button v-if="further.length < MOST" type="button" class="add" @click="add">{{ words.addALure }}</button>
  </fieldset>
</template>

<style scoped>
.further {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
legend {
  font-weight: 650;
  margin-bottom: var(--space-6);
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1.5fr) minmax(0, 1fr) 40px;
  gap: var(--space-8);
  align-items: center;
}
.off {
  min-height: 40px;
  font-size: var(--text-5);
}
.add {
  justify-self: start;
  min-height: 40px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
@media (max-width: 520px) {
  .one {
    grid-template-columns: minmax(0, 1fr) 40px;
  }
  .one > * {
    grid-column: 1;
  }
  .one > .off {
    grid-column: 2;
    grid-row: 1;
  }
}
</style>
