<script setup lang="ts">
/** The parts of a view, side by side under its heading. */
defineProps<{ label: string; tabs: readonly { to: string; name: string }[] }>()
</script>

<template>
  <nav class="tabs" :aria-label="label">
    <NuxtLink v-for="t in tabs" :key="t.to" :to="t.to" class="tab" exact-active-class="on">{{ t.name }}</NuxtLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  margin-top: var(--space-12);
}
.tab {
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
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
    margin-inline: calc(-1 * var(--space-12));
    padding-inline: var(--space-12);
  }
  .tab {
    min-height: 44px;
    white-space: nowrap;
  }
}
</style>
