<script setup lang="ts">
import { waterTabs as words } from '../../../words'
/** The parts of the water. */
const TABS = [
  { to: '/water', name: words.today },
  { to: '/water/day', name: words.lightAndTideToday },
  { to: '/water/instruments', name: words.sounderAndForecast },
  { to: '/water/places', name: words.places },
]
</script>

<template>
  <AreaTabs :label="words.water" :tabs="TABS" />
</template>
