<script setup lang="ts">
import { failureNotice as words, sayFailure } from '../../words'
import { saveArchive } from '~/composables/download'
import { useCommands } from '~/stores/commands'
import { useOpening } from '~/stores/opening'

/** What was not stored, why, and the way out; it stays until it is read. */
const commands = useCommands()
const opening = useOpening()
/** Where nothing more can be stored, a file is the way to keep things. */
const LOST = new Set(['full', 'closed', 'denied', 'no-answer', 'unknown'])
const rescue = computed(() => commands.failure !== null && LOST.has(commands.failure.problem.code))
async function exportAll() {
  await saveArchive(await opening.all(), { anyway: true })
}
</script>

<template>
  <div v-if="commands.failure" class="failure" role="alert">
    <p>{{ sayFailure(commands.failure.what, commands.failure.problem) }}</p>
    <div class="do">
      <NuxtLink
        v-if="commands.failure.problem.code === 'unreadable'"
        to="/box/files"
        @click="commands.failure = null"
        >{{ words.lookAtThem }}</NuxtLink
      >
      <button v-if="rescue" type="button" @click="exportAll">{{ words.exportMyBox }}</button>
      <button type="button" @click="commands.failure = null">{{ words.close }}</button>
    </div>
  </div>
</template>

<style scoped>
.failure {
  position: fixed;
  z-index: 3000;
  top: 64px;
  left: 50%;
  transform: translateX(-50%);
  width: min(640px, calc(100vw - 24px));
  max-height: 60dvh;
  overflow: auto;
  padding: var(--space-12) var(--space-16);
  border-radius: var(--radius-l);
  background: rgb(var(--v-theme-surface));
  border: 2px solid rgb(var(--v-theme-error));
  box-shadow: 0 8px 40px rgba(0, 0, 0, 0.35);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  justify-content: flex-end;
  margin-top: var(--space-8);
}
.do :is(button, a) {
  display: inline-flex;
  align-items: center;
  min-height: 40px;
  padding: 0 var(--space-12);
  border-radius: var(--radius-m);
  font-weight: 700;
  border: 1px solid currentColor;
}
@media print {
  .failure {
    display: none;
  }
}
</style>
