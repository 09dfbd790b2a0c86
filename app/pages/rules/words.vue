<script setup lang="ts">
import { rulesWordsPage as texts, GLOSSARY } from '../../../words'

useHead({ title: texts.glossaryYgrion })
</script>

<template>
  <div class="page words">
    <PageHead :title="texts.glossary" :about="texts.theWordsThatMean"><RuleTabs /></PageHead>
    <dl class="panel">
      <div v-for="g in GLOSSARY" :key="g.word">
        <dt>{{ g.word }}</dt>
        <dd>{{ g.says }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.words {
  max-width: 1080px;
}
dl {
  margin: 0;
  padding: var(--space-8) var(--space-20);
}
dl div {
  display: grid;
  grid-template-columns: 180px minmax(0, 1fr);
  gap: var(--space-4) var(--space-24);
  padding: var(--space-12) 0;
}
dl div + div {
  border-top: 1px solid rgba(var(--v-border-color), 0.14);
}
dt {
  font-family: var(--v-font-heading);
  font-weight: 700;
}
dd {
  margin: 0;
}
@media (max-width: 600px) {
  dl div {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
