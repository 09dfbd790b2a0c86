<script setup lang="ts">
/** The parts of the box. */
const TABS = [
  { to: '/box', name: 'Lures' },
  { to: '/box/parts', name: 'Rods, lines, parts' },
  { to: '/box/rigs', name: 'Rigs' },
  { to: '/box/order', name: 'Upkeep and gaps' },
  { to: '/box/files', name: 'Files and bin' },
]
</script>

<template>
  <AreaTabs label="Box" :tabs="TABS" />
</template>
