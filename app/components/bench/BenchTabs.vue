<script setup lang="ts">
import { benchTabs as words } from '../../../words'
/** The parts of the bench. */
const TABS = [
  { to: '/bench', name: words.oneLure },
  { to: '/bench/compare', name: words.sideBySide },
  { to: '/bench/sums', name: words.calculators },
]
</script>

<template>
  <AreaTabs :label="words.bench" :tabs="TABS" />
</template>
