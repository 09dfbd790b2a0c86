<script setup lang="ts">
import { waterHead as words } from '../../../words'

/** The head of the water's views: what this one is for, and the others. */
defineProps<{ about: string }>()
const TABS = [
  { to: '/water', name: words.today },
  { to: '/water/day', name: words.lightAndTideToday },
  { to: '/water/instruments', name: words.sounderAndForecast },
  { to: '/water/places', name: words.places },
]
</script>

<template>
  <PageHead :title="words.water" :about="about"><AreaTabs :label="words.water" :tabs="TABS" /></PageHead>
</template>
