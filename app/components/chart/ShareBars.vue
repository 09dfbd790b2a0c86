<script setup lang="ts">
import { percent, shareBars as words } from '../../../words'

/** Shares of something as bars, from the least to the most that each may well be, the middle marked; the figures stand beside them. */
defineProps<{
  rows: readonly {
    readonly id: string
    readonly name: string
    readonly hits: number
    readonly of: number
    readonly share: { readonly median: number; readonly low: number; readonly high: number }
  }[]
}>()
const bar = ({ low, high }: { low: number; high: number }) => ({
  left: `${100 * low}%`,
  width: `${Math.max(1, 100 * (high - low))}%`,
})
</script>

<template>
  <ul>
    <li v-for="row in rows" :key="row.id">
      <span>{{ row.name }}</span>
      <span class="bar" aria-hidden="true"
        ><i :style="bar(row.share)" /><b :style="{ left: `${100 * row.share.median}%` }"
      /></span>
      <small
        >{{ words.of(row.hits, row.of) }},
        {{ words.likely(percent(row.share.median), percent(row.share.low), percent(row.share.high)) }}</small
      >
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-6);
}
li {
  display: grid;
  grid-template-columns: minmax(96px, 1fr) 2fr;
  gap: 0 var(--space-8);
  align-items: center;
}
li span:first-child {
  overflow-wrap: anywhere;
}
li small {
  grid-column: 2;
  opacity: var(--v-medium-emphasis-opacity);
}
.bar {
  position: relative;
  height: 12px;
  border-radius: var(--radius-s);
  background: rgb(var(--v-theme-surface-variant));
}
.bar i {
  position: absolute;
  inset-block: 2px;
  border-radius: var(--radius-s);
  background: rgba(var(--v-theme-primary), 0.55);
}
.bar b {
  position: absolute;
  inset-block: 0;
  width: 4px;
  transform: translateX(-50%);
  background: rgb(var(--v-theme-primary));
}
</style>
