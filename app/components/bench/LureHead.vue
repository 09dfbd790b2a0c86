<script setup lang="ts">
import type { Lure } from '../../../core/tackle'

/** Head of a page that is about one lure: the way back, what the page is, which lure. */
defineProps<{ lure: Lure; title: string; about: string }>()
</script>

<template>
  <header class="lure-head">
    <span class="picture"><LureDrawing :lure="lure" :width-px="86" /></span>
    <div>
      <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }" class="back screen-only">Bench</NuxtLink>
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
  gap: 16px;
  align-items: center;
  margin-bottom: 14px;
}
.picture {
  display: grid;
  place-items: center;
  height: 78px;
  border-radius: 12px;
  background: #dde3d8;
  overflow: hidden;
}
.v-theme--night .picture {
  background: #8a7358;
}
.back {
  font-weight: 650;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
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
