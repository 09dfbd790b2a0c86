<script setup lang="ts">
import { partyDay as words } from '../../../words'
import { withoutTwice, type Outing, type Party } from '../../../core/outing'
import { countAnswers, effortRows } from '../../../core/review'
import { momentNow } from '~/stores/moment'
import { outingPath } from '~/composables/paths'

/** Whose logs of a party’s day are here, what each brought, and whose is still to come. */
const props = defineProps<{ outing: Outing & { party: Party }; logs: readonly Outing[] }>()

const rows = computed(() =>
  props.outing.party.names.map((name, who) => {
    const log = props.logs.find((o) => o.party?.who === who)
    const rows = log ? effortRows([log], momentNow()) : []
    const sum = (of: (row: (typeof rows)[number]) => number) => rows.reduce((all, row) => all + of(row), 0)
    return {
      name: log && !log.party?.isFriends ? words.you(name) : name,
      id: log?.id ?? null,
      takes: sum((row) => countAnswers(row, 'bites')),
      landed: sum((row) => countAnswers(row, 'landed')),
      hours: (sum((row) => row.minutes) / 60).toFixed(1),
    }
  }),
)
const noted = (logs: readonly Outing[]) =>
  logs.reduce((n, { entries }) => n + entries.filter(({ kind }) => kind === 'companion').length, 0)
const twice = computed(() => noted(props.logs) - noted(withoutTwice(props.logs)))
</script>

<template>
  <section class="party" :aria-label="words.theParty">
    <h2>{{ words.theParty }}</h2>
    <ul>
      <li v-for="r in rows" :key="r.name">
        <template v-if="r.id">
          <NuxtLink v-if="r.id !== outing.id" :to="outingPath(r.id)">{{ r.name }}</NuxtLink>
          <b v-else>{{ r.name }}</b>
          {{ words.came(r.takes, r.landed, r.hours) }}
        </template>
        <template v-else> <b>{{ r.name }}</b> <span class="quiet">{{ words.notHereYet }}</span> </template>
      </li>
    </ul>
    <p v-if="twice" class="quiet">{{ words.notedTwice(twice) }}</p>
    <TakeFile v-if="rows.some((r) => r.id === null)" class="screen" />
  </section>
</template>

<style scoped>
.party {
  display: grid;
  gap: var(--space-8);
}
ul {
  margin: 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
}
</style>
