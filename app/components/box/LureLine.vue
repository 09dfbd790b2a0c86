<script setup lang="ts">
import type { Lure } from '../../../core/tackle'

/** A lure in a list: its picture, what is said of it, and at the end a mark. */
defineProps<{ lure: Lure; widthPx: number; title: string }>()
</script>

<template>
  <li>
    <span class="picture"><LureDrawing :lure="lure" :width-px="widthPx" /></span>
    <span
      ><b>{{ title }}</b><span class="say"><slot /></span
    ></span>
    <slot name="mark" />
  </li>
</template>

<style scoped>
li {
  list-style: none;
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-6) 0;
}
.picture {
  display: grid;
  place-items: center;
  height: 56px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.say {
  display: grid;
  font-size: var(--text-3);
}
</style>
