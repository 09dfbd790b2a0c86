<script setup lang="ts">
import { tapCounter as words } from '../../../words'
import { paceOf } from '../../../core/bench'

/** A counter for beats or handle turns: one tap or press of its key at each, and the pace is told from the first to the last. */
defineProps<{ label: string; unit: string }>()
const emit = defineEmits<{ pace: [perS: number, count: number] }>()
const taps = ref<number[]>([])
const pace = computed(() => paceOf(taps.value))
function tap() {
  taps.value = [...taps.value, performance.now() / 1000]
  if (pace.value !== null) emit('pace', pace.value, taps.value.length)
}
function clear() {
  taps.value = []
}
defineExpose({ clear })
</script>

<template>
  <div class="taps">
    <button type="button" class="tap" @click="tap"><b>{{ taps.length }}</b><span>{{ label }}</span></button>
    <p class="told" role="status">
      <template v-if="pace !== null">{{ pace.toFixed(2) }} {{ unit }}</template>
      <template v-else>{{ words.twoTapsAndMore }}</template>
      <button v-if="taps.length" type="button" class="cancel" @click="clear">{{ words.startOver }}</button>
    </p>
  </div>
</template>

<style scoped>
.tap {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: var(--space-12);
  width: 100%;
  min-height: 64px;
  border-radius: var(--radius-l);
  border: 2px solid rgb(var(--v-theme-primary)) !important;
  touch-action: manipulation;
  font-weight: 650;
}
.tap:active {
  background: rgb(var(--v-theme-surface-variant));
}
.tap b {
  font-family: var(--v-font-heading);
  font-size: var(--text-7);
}
.told {
  font-size: var(--text-2);
  min-height: 28px;
}
.cancel {
  margin-left: var(--space-8);
  text-decoration: underline;
  font-weight: 650;
  min-height: 28px;
}
</style>
