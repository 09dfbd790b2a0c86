<script setup lang="ts">
import { boxTabs as words } from '../../../words'
/** The parts of the box. */
const TABS = [
  { to: '/box', name: words.lures },
  { to: '/box/parts', name: words.rodsLinesParts },
  { to: '/box/rigs', name: words.rigs },
  { to: '/box/order', name: words.upkeepAndGaps },
  { to: '/box/files', name: words.filesAndBin },
]
</script>

<template>
  <AreaTabs :label="words.box" :tabs="TABS" />
</template>
