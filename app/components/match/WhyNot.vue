<script setup lang="ts">
import { whyNot as words, sayGiven, sayHandling, sayLine, sayRefusal, sayRig } from '../../../words'
import type { Apart, Ranked, ScoreTerm, WhyNot } from '../../../core/match'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useBox } from '~/stores/box'
import { useCompare } from '~/stores/compare'
import { useMatch } from '~/stores/match'
import { useSettings } from '~/stores/settings'

/** Any lure of the box against the answer: what forbids it, or where it loses. */
const match = useMatch()
const box = useBox()
const settings = useSettings()
const compare = useCompare()

const lureId = ref<string | null>(null)
const found = shallowRef<WhyNot | null>(null)
const lures = computed(() =>
  box.box.lures
    .map((l) => ({ value: l.id, title: l.name }))
    .sort((a, b) => a.title.localeCompare(b.title, 'en', { numeric: true })),
)
const first = computed(() => match.rows[0])
const lure = computed(() => (lureId.value ? box.lureById.get(lureId.value) : undefined))
watch(
  () => [lureId.value, match.answer],
  async () => {
    const id = lureId.value
    found.value = null
    if (!id || !first.value || !match.asked) return
    const answer = await useMatchWorker().whyNot(...plain([id, first.value.setUp, match.asked] as const))
    if (id === lureId.value) found.value = answer
  },
)
function named({ own, other }: Apart): string {
  const part = own ?? other
  return part ? sayLine(part) : ''
}
const given = (part: ScoreTerm | null, row: Pick<Ranked, 'setUp' | 'thrown'>) =>
  part ? sayGiven(part, row, settings.system) : words.nothingToJudge
</script>

<template>
  <div class="why">
    <v-autocomplete
      v-model="lureId"
      :label="words.whyNotThisOne"
      :items="lures"
      auto-select-first
      clearable
      hide-details
    />
    <p v-if="!lure" class="quiet">
      {{ words.pickAnyLure }}
    </p>
    <template v-else-if="found && first">
      <p v-if="found.why" class="no" role="status">
        <b>{{ lure.name }}</b> {{ words.cannotBeFishedHere(sayRefusal(found.why)) }}
      </p>
      <template v-else-if="found.ranked">
        <p role="status">
          <template v-if="found.behind > 0.05">
            <b>{{ lure.name }}</b>
            {{
              words.comesPointsBehindAgainst(
                found.behind.toFixed(1),
                first.setUp.build.lure.name,
                found.ranked.score.toFixed(1),
                first.score.toFixed(1),
              )
            }}
          </template>
          <template v-else><b>{{ lure.name }}</b> {{ words.isTheAnswer }}</template>
          <span class="quiet">{{
            ` ${sayRig(found.ranked.setUp)}. ${sayHandling(found.ranked, settings.system)}`
          }}</span>
        </p>
        <div class="sides">
          <section
            v-for="side in [
              { title: words.loses, list: found.worse, sign: '−' },
              { title: words.better, list: found.better, sign: '+' },
            ]"
            :key="side.title"
          >
            <h3>{{ side.title }}</h3>
            <ul v-if="side.list.length">
              <li v-for="(a, i) in side.list" :key="i">
                <b>{{ side.sign }}{{ Math.abs(a.behind).toFixed(1) }}</b>
                <span>
                  {{ named(a) }}
                  <small
                    >{{ given(a.own, found.ranked) }}; {{ first.setUp.build.lure.name }}:
                    {{ given(a.other, first) }}</small
                  >
                </span>
              </li>
            </ul>
            <p v-else class="quiet">{{ words.nowhereWorthNaming }}</p>
          </section>
        </div>
        <button type="button" class="link" :disabled="compare.full" @click="compare.toggle(found.ranked.setUp)">
          {{ compare.keys.has(found.ranked.key) ? words.inComparison : words.addToComparison }}
        </button>
      </template>
    </template>
    <p v-else class="quiet" role="status">{{ words.workingItOut }}</p>
  </div>
</template>

<style scoped>
.why {
  display: grid;
  gap: var(--space-12);
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-24);
}
h3 {
  font-size: var(--text-4);
  margin-bottom: var(--space-8);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-8);
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr);
}
small {
  display: block;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.no {
  padding: var(--space-8) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-warning));
}
.link {
  justify-self: start;
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 32px;
  font-weight: 600;
}
.link:disabled {
  text-decoration: none;
  opacity: 0.6;
}
@media (max-width: 600px) {
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
