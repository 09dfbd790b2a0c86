<script setup lang="ts">
useHead({ title: 'Files and bin · Ygrion' })
</script>

<template>
  <div class="page">
    <h1>Box</h1>
    <BoxTabs />
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
  gap: 18px;
  margin-top: 18px;
  min-width: 0;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 18px;
}
.whole {
  padding: 16px 20px;
  display: grid;
  gap: 10px;
  align-content: start;
}
</style>
