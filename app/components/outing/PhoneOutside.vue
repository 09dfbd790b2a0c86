<script setup lang="ts">
import { phoneOutside as words } from '../../../words'
import { trackLengthM, type Fix } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'

/** What the phone does on the water: its screen, and its way. */
defineProps<{ canWake: boolean; canLocate: boolean; problem: number | null; track: readonly Fix[] }>()
const settings = useSettings()
const { show } = useMeasure()
/** The browser’s own number for “not allowed”. */
const NOT_ALLOWED = 1
</script>

<template>
  <fieldset class="phone">
    <legend>{{ words.thisPhone }}</legend>
    <label v-if="canWake">
      <input
        type="checkbox"
        :checked="settings.keepAwake"
        @change="settings.keep({ keepAwake: ($event.target as HTMLInputElement).checked })"
      />
      {{ words.keepAwake }}
    </label>
    <label v-if="canLocate">
      <input
        type="checkbox"
        :checked="settings.noteTrack"
        @change="settings.keep({ noteTrack: ($event.target as HTMLInputElement).checked })"
      />
      <span>{{ words.noteTrack }}<small>{{ words.staysHere }}</small></span>
    </label>
    <p v-if="problem !== null" role="alert">{{ problem === NOT_ALLOWED ? words.notAllowed : words.noPosition }}</p>
    <p v-else-if="settings.noteTrack && track.length" class="quiet">
      {{ words.gone(show(trackLengthM(track), 'distance'), track.length) }}
    </p>
  </fieldset>
</template>

<style scoped>
.phone {
  margin: var(--space-8) 0 0;
  padding: var(--space-8) var(--space-12);
  border: 1.5px solid rgba(var(--v-border-color), 0.3);
  border-radius: var(--radius-m);
}
legend {
  font-weight: 650;
}
label {
  display: flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 48px;
}
small {
  display: block;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
input {
  width: 22px;
  height: 22px;
  accent-color: rgb(var(--v-theme-primary));
}
</style>
