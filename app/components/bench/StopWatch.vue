<script setup lang="ts">
import { stopWatch as words } from '../../../words'
import { useEventListener } from '@vueuse/core'
import { useStopwatch } from '~/composables/useStopwatch'

/** A stopwatch to be worked with a wet thumb or the space bar, from anywhere on the page but a field. */
const emit = defineEmits<{ stopped: [seconds: number] }>()
const { running, shown, press, cancel } = useStopwatch((s) => emit('stopped', s))

function key(event: KeyboardEvent) {
  const target = event.target as HTMLElement | null
  if (event.repeat || target?.closest('input, textarea, button, a, [role=combobox], [contenteditable]')) return
  if (event.code === 'Space') {
    event.preventDefault()
    press()
  } else if (event.code === 'Escape' && running.value) cancel()
}
useEventListener('keydown', key)
</script>

<template>
  <div class="watch">
    <button type="button" class="press" :class="{ running }" data-testid="watch" @click="press">
      <span class="figures" aria-hidden="true">{{ shown.toFixed(2) }}</span>
      <span class="what">{{ words.theWatch(running ? words.stop : words.start) }}</span>
    </button>
    <p class="hint">
      {{ words.pressItOr }}
      <button v-if="running" type="button" class="cancel" @click="cancel">{{ words.discardThisRun }}</button>
    </p>
  </div>
</template>

<style scoped>
.watch {
  display: grid;
  gap: var(--space-6);
  justify-items: center;
}
.press {
  display: grid;
  place-items: center;
  gap: var(--space-2);
  width: 100%;
  min-height: 132px;
  border-radius: var(--radius-l);
  border: 3px solid rgb(var(--v-theme-primary)) !important;
  touch-action: manipulation;
}
.press.running {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.figures {
  font-family: var(--v-font-heading);
  font-size: var(--text-8);
  font-weight: 700;
  line-height: 1;
}
.what {
  font-weight: 700;
}
.hint {
  font-size: var(--text-2);
}
.cancel {
  text-decoration: underline;
  font-weight: 650;
  min-height: 28px;
}
</style>
