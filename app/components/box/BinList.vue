<script setup lang="ts">
import { binList as texts, capital, THINGS } from '../../../words'
import type { BinItem } from '../../../core/exchange'
import type { Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** What was thrown away, newest first: everything can be put back until the bin is emptied, and even that can be undone. */
const box = useBox()
const items = computed(() => [...box.bin].sort((a, b) => (a.at < b.at ? 1 : -1)))
const when = (b: BinItem) => b.at.replace('T', ', ').slice(0, 17)
const lureOf = (b: BinItem) => (b.kind === 'lures' ? (b.item as Lure) : null)
</script>

<template>
  <section class="panel bin" :aria-label="texts.bin">
    <header>
      <div>
        <h2>{{ texts.bin }}</h2>
        <p class="quiet">
          {{ items.length ? texts.thrownAwayKeptUntil(items.length) : texts.emptyWhatYouRemove }}
        </p>
      </div>
      <v-btn v-if="items.length" variant="text" size="small" color="error" @click="box.emptyBin()">{{
        texts.emptyTheBin
      }}</v-btn>
    </header>
    <ul v-if="items.length">
      <li v-for="b in items.slice(0, 200)" :key="b.id" :data-binned="b.item.name">
        <span class="picture"><LureDrawing v-if="lureOf(b)" :lure="lureOf(b) as Lure" :width-px="70" /></span>
        <span class="words"
          ><b>{{ b.item.name }}</b><small>{{ capital(THINGS[b.kind].one) }} · {{ when(b) }}</small></span
        >
        <v-btn variant="outlined" size="small" :aria-label="texts.putBack(b.item.name)" @click="box.restore([b])">{{
          texts.putBack2
        }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.bin {
  padding: var(--space-16) var(--space-20);
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-8) var(--space-16);
}
ul {
  list-style: none;
  margin: var(--space-8) 0 0;
  padding: 0;
  max-height: 420px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-4) 0;
}
.picture {
  display: grid;
  place-items: center;
  height: 54px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.words {
  display: grid;
  overflow-wrap: anywhere;
}
small {
  opacity: var(--v-medium-emphasis-opacity);
}
</style>
