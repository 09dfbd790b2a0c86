<script setup lang="ts">
import { COLOUR_COLUMNS, DEPTH_BANDS } from '../../../data/gaps'
import { gapTable, type GapCell } from '../../../core/match'
import { careOf, doubles, type Care, type Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { sayCare, sayGap } from '../../../words'

useHead({ title: 'Upkeep and gaps · Ygrion' })
const box = useBox()
const settings = useSettings()

/** A lure with all it asks for; what cannot wait first. */
const cares = computed(() =>
  box.box.lures
    .map((lure) => ({ lure, asks: careOf(lure) }))
    .filter(({ asks }) => asks.length > 0)
    .sort((a, b) => urgent(b.asks) - urgent(a.asks)),
)
const urgent = (asks: readonly Care[]) => asks.filter((c) => c.when === 'now').length
const twins = computed(() => doubles(box.box.lures))
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
const worth = (lures: readonly Lure[]) => lures.reduce((sum, l) => sum + (l.cost ?? 0) * l.count, 0)
const money = (value: number) => `${value.toFixed(2)} ${settings.currency}`
</script>

<template>
  <div class="page">
    <PageHead
      title="Box"
      about="What is due before the next trip, what your waters ask for and the box lacks, and what is there twice."
      ><BoxTabs
    /></PageHead>
    <div class="order">
      <section class="panel care" aria-label="Upkeep">
        <h2>Upkeep</h2>
        <p v-if="cares.length === 0" class="quiet">
          Nothing is due. Fish landed on a lure and its changed hooks are counted; note them on the lure.
        </p>
        <ul v-else>
          <li v-for="{ lure, asks } in cares" :key="lure.id" :class="{ now: urgent(asks) }">
            <span class="picture"><LureDrawing :lure="lure" :width-px="64" /></span>
            <span
              ><b>{{ lure.name }}</b
              ><span v-for="c in asks" :key="c.code" class="say">{{ sayCare(c) }}</span></span
            >
            <span class="when">{{ urgent(asks) ? 'Now' : 'Soon' }}</span>
          </li>
        </ul>
        <p v-if="cares.some(({ asks }) => asks.some((c) => c.code.startsWith('hooks')))" class="quiet small">
          Changing hooks: pliers, and glasses when the ring springs.
        </p>
      </section>

      <section class="panel gaps" aria-label="Gaps">
        <h2>Gaps</h2>
        <p class="quiet">
          {{ table.days }} kinds of days on your own waters, for the fish you set there: clear and murky, in every mood,
          under sun and cloud. A darker cell is asked for more often; the figure is how many lures of yours answer it.
        </p>
        <ul v-if="table.gaps.length" class="missing">
          <li v-for="g in table.gaps.slice(0, 5)" :key="sayGap(g)">{{ sayGap(g) }}</li>
        </ul>
        <p v-else-if="table.days" class="missing-none" role="status">
          Whatever your waters ask for, something in the box fits.
        </p>
        <div class="scroll" tabindex="0" role="region" aria-label="Table of gaps">
          <table>
            <thead>
              <tr>
                <th rowspan="2" colspan="2" scope="col" class="corner">Depth and action</th>
                <th colspan="4" scope="colgroup">Silent</th>
                <th colspan="4" scope="colgroup">Heard</th>
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
                  <span v-if="table.gaps.includes(cellAt(row, column))" class="sr-only">gap</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>

      <section class="panel twins" aria-label="Duplicates">
        <h2>Duplicates</h2>
        <p v-if="twins.length === 0" class="quiet">No two lures here are the same thing under two names.</p>
        <ul v-else>
          <li v-for="group in twins" :key="group[0]?.id">
            <span class="picture"><LureDrawing v-if="group[0]" :lure="group[0]" :width-px="84" /></span>
            <span
              ><b>{{ group.map((l) => l.name).join(' = ') }}</b
              ><span class="say"
                >{{ group.reduce((sum, l) => sum + l.count, 0) }} pieces of the same thing<template v-if="worth(group)"
                  >, worth {{ money(worth(group)) }}</template
                >.</span
              ></span
            >
          </li>
        </ul>
      </section>

      <section class="panel papers" aria-label="On paper">
        <h2>On paper</h2>
        <p class="quiet">Printed from this page; nothing leaves the machine.</p>
        <div class="ways">
          <v-btn variant="outlined" to="/box/labels">Box labels</v-btn>
          <v-btn variant="outlined" to="/box/values">Value list (insurance)</v-btn>
        </div>
      </section>
    </div>
  </div>
</template>

<style scoped>
.order {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 8fr);
  gap: var(--space-16);
  margin-top: var(--space-16);
  align-items: start;
}
.panel {
  padding: var(--space-16) var(--space-20) var(--space-16);
  display: grid;
  gap: var(--space-8);
  min-width: 0;
}
.care {
  grid-row: span 3;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.care li,
.twins li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-12);
  padding: var(--space-6) 0;
}
.picture {
  display: grid;
  place-items: center;
  height: 56px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.say {
  display: block;
  font-size: var(--text-3);
}
.when {
  font-size: var(--text-2);
  padding: var(--space-2) var(--space-8);
  border-radius: var(--radius-m);
  border: 1px solid currentColor;
}
.now .when {
  color: rgb(var(--v-theme-error));
  font-weight: 700;
}
.small {
  font-size: var(--text-2);
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
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
@media (max-width: 980px) {
  .order {
    grid-template-columns: minmax(0, 1fr);
  }
  .care {
    grid-row: auto;
  }
}
</style>
