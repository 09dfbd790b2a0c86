<script setup lang="ts">
import { benchTestPage as words } from '../../../words'
import { TEST_KINDS, kindsFor, type TestKind } from '../../../core/bench'
import { useSeries } from '~/composables/useSeries'

/** A test run from the screen: take readings, see what they come to, read how it is done. */
const route = useRoute()
const lureId = computed(() => String(route.query.lure ?? ''))
const kind = computed<TestKind>(() => TEST_KINDS.find((k) => k === route.query.kind) ?? 'fall')
const run = useSeries(lureId, kind)
const { how, lure, known } = run
useHead({ title: () => words.ygrion(how.value.name) })
const fits = computed(() => lure.value && kindsFor(lure.value).includes(kind.value))
</script>

<template>
  <div class="page">
    <p v-if="!lure" class="panel none">
      {{ words.thatLureIsNot }} <NuxtLink to="/bench">{{ words.backToTheBench }}</NuxtLink>
    </p>
    <template v-else-if="known">
      <header class="top-line">
        <NuxtLink :to="{ path: '/bench', query: { lure: lure.id } }" class="back">{{ words.bench }}</NuxtLink>
        <h1>{{ how.name }}: {{ lure.name }}</h1>
        <p class="quiet">{{ words.itGives(how.gives) }}</p>
      </header>
      <p v-if="!fits" class="caution">{{ words.thisTestTellsLittle }}</p>
      <div class="run">
        <TestTake :run="run" />
        <TestFound :run="run" />
        <TestHow class="how" :run="run" />
      </div>
    </template>
  </div>
</template>

<style scoped>
.top-line {
  display: grid;
  gap: var(--space-2);
  margin-bottom: var(--space-12);
}
.back {
  font-weight: 650;
}
.run {
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 6fr) minmax(0, 4fr);
  gap: var(--space-16);
  align-items: start;
}
.none {
  padding: var(--space-24);
}
@media (max-width: 1150px) {
  .run {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .how {
    grid-column: 1 / -1;
  }
}
@media (max-width: 760px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
