<script setup lang="ts">
import { backupList as words, count } from '../../../words'
import type { BackupHead } from '../../../storage/whole'
import { saveArchive } from '~/composables/download'
import { useBox } from '~/stores/box'
import { repository } from '~/stores/repository'

/** What lay in the browser before everything was replaced: the last five, each to be brought back or saved. */
const box = useBox()
const backups = ref<readonly BackupHead[]>([])
watch(
  () => box.box,
  async () => (backups.value = await repository.backups()),
  { immediate: true },
)
const when = (b: BackupHead) => b.at.replace('T', ', ').slice(0, 17)
const holds = (b: BackupHead) =>
  [count(b.lures, 'lure'), count(b.outings, 'outing'), count(b.places, 'place')].join(', ')
async function save(b: BackupHead) {
  await saveArchive(await repository.backupContent(b.id))
}
</script>

<template>
  <section class="panel backups" :aria-label="words.backups">
    <h2>{{ words.backups }}</h2>
    <p class="quiet">{{ backups.length ? words.theLastFive : words.noneYet }}</p>
    <ul v-if="backups.length">
      <li v-for="b in backups" :key="b.id">
        <span><b>{{ when(b) }}</b><small>{{ words.before(b.why) }} {{ holds(b) }}</small></span>
        <v-btn variant="outlined" size="small" @click="box.restoreBackup(b.id, words.broughtBack(when(b)))">{{
          words.bringBack
        }}</v-btn>
        <v-btn variant="text" size="small" @click="save(b)">{{ words.saveAsAFile }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.backups {
  padding: var(--space-16) var(--space-20);
  display: grid;
  gap: var(--space-8);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--space-8);
  align-items: center;
  padding: var(--space-8) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
small {
  display: block;
  font-size: var(--text-2);
}
@media (max-width: 600px) {
  li {
    grid-template-columns: auto auto;
  }
  li > span {
    grid-column: 1 / -1;
  }
}
</style>
