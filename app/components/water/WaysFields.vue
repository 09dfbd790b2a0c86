<script setup lang="ts">
import { waysFields as words, deliveryWords, sayStand } from '../../../words'
import { LET_OUT, STANDS } from '../../../data/deliveries'
import { deliveriesFrom, deliveriesHere, deliveryOf, type DeliveryId } from '../../../core/tackle'
import { passingOf, type Conditions } from '../../../core/water'
import { useWater } from '~/stores/water'

/** From where one fishes, and in which ways; left alone, what is usual from there. */
const props = defineProps<{ c: Conditions }>()
const water = useWater()
const stands = [null, ...STANDS].map((value) => ({ value, title: sayStand(value) }))
const possible = computed(() => deliveriesFrom(props.c.stand))
const ways = computed(() =>
  possible.value.map((id) => ({ id, title: deliveryWords(id).name, about: deliveryWords(id).about })),
)
const here = computed(() => deliveriesHere(props.c))

/** Another stand begins with what is usual there. */
const setStand = (stand: Conditions['stand']) => water.change({ stand, deliveries: null })
function toggle(id: DeliveryId) {
  const left = possible.value.filter((d) => here.value.has(d) !== (d === id))
  if (left.length > 0) water.change({ deliveries: left })
}
const flowMps = computed(() => Math.hypot(...passingOf(props.c).flowMps))
/** Ways that are wanted and that still water cannot do. */
const idle = computed(() =>
  flowMps.value > 0 ? [] : [...here.value].filter((id) => deliveryOf(id).moving).map((id) => deliveryWords(id).name),
)
</script>

<template>
  <fieldset>
    <legend>{{ words.howYouFish }}</legend>
    <v-select :label="words.from" :items="stands" :model-value="c.stand" class="wide" @update:model-value="setStand" />
    <PillRow class="wide" :label="words.waysLookedAt" :choices="ways" :pressed="(id) => here.has(id)" @press="toggle" />
    <p class="wide said">
      {{ c.deliveries ? words.yourWays : c.stand ? words.usualFromThere : words.usualAnywhere }}
      <button v-if="c.deliveries" type="button" class="again" @click="water.change({ deliveries: null })">
        {{ words.asUsual }}
      </button>
    </p>
    <p v-if="idle.length" class="wide said">{{ words.needsMovingWater(idle.join(', ')) }}</p>
    <MeasureField
      v-if="here.has('downrigger')"
      :label="words.ball"
      role="sinkerMass"
      :model-value="c.ballKg ?? LET_OUT.ballKg"
      :min="0.5"
      :max="12"
      @update:model-value="(v) => water.change({ ballKg: v })"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>

<style scoped>
.said {
  font-size: var(--text-3);
  opacity: var(--v-medium-emphasis-opacity);
}
.again {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  min-height: 32px;
}
</style>
