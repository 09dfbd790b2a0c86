<script setup lang="ts">
import { ruleTabs as texts } from '../../../words'
/** How the match judges, in its parts. */
const TABS = [
  { to: '/', name: texts.theMatch },
  { to: '/rules', name: texts.rules },
  { to: '/rules/techniques', name: texts.techniques },
  { to: '/rules/questions', name: texts.openQuestions },
  { to: '/rules/words', name: texts.glossary },
]
</script>

<template>
  <AreaTabs :label="texts.judgement" :tabs="TABS" />
</template>
