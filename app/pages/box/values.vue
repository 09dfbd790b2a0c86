<script setup lang="ts">
import { boxValuesPage as words, capital, THINGS } from '../../../words'
import { familyOf } from '../../../core/tackle'
import { DRAWERS } from '~/components/box/part-draft'
import { useBox } from '~/stores/box'
import { today } from '~/stores/repository'
import { useSettings } from '~/stores/settings'
import { byName } from '~/composables/by-name'

/** What the tackle is worth, for an insurer: each thing with its number, cost and sum. */
useHead({ title: words.valueListInsuranceYgrion })
const box = useBox()
const settings = useSettings()

interface Row {
  readonly id: string
  readonly name: string
  readonly kind: string
  readonly count: number
  readonly cost: number | null
}
const groups = computed(() => {
  const lures: Row[] = box.box.lures.map((l) => ({
    id: l.id,
    name: l.name,
    kind: familyOf(l.family).name,
    count: l.count,
    cost: l.cost,
  }))
  const parts = DRAWERS.map((d) => ({
    name: capital(THINGS[d.kind].many),
    rows: box.box[d.kind].map((p): Row => ({
      id: p.id,
      name: p.name,
      kind: THINGS[d.kind].one,
      count: 'count' in p ? p.count : 1,
      cost: p.cost,
    })),
  }))
  return [{ name: words.lures, rows: lures }, ...parts]
    .map((g) => ({ ...g, rows: g.rows.filter((r) => r.count > 0).sort(byName) }))
    .filter((g) => g.rows.length > 0)
})
const sum = (rows: readonly Row[]) => rows.reduce((total, r) => total + (r.cost ?? 0) * r.count, 0)
const total = computed(() => groups.value.reduce((all, g) => all + sum(g.rows), 0))
const unknown = computed(() => groups.value.reduce((n, g) => n + g.rows.filter((r) => r.cost === null).length, 0))
const money = (v: number) => v.toFixed(2)
const print = () => window.print()
</script>

<template>
  <div class="page">
    <div class="screen-only bar">
      <h1>{{ words.valueListInsurance }}</h1>
      <v-text-field
        :model-value="settings.currency"
        :label="words.currency"
        maxlength="6"
        class="currency"
        @update:model-value="(v: string) => settings.keep({ currency: v.slice(0, 6) })"
      />
      <v-btn color="primary" @click="print">{{ words.print }}</v-btn>
      <v-btn variant="text" to="/box/order">{{ words.back }}</v-btn>
    </div>
    <p class="total">
      {{ today() }} · <b>{{ money(total) }} {{ settings.currency }}</b> {{ words.inAll
      }}<template v-if="unknown">{{ words.noCostNoted(unknown) }}</template>.
    </p>
    <section v-for="g in groups" :key="g.name" :aria-label="g.name">
      <table>
        <caption>
          {{ g.name }}
        </caption>
        <thead>
          <tr>
            <th scope="col">{{ words.name }}</th>
            <th scope="col">{{ words.kind }}</th>
            <th scope="col" class="n">{{ words.number }}</th>
            <th scope="col" class="n">{{ words.each }}</th>
            <th scope="col" class="n">{{ words.sum }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in g.rows" :key="r.id">
            <th scope="row">{{ r.name }}</th>
            <td>{{ r.kind }}</td>
            <td class="n">{{ r.count }}</td>
            <td class="n">{{ r.cost === null ? '–' : money(r.cost) }}</td>
            <td class="n">{{ r.cost === null ? '–' : money(r.cost * r.count) }}</td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" colspan="4">{{ words.together(g.name) }}</th>
            <td class="n">{{ money(sum(g.rows)) }}</td>
          </tr>
        </tfoot>
      </table>
    </section>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-12);
}
.bar h1 {
  margin-right: auto;
}
.currency {
  flex: 0 0 110px;
}
.total {
  margin: var(--space-12) 0 var(--space-16);
  font-size: var(--text-5);
}
table {
  width: 100%;
  max-width: 900px;
  border-collapse: collapse;
  margin-bottom: var(--space-20);
  font-size: var(--text-3);
}
caption {
  text-align: left;
  font-family: var(--v-font-heading);
  font-weight: 700;
  font-size: var(--text-5);
  padding-bottom: var(--space-4);
}
th,
td {
  text-align: left;
  padding: var(--space-4) var(--space-8) var(--space-4) 0;
  font-weight: 400;
  border-bottom: 1px solid rgba(var(--v-border-color), 0.14);
  overflow-wrap: anywhere;
}
thead th {
  font-size: var(--text-2);
}
tfoot th,
tfoot td {
  font-weight: 700;
}
.n {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
@media print {
  .screen-only {
    display: none;
  }
}
</style>
