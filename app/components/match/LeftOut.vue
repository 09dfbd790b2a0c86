<script setup lang="ts">
import { leftOut as words, sayLeftOut, sayRefusal } from '../../../words'
import { useMatch } from '~/stores/match'

/** Lures of the box that are no answer here, counted by the limit they break. */
const match = useMatch()
const out = computed(() => match.answer?.leftOut ?? [])
const sum = computed(() => out.value.reduce((n, one) => n + one.lures, 0))
</script>

<template>
  <details v-if="sum > 0" class="out">
    <summary>{{ words.leftOut(sum) }}</summary>
    <ul>
      <li v-for="one in out" :key="one.why.code">{{ sayLeftOut(one.lures, sayRefusal(one.why)) }}.</li>
    </ul>
  </details>
</template>

<style scoped>
.out {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  padding: var(--space-12) var(--space-16);
}
.out summary {
  font-weight: 650;
  cursor: pointer;
  min-height: 28px;
}
.out ul {
  margin: var(--space-6) 0 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
  font-size: var(--text-3);
}
</style>
