<script setup lang="ts">
import { lureHead as words } from '../../../words'
import type { Lure } from '../../../core/tackle'

/** Head of a page that is about one lure: the way back, what the page is, which lure. */
defineProps<{ lure: Lure; title: string; about: string }>()
</script>

<template>
  <header class="lure-head">
    <span class="picture"><LureDrawing :lure="lure" :width-px="86" /></span>
    <div>
      <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }" class="back screen-only">{{ words.bench }}</NuxtLink>
      <h1>{{ title }}: {{ lure.name }}</h1>
      <p class="quiet">{{ about }}</p>
    </div>
    <div class="ways screen-only"><slot /></div>
  </header>
</template>

<style scoped>
.lure-head {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr) auto;
  gap: var(--space-16);
  align-items: center;
  margin-bottom: var(--space-12);
}
.picture {
  display: grid;
  place-items: center;
  height: 78px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.back {
  font-weight: 650;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
@media (max-width: 600px) {
  .lure-head {
    grid-template-columns: minmax(0, 1fr);
  }
  .picture {
    display: none;
  }
}
@media print {
  .screen-only {
    display: none;
  }
}
</style>
