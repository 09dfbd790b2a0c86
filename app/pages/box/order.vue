<script setup lang="ts">
useHead({ title: 'Upkeep and gaps · Ygrion' })
</script>

<template>
  <div class="page">
    <PageHead
      title="Box"
      about="What is due before the next trip, what your waters ask for and the box lacks, and what is there twice."
      ><BoxTabs
    /></PageHead>
    <div class="order">
      <UpkeepPanel class="care" />

      <GapTable />

      <DuplicatesPanel />

      <section class="panel papers" aria-label="On paper">
        <h2>On paper</h2>
        <p class="quiet">Printed from this page; nothing leaves the machine.</p>
        <div class="ways">
          <v-btn variant="outlined" to="/box/labels">Box labels</v-btn>
          <v-btn variant="outlined" to="/box/values">Value list (insurance)</v-btn>
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
