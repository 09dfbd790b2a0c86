<script setup lang="ts">
import { friendsReel as words } from '../../../words'
import { beatAt, type Cadence } from '../../../core/match'
import { DOINGS } from '../../../data/cadences'
import { useCadencePlayer } from '~/composables/useCadencePlayer'

/** A friend’s retrieve, to be heard: no picture of it, only a lamp that beats with it. */
const props = defineProps<{ cadence: Cadence }>()
const { playing, atS, play, stop } = useCadencePlayer(() => props.cadence)
const works = computed(() => {
  if (!playing.value) return false
  const { index, inLead } = beatAt(props.cadence, atS.value)
  const beat = (inLead ? props.cadence.lead : props.cadence.loop)[index]
  return beat !== undefined && DOINGS[beat.does].hz > 0
})
</script>

<template>
  <div class="reel">
    <button type="button" @click="playing ? stop() : play()">
      <span class="lamp" :class="{ on: works }" aria-hidden="true" />
      {{ playing ? words.quiet : words.listen }}
    </button>
    <p class="quiet">{{ words.lamp }}</p>
  </div>
</template>

<style scoped>
.reel {
  display: grid;
  gap: var(--space-4);
}
button {
  display: flex;
  align-items: center;
  gap: var(--space-12);
  min-height: 56px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-l);
  border: 2px solid rgb(var(--v-theme-primary));
  font-weight: 700;
  justify-self: start;
}
.lamp {
  width: 20px;
  height: 20px;
  border-radius: var(--radius-round);
  border: 2px solid rgb(var(--v-theme-secondary));
}
.lamp.on {
  background: rgb(var(--v-theme-secondary));
}
</style>
