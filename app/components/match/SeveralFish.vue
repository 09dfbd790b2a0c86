<script setup lang="ts">
import { severalFish as words, sayRig } from '../../../words'
import { soughtIn, type SharedRow } from '../../../core/match'
import { speciesOf } from '../../../core/water'
import { latestOnly } from '~/composables/latest'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useWater } from '~/stores/water'
import type { MatchRequest } from '~/workers/match-service'

/** Several fish are as welcome: the list of each, at a tap, and one list for all of them. */
const props = defineProps<{ asked: MatchRequest }>()
const water = useWater()
const sought = computed(() => soughtIn(props.asked.c))
const nameOf = (id: string) => speciesOf(id)?.name ?? id
/** One list for all of them is looked at, in place of that of one fish. */
const together = defineModel<boolean>('together', { required: true })
const rows = shallowRef<readonly SharedRow[] | null>(null)

const ALL = 'all'
const lists = computed(() => [
  ...[...sought.value].sort().map((id) => ({ id, title: nameOf(id) })),
  { id: ALL, title: words.forAll },
])
const isShown = (id: string) => (id === ALL ? together.value : !together.value && id === props.asked.c.speciesId)
/** One list for all, or another fish leads; the others stay welcome. */
function look(id: string) {
  together.value = id === ALL
  if (id === ALL || id === props.asked.c.speciesId) return
  water.change({ speciesId: id, alsoFor: sought.value.filter((one) => one !== id) })
}
const ask = latestOnly(
  (asked: MatchRequest) => useMatchWorker().shared(plain(asked)),
  (found) => (rows.value = found),
)
watch(
  [together, () => JSON.stringify(props.asked)],
  ([on]) => {
    if (on) ask(props.asked)
  },
  { immediate: true },
)
</script>

<template>
  <section class="several" :aria-label="words.severalFish">
    <PillRow :label="words.listFor" :choices="lists" :pressed="isShown" @press="look" />
    <template v-if="together">
      <p v-if="!rows" class="quiet" role="status">{{ words.workingItOut }}</p>
      <template v-else>
        <p class="quiet">{{ words.meanOfAll }}</p>
        <ol>
          <li v-for="row in rows" :key="row.key">
            <span class="name">{{ row.setUp.build.lure.name }}</span>
            <b>{{ Math.round(row.score) }}</b>
            <span class="how">{{ row.setUp.handling.technique.name }} · {{ sayRig(row.setUp) }}</span>
            <span v-for="one in row.by" :key="one.speciesId" class="one">
              <span>{{ nameOf(one.speciesId) }}</span>
              <PlainBar :share="one.score / 100" tone="secondary" />
              <span>{{ one.score > 0 ? Math.round(one.score) : words.cannot }}</span>
            </span>
          </li>
        </ol>
      </template>
    </template>
  </section>
</template>

<style scoped>
.several {
  display: grid;
  gap: var(--space-8);
  padding: 0 var(--space-16) var(--space-12);
}
.quiet {
  font-size: var(--text-2);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-2) var(--space-12);
  padding: var(--space-8) 0;
  border-top: 1px solid rgba(var(--v-border-color), calc(var(--v-border-opacity) * 0.6));
}
.name {
  font-weight: 650;
}
b {
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
  line-height: 1;
}
.how {
  grid-column: 1 / -1;
  font-size: var(--text-1);
}
.one {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) 44px;
  gap: var(--space-8);
  align-items: center;
  font-size: var(--text-2);
}
.one > :last-child {
  text-align: right;
}
</style>
