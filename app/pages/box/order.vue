<script setup lang="ts">
import { boxOrderPage as words } from '../../../words'
useHead({ title: words.upkeepAndGapsYgrion })
</script>

<template>
  <div class="page">
    <PageHead :title="words.box" :about="words.whatIsDueBefore"><BoxTabs /></PageHead>
    <div class="order">
      <UpkeepPanel class="care" />

      <GapTable />

      <DuplicatesPanel />

      <section class="panel papers" :aria-label="words.onPaper">
        <h2>{{ words.onPaper }}</h2>
        <p class="quiet">{{ words.printedFromThisPage }}</p>
        <div class="ways">
          <v-btn variant="outlined" to="/box/labels">{{ words.boxLabels }}</v-btn>
          <v-btn variant="outlined" to="/box/values">{{ words.valueListInsurance }}</v-btn>
        </div>
      </section>
    </div>
  </div>
</template>

<style scoped>
.order {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 8fr);
  gap: var(--space-16);
  margin-top: var(--space-16);
  align-items: start;
}
.panel {
  padding: var(--space-16) var(--space-20) var(--space-16);
  display: grid;
  gap: var(--space-8);
  min-width: 0;
}
.care {
  grid-row: span 3;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
@media (max-width: 980px) {
  .order {
    grid-template-columns: minmax(0, 1fr);
  }
  .care {
    grid-row: auto;
  }
}
</style>
