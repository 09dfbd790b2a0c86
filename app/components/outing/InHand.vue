<script setup lang="ts">
import { inHand as words } from '../../../words'
import type { Account } from '../../../core/outing'
import type { Lure } from '../../../core/tackle'
import { useMeasure } from '~/composables/useMeasure'

/** What is in the hand: the lure, how it is fished, how deep, and for how long. A tap changes it. */
defineProps<{ inHand: NonNullable<Account['inHand']>; lure: Lure | undefined; minutes: number }>()
defineEmits<{ change: [] }>()
const { show } = useMeasure()
</script>

<template>
  <button
    type="button"
    class="hand"
    :data-carried="inHand.carried.id"
    :data-way="inHand.way.id"
    @click="$emit('change')"
  >
    <LureDrawing v-if="lure" :lure="lure" :width-px="84" />
    <span class="what">
      <b>{{ inHand.carried.name }}</b>
      <span>{{ inHand.way.name }}</span>
      <small>{{
        words.runsAboutMinOn(
          inHand.way.countDownS ? words.count(inHand.way.countDownS) : '',
          show(inHand.way.depthM, 'depth'),
          Math.floor(minutes),
        )
      }}</small>
    </span>
  </button>
</template>

<style scoped>
.hand {
  display: flex;
  align-items: center;
  gap: var(--space-12);
  width: 100%;
  min-height: 84px;
  padding: var(--space-8) var(--space-12);
  text-align: left;
  border-radius: var(--radius-l);
  background: rgb(var(--v-theme-surface));
  border: 2.5px solid rgb(var(--v-theme-on-surface));
}
.what {
  display: grid;
  line-height: 1.2;
}
.what b {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
}
.what small {
  font-size: var(--text-3);
}
</style>
