<script setup lang="ts">
import { liveStrip as words, plural } from '../../../words'
import { mdiPause, mdiPlay } from '@mdi/js'
import type { Account, outingTally } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'

/** Where, when and how warm; what came so far; and the break. */
defineProps<{ placeName: string; now: string; account: Account; tally: ReturnType<typeof outingTally> }>()
defineEmits<{ pause: []; resume: [] }>()
const { show } = useMeasure()
const duration = (min: number) =>
  min < 60 ? words.min(Math.floor(min)) : words.hMin(Math.floor(min / 60), Math.floor(min % 60))
</script>

<template>
  <header class="strip">
    <div>
      <p class="where">{{ placeName }}</p>
      <p class="quiet">
        {{ words.fished(now.slice(11, 16), show(account.water.waterTempC, 'waterTemp'), duration(tally.minutes)) }}
      </p>
    </div>
    <p class="tally">
      <b>{{ tally.landed }}</b> {{ words.landed }}<br /><b>{{ tally.takes }}</b> {{ plural(tally.takes, 'take') }}
    </p>
    <button
      type="button"
      class="round"
      :aria-label="account.paused ? words.goOn : words.haveABreak"
      @click="account.paused ? $emit('resume') : $emit('pause')"
    >
      <v-icon :icon="account.paused ? mdiPlay : mdiPause" />
    </button>
  </header>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: 1fr auto 56px;
  gap: var(--space-12);
  align-items: center;
}
.where {
  font-weight: 700;
  line-height: 1.2;
}
.tally {
  text-align: right;
  line-height: 1.25;
  font-size: var(--text-3);
}
.round {
  width: 56px;
  height: 56px;
  border-radius: var(--radius-round);
  border: 2px solid rgba(var(--v-border-color), 0.5);
}
</style>
