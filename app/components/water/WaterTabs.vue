<script setup lang="ts">
/** The parts of the water. */
const TABS = [
  { to: '/water', name: 'Today' },
  { to: '/water/day', name: 'Through the day' },
  { to: '/water/instruments', name: 'Instruments' },
  { to: '/water/places', name: 'Places' },
]
</script>

<template>
  <AreaTabs label="Water" :tabs="TABS" />
</template>
