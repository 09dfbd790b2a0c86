<script setup lang="ts">
import { reviewTabs as words } from '../../../words'
/** The parts of the review. */
const TABS = [
  { to: '/review', name: words.rates },
  { to: '/review/patterns', name: words.patterns },
  { to: '/review/lures', name: words.luresAndOdds },
  { to: '/review/fish', name: words.fish },
  { to: '/review/season', name: words.season },
  { to: '/review/files', name: words.files },
]
</script>

<template>
  <AreaTabs :label="words.review" :tabs="TABS" />
</template>
