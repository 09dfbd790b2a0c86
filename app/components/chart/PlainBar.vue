<script setup lang="ts">
/** A share, 0 … 1, as a bar beside its figure; unseen by whoever hears the page read, for the figure is read. */
defineProps<{ share: number; tone?: 'primary' | 'secondary' }>()
</script>

<template>
  <span class="plain-bar" aria-hidden="true"
    ><span :class="tone ?? 'primary'" :style="{ transform: `scaleX(${share})` }"
  /></span>
</template>

<style scoped>
.plain-bar {
  display: block;
  height: 6px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-border-color), var(--v-border-opacity));
  overflow: hidden;
}
.plain-bar span {
  display: block;
  height: 100%;
  transform-origin: left;
}
.primary {
  background: rgb(var(--v-theme-primary));
}
.secondary {
  background: rgb(var(--v-theme-secondary));
}
</style>
