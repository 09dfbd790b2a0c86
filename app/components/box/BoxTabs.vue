<script setup lang="ts">
/** The parts of the box. */
const TABS = [
  { to: '/box', name: 'Lures' },
  { to: '/box/parts', name: 'Rods, lines, parts' },
  { to: '/box/rigs', name: 'Rigs' },
  { to: '/box/order', name: 'In order' },
  { to: '/box/files', name: 'Files and bin' },
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
  flex-wrap: wrap;
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
@media (max-width: 600px) {
  .tabs {
    flex-wrap: nowrap;
    overflow-x: auto;
    margin-inline: -12px;
    padding-inline: 12px;
  }
  .tab {
    min-height: 44px;
    white-space: nowrap;
  }
}
</style>
