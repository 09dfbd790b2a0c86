<script setup lang="ts">
import { labelCast as words } from '../../../words'
import { testsOf } from '../../../core/bench'
import { labelCastOf, withLabelCast, type Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** The cast that a packet's running depth is meant for: of one plug, and taken over for every other one never tested. */
const props = defineProps<{ lure: Lure }>()
const box = useBox()
/** The cast that the packet's depth is meant for: of this plug, and of all that were never tested for their depth. */
const labelCastM = computed(() => labelCastOf(props.lure))
const untested = computed(() =>
  box.box.lures.filter(
    (one) =>
      labelCastOf(one) !== null &&
      labelCastOf(one) !== labelCastM.value &&
      testsOf(box.box.tests, one.id, 'depth').length === 0,
  ),
)
const setLabelCast = (castM: number | null) =>
  castM !== null && void box.save('lures', withLabelCast(props.lure, castM), props.lure)
const takeForAll = () =>
  labelCastM.value !== null &&
  void box.saveAll(
    'lures',
    untested.value.map((one) => withLabelCast(one, labelCastM.value ?? 0)),
    words.tookForAll(untested.value.length),
  )
</script>

<template>
  <div v-if="labelCastM !== null" class="label">
    <MeasureField
      :model-value="labelCastM"
      :label="words.castTheDepthIsFor"
      role="distance"
      :min="10"
      :max="100"
      @update:model-value="setLabelCast"
    />
    <p class="quiet">
      {{ words.makersSeldomSay }}
      <button v-if="untested.length" type="button" @click="takeForAll">
        {{ words.takeItForAll(untested.length) }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.label {
  display: grid;
  grid-template-columns: minmax(170px, 260px) 1fr;
  gap: var(--space-12);
  align-items: center;
}
.label button {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  min-height: 32px;
}
@media (max-width: 600px) {
  .label {
    grid-template-columns: 1fr;
  }
}
</style>
