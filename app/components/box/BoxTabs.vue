<script setup lang="ts">
/** The two halves of the box. */
const TABS = [
  { to: '/box', name: 'Lures' },
  { to: '/box/parts', name: 'Rods, lines, parts' },
]
</script>

<template>
  <nav class="tabs" aria-label="Box">
    <NuxtLink v-for="t in TABS" :key="t.to" :to="t.to" class="tab" exact-active-class="on">{{ t.name }}</NuxtLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 4px;
  margin-top: 12px;
}
.tab {
  padding: 8px 14px;
  border-radius: 10px;
  font-weight: 650;
  text-decoration: none;
  color: inherit;
}
.tab:hover {
  background: rgba(var(--v-theme-surface-variant), 0.6);
}
.tab.on {
  background: rgb(var(--v-theme-surface-variant));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
}
</style>
