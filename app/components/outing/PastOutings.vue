<script setup lang="ts">
import { pastOutings as words } from '../../../words'
import { accountOf, bitesOf, landedOf, type Outing } from '../../../core/outing'
import type { Place } from '../../../core/water'
import { outingPath } from '~/composables/paths'

/** Past outings, newest first. */
const props = defineProps<{ outings: readonly Outing[]; places: readonly Place[] }>()
const rows = computed(() =>
  props.outings.map((o) => {
    const last = o.entries[o.entries.length - 1]?.at ?? o.startedAt
    const { stretches } = accountOf(o, last)
    const minutes = stretches.reduce((sum, s) => sum + s.minutes, 0)
    return {
      id: o.id,
      date: o.startedAt.slice(0, 10),
      place: o.party?.isFriends ? words.of(o.placeName, o.party.names[o.party.who] ?? '') : o.placeName,
      hours: (minutes / 60).toFixed(1),
      takes: stretches.reduce((sum, s) => sum + bitesOf(s), 0),
      landed: stretches.reduce((sum, s) => sum + landedOf(s), 0),
    }
  }),
)
</script>

<template>
  <section class="panel past" :aria-label="words.pastOutings">
    <h2>{{ words.pastOutings }}</h2>
    <p v-if="rows.length === 0" class="quiet">{{ words.noOutingYetEach }}</p>
    <ul v-else>
      <li v-for="r in rows" :key="r.id">
        <NuxtLink :to="outingPath(r.id)"
          ><b>{{ r.date }}</b><span>{{ r.place }}</span><span class="num">{{ r.hours }} h</span
          ><span class="num">{{
            r.landed ? words.landed(r.landed) : r.takes ? words.takes(r.takes) : words.blank
          }}</span></NuxtLink
        >
      </li>
    </ul>
    <NuxtLink to="/outing/practice" class="practise">{{ words.practise }}</NuxtLink>
  </section>
</template>

<style scoped>
.past {
  padding: var(--space-16) var(--space-16);
}
ul {
  list-style: none;
  margin: var(--space-8) 0 0;
  padding: 0;
}
li + li {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.practise {
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  font-weight: 650;
}
li a {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) 64px 92px;
  gap: var(--space-8);
  align-items: center;
  min-height: 48px;
  color: inherit;
  text-decoration: none;
}
li a:hover span:nth-child(2) {
  text-decoration: underline;
}
.num {
  text-align: right;
}
@media (max-width: 600px) {
  li a {
    grid-template-columns: 1fr auto;
    padding: var(--space-8) 0;
    gap: 0 var(--space-8);
  }
  li a span:nth-child(2) {
    grid-row: 2;
  }
}
</style>
