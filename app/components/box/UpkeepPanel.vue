<script setup lang="ts">
import { upkeepPanel as words, sayCare } from '../../../words'
import { careOf, type Care } from '../../../core/tackle'
import { useBox } from '~/stores/box'

/** What lures ask for before the next trip; what cannot wait first. */
const box = useBox()
const urgent = (asks: readonly Care[]) => asks.filter((c) => c.when === 'now').length
const cares = computed(() =>
  box.box.lures
    .map((lure) => ({ lure, asks: careOf(lure) }))
    .filter(({ asks }) => asks.length > 0)
    .sort((a, b) => urgent(b.asks) - urgent(a.asks)),
)
</script>

<template>
  <section class="panel care" :aria-label="words.upkeep">
    <h2>{{ words.upkeep }}</h2>
    <p v-if="cares.length === 0" class="quiet">
      {{ words.nothingIsDueFish }}
    </p>
    <ul v-else>
      <li v-for="{ lure, asks } in cares" :key="lure.id" :class="{ now: urgent(asks) }">
        <span class="picture"><LureDrawing :lure="lure" :width-px="64" /></span>
        <span
          ><b>{{ lure.name }}</b
          ><span v-for="c in asks" :key="c.code" class="say">{{ sayCare(c) }}</span></span
        >
        <span class="when">{{ urgent(asks) ? words.now : words.soon }}</span>
      </li>
    </ul>
    <p v-if="cares.some(({ asks }) => asks.some((c) => c.code.startsWith('hooks')))" class="quiet small">
      {{ words.changingHooksPliers }}
    </p>
  </section>
</template>

<style scoped>
.panel {
  padding: var(--space-16) var(--space-20) var(--space-16);
  display: grid;
  gap: var(--space-8);
  min-width: 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-6) 0;
}
.picture {
  display: grid;
  place-items: center;
  height: 56px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.say {
  display: block;
  font-size: var(--text-3);
}
.when {
  font-size: var(--text-2);
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  border: 1px solid currentColor;
}
.now .when {
  color: rgb(var(--v-theme-error));
  font-weight: 700;
}
.small {
  font-size: var(--text-2);
}
</style>
