<script setup lang="ts">
import { keptNothing as words } from '../../words'
import { saveArchive } from '~/composables/download'
import { useOpening } from '~/stores/opening'

/** While the page works without a database: it says so all the time, with the one way to keep things. */
const opening = useOpening()
async function save() {
  await saveArchive(await opening.all(), { anyway: true })
}
</script>

<template>
  <aside v-if="opening.inMemory" class="memory" :aria-label="words.nothingIsKept">
    <p><b>{{ words.nothingIsKept }}</b> {{ words.exportBeforeYouClose }}</p>
    <v-btn variant="outlined" size="small" @click="save">{{ words.exportToAFile }}</v-btn>
  </aside>
</template>

<style scoped>
.memory {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8) var(--space-16);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-8) var(--space-24);
  background: rgb(var(--v-theme-surface));
  border-bottom: 3px solid rgb(var(--v-theme-warning));
}
@media print {
  .memory {
    display: none;
  }
}
</style>
