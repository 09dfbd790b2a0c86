<script setup lang="ts">
import { notFoundPage as words } from '../../words'
/** An address that leads nowhere. */
useHead({ title: words.nothingHereYgrion })
const route = useRoute()
const WAYS_ON = [
  { to: '/', name: words.toTheMatch },
  { to: '/box', name: words.toTheBox },
  { to: '/bench', name: words.toTheBench },
  { to: '/outing', name: words.toTheOuting },
] as const
</script>

<template>
  <div class="page lost">
    <svg viewBox="0 0 120 70" width="120" height="70" aria-hidden="true">
      <path d="M4 10q40 -8 56 8q10 10 8 30" />
      <path d="M68 48q0 14 -11 14q-10 0 -10 -9" />
    </svg>
    <h1>{{ words.nothingBitesHere }}</h1>
    <p>{{ words.thereIsNoPage }} <code>{{ route.path }}</code>{{ words.yourBoxAndYour }}</p>
    <div class="ways">
      <v-btn
        v-for="(way, i) in WAYS_ON"
        :key="way.to"
        :to="way.to"
        :variant="i === 0 ? 'flat' : 'outlined'"
        color="primary"
      >
        {{ way.name }}
      </v-btn>
    </div>
  </div>
</template>

<style scoped>
.lost {
  display: grid;
  justify-items: center;
  gap: var(--space-16);
  padding-top: var(--space-64);
  text-align: center;
}
.lost path {
  fill: none;
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2.4;
  stroke-linecap: round;
}
code {
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
  justify-content: center;
}
</style>
