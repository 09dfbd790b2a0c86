<script setup lang="ts">
import { tuneFall as words } from '../../../words'
import { secondsWith, weightForFall, type LureProfile } from '../../../core/bench'
import { minHoldingMassKg } from '../../../core/motion'
import { familyOf, type Line, type Lure } from '../../../core/tackle'
import { waterFluid } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'

/** The weight for a wanted fall, and the lead that stays on the bottom. */
const props = defineProps<{
  lure: Lure
  known: LureProfile
  water: { tempC: number; salinity: number }
  line: Line
  currentMps: number
  depthM: number
}>()
const { show } = useMeasure()
const soft = computed(() => familyOf(props.lure.family).body === 'soft')
const fallMps = ref(0.35)
const wanted = computed(() => weightForFall(props.lure, props.known, props.water, fallMps.value))
const toDepthM = 3
const seconds = computed(() =>
  wanted.value === null ? null : secondsWith(props.lure, props.known, props.water, wanted.value, toDepthM, props.line),
)
// Weight that stays on the bottom.
const awayM = ref(20)
const onBottomKg = computed(
  () =>
    minHoldingMassKg({
      depthM: props.depthM,
      tipM: 1,
      awayM: awayM.value,
      flowMps: props.currentMps,
      lineDiameterM: props.line.diameterM,
      ...waterFluid(props.water.tempC, props.water.salinity),
      ground: 'gravel',
    })?.massKg ?? null,
)
</script>

<template>
  <section class="part" :aria-label="words.weightForAFall">
    <h2>{{ soft ? words.headForAWanted : words.weightForAWanted }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="fallMps"
        :label="words.wantedFall"
        role="lureSpeed"
        :min="0.05"
        :max="2.5"
        @update:model-value="(v) => v && (fallMps = v)"
      />
      <p class="answer" role="status">
        <template v-if="wanted !== null"
          ><b>{{ show(wanted, 'lureMass') }}</b>
          {{
            words.inS(soft ? words.ofHeadOn : words.inAll, show(toDepthM, 'depth'), seconds?.toFixed(1) ?? '')
          }}</template
        >
        <template v-else>{{ words.notEvenGMake }}</template>
      </p>
    </div>
    <div class="fields">
      <MeasureField
        :model-value="awayM"
        :label="words.heldAtADistance"
        role="distance"
        :min="1"
        :max="80"
        @update:model-value="(v) => v && (awayM = v)"
      />
      <p class="answer">
        <template v-if="onBottomKg === null">{{ words.noLeadStays }}</template>
        <template v-else>
          <b>{{ show(onBottomKg, 'lureMass') }}</b>
          {{
            words.ofLeadStayOn(
              show(depthM, 'depth'),
              currentMps ? words.aCurrent(show(currentMps, 'current')) : words.withoutCurrent,
            )
          }}
        </template>
      </p>
    </div>
  </section>
</template>
