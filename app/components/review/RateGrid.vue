<script setup lang="ts">
import { rateGrid as words } from '../../../words'
import type { RateTable } from '../../../core/review'

/** Rates by two factors: the deeper, the more; every cell says median, interval and effort, so that a pale guess looks like one. */
const props = defineProps<{ table: RateTable }>()
const most = computed(() => Math.max(0.1, ...props.table.cells.map((c) => c.shown.median)))
const lines = computed(() =>
  props.table.rows.map((row) => ({
    ...row,
    cells: props.table.columns.map((column) => ({
      key: column.key,
      cell: props.table.cells.find((c) => c.row === row.key && c.column === column.key),
    })),
  })),
)
/** Cells with little effort stay pale, whatever their median. */
const shade = (median: number, minutes: number) => 0.75 * (median / most.value) * Math.min(1, minutes / 90)
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="words.ratesByTwoFactors">
    <table>
      <thead>
        <tr>
          <td />
          <th v-for="c in table.columns" :key="c.key" scope="col">{{ c.label }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in lines" :key="r.key">
          <th scope="row">{{ r.label }}</th>
          <td
            v-for="{ key, cell } in r.cells"
            :key="key"
            :class="{ none: !cell, deep: cell && shade(cell.shown.median, cell.minutes) > 0.45 }"
            :style="cell ? { '--shade': shade(cell.shown.median, cell.minutes) } : undefined"
          >
            <template v-if="cell">
              <b>{{ cell.shown.median.toFixed(1) }}</b>
              <small>{{ cell.shown.low.toFixed(1) }}–{{ cell.shown.high.toFixed(1) }}</small>
              <small>{{ words.inH(cell.answers, cell.events, (cell.minutes / 60).toFixed(1)) }}</small>
            </template>
            <template v-else>–</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: separate;
  border-spacing: 4px;
}
th {
  font-size: var(--text-3);
  font-weight: 650;
  text-align: left;
  padding: var(--space-4) var(--space-8);
  vertical-align: bottom;
}
td {
  min-width: 92px;
  padding: var(--space-6) var(--space-8);
  border-radius: var(--radius-m);
  background: rgba(var(--v-theme-primary), var(--shade, 0));
  line-height: 1.25;
}
tbody th {
  vertical-align: middle;
}
thead td,
td.none {
  background: none;
  text-align: center;
}
td.deep {
  color: rgb(var(--v-theme-on-primary));
}
small {
  display: block;
  font-size: var(--text-2);
  white-space: nowrap;
}
</style>
