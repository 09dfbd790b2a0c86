<script setup lang="ts">
import { deliveryOf } from '../../../core/tackle'
import { EFFORT_WORDS, placeColumn as words } from '../../../words'
import { useScene } from '~/composables/useScene'
import { useUnderwater } from '~/composables/useUnderwater'
import { useWater } from '~/stores/water'

/** The water column of the current place, with the chosen set-up thrown into it. What is dragged changes the water. */
defineProps<{ withOthers?: boolean }>()
const water = useWater()
const { now, others, band, known } = useScene()
const { seen } = useUnderwater()
/** What is counted of this way of fishing. */
const counted = computed(() => (now.value ? EFFORT_WORDS[deliveryOf(now.value.thrown.plan.delivery).effort].noun : ''))
const tested = computed(() => (known.value?.tests.length ?? 0) > 0)
</script>

<template>
  <WaterColumn
    v-if="water.current && water.reading"
    :c="water.current"
    :zone="water.reading.zone"
    :light="water.reading.light"
    :plan="now?.thrown.plan"
    :path="now?.thrown.path"
    :lure="now?.setUp.build.lure"
    :share="now?.thrown.share.inZone"
    :others="withOthers ? others : []"
    :band="band"
    :seen="seen"
    @change="water.change"
  >
    <span v-if="now" class="share">{{ words.ofTheCast(Math.round(now.thrown.share.inZone * 100), counted) }}</span>
    <NuxtLink
      v-if="now && withOthers"
      class="bench-link"
      :to="{ path: '/bench', query: { lure: now.setUp.build.lure.id } }"
      >{{ tested ? words.pathByYourTests : words.pathByPacket }}</NuxtLink
    >
    <span class="resets">
      <button v-if="water.current.rodTipM !== null" type="button" @click="water.change({ rodTipM: null })">
        {{ words.leaveTheRod }}
      </button>
      <button v-if="water.current.zone" type="button" @click="water.change({ zone: null })">
        {{ words.zoneAsUsualHere }}
      </button>
    </span>
  </WaterColumn>
</template>

<style scoped>
.share {
  font-weight: 650;
}
.resets {
  display: flex;
  gap: var(--space-12);
}
.resets button {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  min-height: 28px;
}
</style>
