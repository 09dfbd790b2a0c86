<script setup lang="ts">
import { testShelf as words, testWords } from '../../../words'
import { findingOf, kindsFor, type LureProfile, testsOf, type TestKind } from '../../../core/bench'
import type { Lure } from '../../../core/tackle'

/** The tests that tell something of this lure: what each gives, what it came to, and the way to run it. */
const props = defineProps<{ lure: Lure; known: LureProfile }>()
const kinds = computed(() =>
  kindsFor(props.lure).map((kind) => ({
    kind,
    how: testWords(kind),
    readings: testsOf(props.known.tests, props.lure.id, kind).flatMap((t): unknown[] => t.readings).length,
    found: findingOf(kind, props.lure, props.known),
  })),
)
const to = (kind: TestKind) => ({ path: '/bench/test', query: { lure: props.lure.id, kind } })
</script>

<template>
  <ul class="shelf">
    <li v-for="k in kinds" :key="k.kind">
      <NuxtLink
        :to="to(k.kind)"
        class="one"
        :class="{ done: k.readings }"
        :title="words.itGives(k.how.gives)"
        :data-test="k.kind"
      >
        <span class="name">{{ k.how.name }}</span>
        <span class="state">
          <template v-if="k.found && k.readings"><FigureRange :figure="k.found" :role="k.found.role" /></template>
          <template v-else-if="k.readings">{{ words.readings(k.readings) }}</template>
          <template v-else>{{ words.notTestedRun }}</template>
        </span>
      </NuxtLink>
    </li>
  </ul>
</template>

<style scoped>
.shelf {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(212px, 1fr));
  gap: var(--space-6);
}
.one {
  display: grid;
  gap: var(--space-4);
  height: 100%;
  align-content: start;
  padding: var(--space-8) var(--space-12);
  border-radius: var(--radius-m);
  color: inherit;
  text-decoration: none;
  border: 1px dashed rgba(var(--v-border-color), 0.5);
}
.one.done {
  border: 1px solid rgba(var(--v-border-color), 0.4);
  background: rgba(var(--v-theme-surface-variant), 0.4);
}
.one:hover {
  background: rgba(var(--v-theme-surface-variant), 0.75);
}
.name {
  font-weight: 700;
}
.gives {
  font-size: var(--text-2);
  line-height: 1.3;
}
.state {
  font-size: var(--text-2);
  margin-top: var(--space-2);
}
.one:not(.done) .state {
  color: rgb(var(--v-theme-primary));
  font-weight: 650;
}
</style>
