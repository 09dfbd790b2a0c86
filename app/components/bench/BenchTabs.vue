<script setup lang="ts">
/** The parts of the bench. */
const TABS = [
  { to: '/bench', name: 'One lure' },
  { to: '/bench/compare', name: 'Side by side' },
  { to: '/bench/sums', name: 'Calculators' },
]
</script>

<template>
  <AreaTabs label="Bench" :tabs="TABS" />
</template>
