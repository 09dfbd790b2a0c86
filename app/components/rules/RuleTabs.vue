<script setup lang="ts">
/** How the match judges, in its parts. */
const TABS = [
  { to: '/', name: 'The match' },
  { to: '/rules', name: 'Rules' },
  { to: '/rules/questions', name: 'Open questions' },
  { to: '/rules/words', name: 'Glossary' },
]
</script>

<template>
  <AreaTabs label="Judgement" :tabs="TABS" />
</template>
