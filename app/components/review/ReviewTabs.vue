<script setup lang="ts">
/** The parts of the review. */
const TABS = [
  { to: '/review', name: 'Rates' },
  { to: '/review/patterns', name: 'Patterns' },
  { to: '/review/lures', name: 'Lures and odds' },
  { to: '/review/season', name: 'Season' },
  { to: '/review/files', name: 'Files' },
]
</script>

<template>
  <AreaTabs label="Review" :tabs="TABS" />
</template>
