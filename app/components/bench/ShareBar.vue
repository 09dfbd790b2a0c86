<script setup lang="ts">
import { shareBar as texts } from '../../../words'
/** A share of the most there can be, 0 … 1, as a bar; told in words to whoever does not see it. */
const props = defineProps<{ value: number; label: string }>()
const percent = computed(() => Math.round(Math.min(1, Math.max(0, props.value)) * 100))
</script>

<template>
  <span
    class="share-bar"
    role="meter"
    :aria-label="label"
    aria-valuemin="0"
    aria-valuemax="100"
    :aria-valuenow="percent"
    :title="texts.of(label, percent)"
    ><i :style="{ width: `${percent}%` }"
  /></span>
</template>

<style scoped>
.share-bar {
  display: block;
  min-width: 90px;
  max-width: 220px;
  height: 8px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), 0.14);
}
.share-bar i {
  display: block;
  height: 100%;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-primary));
}
</style>
