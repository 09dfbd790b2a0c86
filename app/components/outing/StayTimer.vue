<script setup lang="ts">
import { stayTimer as words } from '../../../words'
import { minutesBetween, type Account } from '../../../core/outing'
import { STAY_MIN } from '../../../data/advice'
import { useSignal } from '~/composables/useSignal'

/** After a take the place is given some minutes, and other lures; the clock starts by itself with the last take. */
const props = defineProps<{ account: Account; lastTakeAt: string | null; now: string; schooling: boolean }>()
const { wake, signal } = useSignal()
const ownFrom = ref<string | null>(null)
const minutes = ref<number>(props.schooling ? STAY_MIN.school : STAY_MIN.other)
const from = computed(() => ownFrom.value ?? props.lastTakeAt)
const leftS = computed(() =>
  from.value ? Math.round(60 * (minutes.value - minutesBetween(from.value, props.now))) : 0,
)
const running = computed(() => from.value !== null && leftS.value > 0)
watch(running, (on, before) => before && !on && signal(660, 0.6, 400))
const clock = (s: number) => `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
function start() {
  wake()
  ownFrom.value = props.now
}
</script>

<template>
  <section class="stay" :aria-label="words.stayHere">
    <p class="big">{{ running ? clock(leftS) : clock(minutes * 60) }}</p>
    <div>
      <p v-if="running">
        {{ words.stayWorkItFrom(ownFrom ? words.asYouSet : words.aFishTookHere) }}
      </p>
      <p v-else-if="from">{{ words.theTimeIsUp }}</p>
      <p v-else>{{ words.startsByItselfAfter }}</p>
      <div class="steps">
        <button type="button" :aria-label="words.aMinuteLess" @click="minutes = Math.max(1, minutes - 1)">−</button>
        <button type="button" class="go" @click="start">{{ words.stayMin(minutes) }}</button>
        <button type="button" :aria-label="words.aMinuteMore" @click="minutes = Math.min(60, minutes + 1)">+</button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.stay {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: var(--space-16);
  align-items: center;
}
@media (max-width: 600px) {
  .stay {
    grid-template-columns: 1fr;
    gap: var(--space-4);
  }
}
.big {
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  font-weight: 750;
}
.steps {
  display: grid;
  grid-template-columns: 56px 1fr 56px;
  gap: var(--space-8);
  margin-top: var(--space-8);
}
button {
  min-height: 56px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 700;
}
</style>
