<script setup lang="ts">
import { sumDownrigger as words } from '../../../words'
import { behindBall, cableForDepth, downrigger, type Fluid } from '../../../core/motion'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import type { Line } from '../../../core/tackle'
import { useLureOfBox } from '~/composables/useLureOfBox'
import { useMeasure } from '~/composables/useMeasure'

/** The downrigger: cable for a depth, how far the ball is blown back, and where the lure runs behind it. */
const props = defineProps<{
  fluid: Fluid
  line: Line
  water: { tempC: number; salinity: number }
}>()
const { show } = useMeasure()
const ballKg = ref(4)
const wantedM = ref(12)
const overGroundMps = ref(1)
const currentMps = ref(0)
const leadM = ref(6)
const { lure, lureId, motion, items } = useLureOfBox(() => props.water, 'trolled')
const SLOWEST_MPS = 0.1
/** Through the water. */
const speedMps = computed(() => Math.max(SLOWEST_MPS, overGroundMps.value - currentMps.value))
const cableM = computed(() => cableForDepth(ballKg.value, wantedM.value, speedMps.value, props.fluid))
const ball = computed(() =>
  cableM.value === null ? null : downrigger(ballKg.value, cableM.value, speedMps.value, props.fluid),
)
const behind = computed(() =>
  motion.value && ball.value
    ? behindBall(
        motion.value,
        props.fluid,
        { diameterM: props.line.diameterM, densityKgM3: LINE_DENSITY[props.line.material] },
        speedMps.value,
        leadM.value,
      )
    : null,
)
const lureM = computed(() => Math.max(0, (ball.value?.depthM ?? 0) + (behind.value?.belowM ?? 0)))
/** Nearer than this to the ball's depth it runs level with it, m. */
const LEVEL_M = 0.15
</script>

<template>
  <section class="panel sum" :aria-label="words.downrigger">
    <h2>{{ words.downrigger }}</h2>
    <div class="fields">
      <MeasureField
        :model-value="ballKg"
        :label="words.ball"
        role="sinkerMass"
        :min="0.3"
        :max="15"
        @update:model-value="(v) => v && (ballKg = v)"
      />
      <MeasureField
        :model-value="wantedM"
        :label="words.wantedDepth"
        role="depth"
        :min="1"
        :max="80"
        @update:model-value="(v) => v && (wantedM = v)"
      />
      <MeasureField
        :model-value="overGroundMps"
        :label="words.speedOverGround"
        role="boatSpeed"
        :min="0.1"
        :max="4"
        @update:model-value="(v) => v && (overGroundMps = v)"
      />
      <MeasureField
        :model-value="currentMps"
        :label="words.currentFromBehind"
        role="boatSpeed"
        :min="-2"
        :max="2"
        @update:model-value="(v) => (currentMps = v ?? 0)"
      />
      <v-autocomplete
        :model-value="lure?.id"
        :label="words.lure"
        :items="items"
        @update:model-value="(id: string | null) => (lureId = id)"
      />
      <MeasureField
        :model-value="leadM"
        :label="words.leadBehindTheBall"
        role="depth"
        :min="0.5"
        :max="60"
        @update:model-value="(v) => v && (leadM = v)"
      />
    </div>
    <p v-if="ball && cableM !== null" role="status" class="answer">
      {{ words.letOut }} <b>{{ show(cableM, 'depth') }}</b> {{ words.ofCableTheBall(show(ball.depthM, 'depth')) }}
      <b>{{ show(ball.blowBackM, 'depth') }}</b>.
    </p>
    <p v-if="ball && behind && lure" role="status" class="answer">
      {{ words.lureRunsAt(lure.name) }} <b>{{ show(lureM, 'depth') }}</b
      >{{
        Math.abs(behind.belowM) < LEVEL_M
          ? words.levelWithTheBall
          : behind.belowM > 0
            ? words.belowTheBall(show(behind.belowM, 'depth'))
            : words.aboveTheBall(show(-behind.belowM, 'depth'))
      }}
    </p>
    <p v-if="!ball" role="status" class="answer">
      {{ words.noLengthOfCable }}
    </p>
    <p class="quiet">{{ words.steelCableOfMm }}</p>
    <p class="caution"><b>{{ words.careful }}</b> {{ words.aBallOn }}</p>
  </section>
</template>

<style scoped src="./sums.css"></style>
