<script setup lang="ts">
import { gapTable as words, sayGap } from '../../../words'
import { COLOUR_COLUMNS, DEPTH_BANDS } from '../../../data/gaps'
import { gapTable, type GapCell } from '../../../core/match'
import { useBox } from '~/stores/box'

/** What the angler's own waters ask for over the year, and how many lures of the box answer it. */
const box = useBox()
const table = computed(() => {
  const waters = box.waters.flatMap((c) => {
    const place = box.places.find((p) => p.id === c.placeId)
    return place ? [{ c, place }] : []
  })
  return gapTable(box.box, waters, box.practice.sides)
})
const ROWS = DEPTH_BANDS.flatMap((band) => (['gentle', 'strong'] as const).map((action) => ({ band, action })))
const COLUMNS = (['silent', 'loud'] as const).flatMap((sound) => COLOUR_COLUMNS.map((colour) => ({ sound, colour })))
const cellAt = (row: (typeof ROWS)[number], column: (typeof COLUMNS)[number]) =>
  table.value.cells.find(
    (c) =>
      c.depth === row.band.id && c.action === row.action && c.sound === column.sound && c.colour === column.colour.id,
  ) as GapCell
const most = computed(() => Math.max(0.01, ...table.value.cells.map((c) => c.asked)))
const share = (cell: GapCell) => Math.round(cell.asked * 100)
const namesOf = (cell: GapCell) => cell.lureIds.map((id) => box.lureById.get(id)?.name ?? '').join(', ')
</script>

<template>
  <section class="panel gaps" :aria-label="words.gaps">
    <h2>{{ words.gaps }}</h2>
    <p class="quiet">
      {{ words.kindsOfDaysOn(table.days) }}
    </p>
    <ul v-if="table.gaps.length" class="missing">
      <li v-for="g in table.gaps.slice(0, 5)" :key="sayGap(g)">{{ sayGap(g) }}</li>
    </ul>
    <p v-else-if="table.days" class="missing-none" role="status">
      {{ words.whateverYourWatersAsk }}
    </p>
    <div class="scroll" tabindex="0" role="region" :aria-label="words.tableOfGaps">
      <table>
        <thead>
          <tr>
            <th rowspan="2" colspan="2" scope="col" class="corner">{{ words.depthAndAction }}</th>
            <th colspan="4" scope="colgroup">{{ words.silent }}</th>
            <th colspan="4" scope="colgroup">{{ words.heard }}</th>
          </tr>
          <tr>
            <th v-for="(c, i) in COLUMNS" :key="i" scope="col">{{ c.colour.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, r) in ROWS" :key="r">
            <th v-if="row.action === 'gentle'" rowspan="2" scope="rowgroup">{{ row.band.name }}</th>
            <th scope="row" class="action">{{ row.action }}</th>
            <td
              v-for="(column, c) in COLUMNS"
              :key="c"
              :class="{ gap: table.gaps.includes(cellAt(row, column)) }"
              :style="{ '--asked': cellAt(row, column).asked / most }"
              :title="namesOf(cellAt(row, column)) || undefined"
            >
              <b>{{ cellAt(row, column).lureIds.length || '–' }}</b>
              <small v-if="share(cellAt(row, column))">{{ share(cellAt(row, column)) }} %</small>
              <span v-if="table.gaps.includes(cellAt(row, column))" class="sr-only">{{ words.gap }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
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
  list-style: none;
  margin: 0;
  padding: 0;
}
.missing li {
  padding: var(--space-4) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-secondary));
}
.missing li + li {
  margin-top: var(--space-6);
}
.missing-none {
  padding: var(--space-4) var(--space-12);
  border-left: 4px solid rgb(var(--v-theme-success));
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: separate;
  border-spacing: 3px;
  font-size: var(--text-2);
  width: 100%;
}
th {
  font-weight: 600;
  padding: var(--space-2) var(--space-6);
  text-align: center;
}
tbody th,
.corner {
  text-align: left;
  white-space: nowrap;
}
.action {
  font-weight: 400;
}
td {
  position: relative;
  min-width: 58px;
  height: 36px;
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  white-space: nowrap;
  text-align: center;
  background: color-mix(in srgb, rgb(var(--v-theme-primary)) calc(var(--asked) * 42%), transparent);
  box-shadow: inset 0 0 0 1px rgba(var(--v-border-color), 0.18);
}
td small {
  margin-left: var(--space-4);
}
/* By night the bright hue of a full cell would drown its figure. */
.v-theme--night td {
  background: color-mix(in srgb, rgb(var(--v-theme-primary)) calc(var(--asked) * 26%), transparent);
}
td.gap {
  box-shadow: inset 0 0 0 2.5px rgb(var(--v-theme-secondary));
}
</style>
