<script setup lang="ts">
useHead({ title: 'Files and bin · Ygrion' })
</script>

<template>
  <div class="page">
    <PageHead title="Box" about="Spreadsheets and archives in and out, and what was thrown away."><BoxTabs /></PageHead>
    <KeepAsk />
    <div class="stack">
      <SheetImport />
      <AsideRows />
      <div class="two">
        <section class="panel whole" aria-label="Archive">
          <h2>Everything in one file</h2>
          <p class="quiet">
            Lures, parts, rigs, trays, waters, photos and bin as one open JSON file. It replaces what is here when it
            comes back in, and that can be undone.
          </p>
          <BoxFiles />
        </section>
        <KeepData />
      </div>
      <BinList />
    </div>
  </div>
</template>

<style scoped>
.stack {
  display: grid;
  gap: var(--space-16);
  margin-top: var(--space-16);
  min-width: 0;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: var(--space-16);
}
.whole {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-8);
  align-content: start;
}
</style>
