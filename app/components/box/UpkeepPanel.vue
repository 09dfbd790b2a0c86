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
      <LureLine v-for="{ lure, asks } in cares" :key="lure.id" :lure="lure" :width-px="64" :title="lure.name">
        <span v-for="c in asks" :key="c.code">{{ sayCare(c) }}</span>
        <template #mark>
          <span class="when" :class="{ now: urgent(asks) }">{{ urgent(asks) ? words.now : words.soon }}</span>
        </template>
      </LureLine>
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
  margin: 0;
  padding: 0;
}
.when {
  font-size: var(--text-2);
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  border: 1px solid currentColor;
}
.when.now {
  color: rgb(var(--v-theme-error));
  font-weight: 700;
}
.small {
  font-size: var(--text-2);
}
</style>
