<script setup lang="ts">
/** The parts of the water. */
const TABS = [
  { to: '/water', name: 'Today' },
  { to: '/water/day', name: 'Light and tide today' },
  { to: '/water/instruments', name: 'Sounder and forecast' },
  { to: '/water/places', name: 'Places' },
]
</script>

<template>
  <AreaTabs label="Water" :tabs="TABS" />
</template>
