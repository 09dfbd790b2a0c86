<script setup lang="ts">
import { matchPage as words } from '../../words'
useHead({ title: words.matchYgrion })
</script>

<template>
  <div class="page">
    <WaterStrip />
    <div class="match">
      <section class="left" :aria-label="words.theSetUp">
        <div class="panel picture">
          <PlaceColumn with-others />
        </div>
        <AnswerPanel />
      </section>
      <RankingPanel />
    </div>
  </div>
</template>

<style scoped>
.match {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 440px;
  gap: var(--space-16);
  align-items: start;
}
.left {
  display: grid;
  gap: var(--space-16);
  min-width: 0;
}
.picture {
  overflow: hidden;
}
@media (max-width: 1080px) {
  .match {
    grid-template-columns: minmax(0, 1fr);
  }
  .left {
    order: 1;
  }
}
</style>
