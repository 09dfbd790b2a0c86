<script setup lang="ts">
import { behindRow as words } from '../../../words'
import type { MatchRow } from '../../../core/match'
import { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'

/** The sizes and colours behind a place: opened, each with its own way and score, to be looked at or carried. */
const props = defineProps<{ row: MatchRow }>()
const match = useMatch()
const box = useBox()
const rows = computed(() => match.opened.get(props.row.setUp.build.lure.id))
const lureOf = (row: MatchRow) => box.lureById.get(row.setUp.build.lure.id) ?? row.setUp.build.lure
</script>

<template>
  <div class="behind">
    <button type="button" class="toggle" :aria-expanded="rows !== undefined" @click="match.toggleBehind(row)">
      {{ rows ? words.close : words.more(row.alike.length) }}
    </button>
    <ul v-if="rows">
      <li v-for="one in rows" :key="one.key">
        <button
          type="button"
          :aria-pressed="one.key === match.chosen?.key"
          @click="match.choose(one.setUp.build.lure.id)"
        >
          <LureDrawing :lure="lureOf(one)" :width-px="56" />
          <span>{{ one.setUp.build.lure.name }}<small>{{ one.setUp.handling.technique.name }}</small></span>
          <b>{{ Math.round(one.score) }}</b>
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.behind {
  padding: 0 var(--space-12) var(--space-6) var(--space-48);
  font-size: var(--text-2);
}
.toggle {
  white-space: nowrap;
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 3px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.behind ul button {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr) auto;
  gap: var(--space-8);
  align-items: center;
  width: 100%;
  min-height: 44px;
  text-align: left;
  border-radius: var(--radius-m);
}
.behind ul button:hover,
.behind ul button[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface-variant));
}
.behind ul span {
  display: grid;
  overflow-wrap: anywhere;
}
.behind ul b {
  padding-right: var(--space-8);
}
</style>
