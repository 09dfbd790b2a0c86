<script setup lang="ts">
import { cellProblems as words } from '../../../words'
/** Cells of the table that could not be read, each with why. */
defineProps<{ problems: readonly { readonly lure: string; readonly column: string; readonly reason: string }[] }>()
const SHOWN = 8
</script>

<template>
  <div v-if="problems.length" class="panel problems" role="alert">
    <b>{{ words.leftAsItStood(problems.length) }}</b>
    <ul>
      <li v-for="(p, i) in problems.slice(0, SHOWN)" :key="i">{{ p.lure }}, {{ p.column }}: {{ p.reason }}.</li>
      <li v-if="problems.length > SHOWN">{{ words.andMore(problems.length - SHOWN) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.problems {
  margin-top: var(--space-8);
  padding: var(--space-8) var(--space-16);
  border-color: rgb(var(--v-theme-error));
}
ul {
  margin: var(--space-4) 0 0;
  padding-left: var(--space-16);
}
</style>
