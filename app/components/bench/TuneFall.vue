<script setup lang="ts">
import { secondsWith, weightForFall, type LureProfile } from '../../../core/bench'
import { minHoldingMassKg } from '../../../core/motion'
import { familyOf, type Line, type Lure } from '../../../core/tackle'
import { waterDensity } from '../../../core/water'
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
      density: waterDensity(props.water.tempC, props.water.salinity),
      ground: 'gravel',
    }).massKg,
)
</script>

<template>
  <section class="part" aria-label="Weight for a fall">
    <h2>{{ soft ? 'Head for a wanted fall' : 'Weight for a wanted fall' }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="fallMps"
        label="Wanted fall"
        role="lureSpeed"
        :min="0.05"
        :max="2.5"
        @update:model-value="(v) => v && (fallMps = v)"
      />
      <p class="answer" role="status">
        <template v-if="wanted !== null"
          ><b>{{ show(wanted, 'lureMass') }}</b> {{ soft ? 'of head on it' : 'in all' }};
          {{ show(toDepthM, 'depth') }} in {{ seconds?.toFixed(1) }} s.</template
        >
        <template v-else>Not even 200 g make it fall so fast.</template>
      </p>
    </div>
    <div class="fields">
      <MeasureField
        :model-value="awayM"
        label="Held at a distance of"
        role="distance"
        :min="1"
        :max="80"
        @update:model-value="(v) => v && (awayM = v)"
      />
      <p class="answer">
        <b>{{ show(onBottomKg, 'lureMass') }}</b> of lead stay on a gravel bottom in {{ show(depthM, 'depth') }},
        {{ currentMps ? `a current of ${show(currentMps, 'current')}` : 'without current' }}.
      </p>
    </div>
  </section>
</template>
