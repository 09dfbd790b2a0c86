<script setup lang="ts">
import { boxFilesPage as words } from '../../../words'
useHead({ title: words.filesAndBinYgrion })
</script>

<template>
  <div class="page">
    <PageHead :title="words.box" :about="words.spreadsheetsAndArchives"><BoxTabs /></PageHead>
    <KeepAsk />
    <div class="stack">
      <SheetImport />
      <UnreadableRows />
      <AsideRows />
      <div class="two">
        <section class="panel whole" :aria-label="words.archive">
          <h2>{{ words.everythingInOneFile }}</h2>
          <p class="quiet">
            {{ words.luresPartsRigsTrays }}
          </p>
          <BoxFiles />
        </section>
        <KeepData />
      </div>
      <BackupList />
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
