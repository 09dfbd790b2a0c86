<script setup lang="ts">
import { lureTable as words } from '../../../words'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { cellUnit, type Column } from '../../../core/exchange'
import type { Lure } from '../../../core/tackle'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { GRID_CHOICES, GRID_COLUMNS, GRID_WIDTHS, type Cell } from './grid'
import { useGrid } from './useGrid'

/** Many lures at once, as in a spreadsheet: arrows, typing, paste, fill down. Every stroke is one step that can be undone. */
const props = defineProps<{ lures: readonly Lure[] }>()
const emit = defineEmits<{ open: [lure: Lure] }>()

const box = useBox()
const settings = useSettings()
const scroller = ref<HTMLElement | null>(null)
const ROW_PX = 36
const HEAD_PX = 38
const wide = (id: string) => GRID_WIDTHS[id] ?? 98
const edges = GRID_COLUMNS.reduce<number[]>((x, c) => [...x, (x[x.length - 1] ?? 0) + wide(c.id)], [0])
const total = edges[edges.length - 1] ?? 0

const virtual = useVirtualizer(
  computed(() => ({
    count: props.lures.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW_PX,
    overscan: 8,
    scrollPaddingStart: HEAD_PX,
    initialRect: { width: 1200, height: 520 },
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const lure = props.lures[item.index]
    return lure ? [{ row: item.index, start: item.start, lure }] : []
  }),
)
const heads = computed(() =>
  GRID_COLUMNS.map((c) => {
    const unit = cellUnit(c, settings.system)
    return unit ? `${c.label} (${unit})` : c.label
  }),
)
const FIGURES = new Set(['count', 'fish', 'cost'])
const isFigure = (c: Column | undefined) => c !== undefined && (c.role !== null || FIGURES.has(c.id))
const choicesOf = (id: string | undefined) =>
  id === 'tray' ? box.box.trays.map((t) => t.name) : id ? GRID_CHOICES[id] : undefined

const cellId = ({ row, column }: Cell) => `cell-${row}-${column}`
function reveal({ row, column }: Cell) {
  virtual.value.scrollToIndex(row)
  const el = scroller.value
  if (!el) return
  const left = edges[column] ?? 0
  const right = edges[column + 1] ?? left
  const pinned = column > 0 ? wide('name') : 0
  if (left - pinned < el.scrollLeft) el.scrollLeft = left - pinned
  else if (right > el.scrollLeft + el.clientWidth) el.scrollLeft = right - el.clientWidth
}
const { active, editing, problems, within, text, settle, edit, key, copy, paste, press } = useGrid(() => props.lures, {
  reveal,
  focus: () => scroller.value?.focus(),
  field: () => scroller.value?.querySelector<HTMLInputElement>('.cell input') ?? null,
})
</script>

<template>
  <div class="table">
    <p class="hint quiet">
      {{ words.arrowsMoveTypingChanges }} <kbd>{{ words.ctrl }}</kbd> <kbd>C</kbd> {{ words.and }} <kbd>V</kbd>
      {{ words.copyAndPaste }} <kbd>{{ words.ctrl }}</kbd> <kbd>D</kbd> {{ words.fillsDownADouble }}
    </p>
    <div
      ref="scroller"
      class="panel scroller"
      role="grid"
      tabindex="0"
      :aria-label="words.lures"
      :aria-rowcount="lures.length + 1"
      :aria-colcount="GRID_COLUMNS.length"
      :aria-activedescendant="lures.length ? cellId(active) : undefined"
      @keydown="key"
      @copy="copy"
      @paste="paste"
    >
      <div class="head" role="row" aria-rowindex="1" :style="{ width: `${total}px` }">
        <div
          v-for="(head, c) in heads"
          :key="head"
          role="columnheader"
          :aria-colindex="c + 1"
          :style="{ width: `${wide(GRID_COLUMNS[c]?.id ?? '')}px` }"
          :class="{ pinned: c === 0, figure: isFigure(GRID_COLUMNS[c]) }"
        >
          {{ head }}
        </div>
      </div>
      <div class="body" role="rowgroup" :style="{ height: `${virtual.getTotalSize()}px`, width: `${total}px` }">
        <div
          v-for="{ row, start, lure } in shown"
          :key="lure.id"
          role="row"
          class="line"
          :aria-rowindex="row + 2"
          :data-row="lure.name"
          :style="{ transform: `translateY(${start}px)` }"
        >
          <div
            v-for="(column, c) in GRID_COLUMNS"
            :id="cellId({ row, column: c })"
            :key="column.id"
            role="gridcell"
            class="cell"
            :aria-colindex="c + 1"
            :aria-selected="within(row, c)"
            :class="{
              pinned: c === 0,
              within: within(row, c),
              active: active.row === row && active.column === c,
              figure: isFigure(column),
            }"
            :style="{ width: `${wide(column.id)}px` }"
            @pointerdown="press($event, row, c)"
            @dblclick="c === 0 ? emit('open', lure) : edit(text(lure, c))"
          >
            <template v-if="editing !== null && active.row === row && active.column === c">
              <input
                v-model="editing"
                :aria-label="`${column.label} of ${lure.name}`"
                :list="choicesOf(column.id) ? `choices-${column.id}` : undefined"
                autocomplete="off"
                @blur="settle('stay')"
                @pointerdown.stop
              />
              <datalist v-if="choicesOf(column.id)" :id="`choices-${column.id}`">
                <option v-for="choice in choicesOf(column.id)" :key="choice" :value="choice" />
              </datalist>
            </template>
            <template v-else>{{ text(lure, c) }}</template>
          </div>
        </div>
      </div>
    </div>
    <CellProblems :problems="problems" />
  </div>
</template>

<style scoped>
.hint {
  margin: var(--space-8) 0;
  font-size: var(--text-3);
}
kbd {
  padding: 0 var(--space-4);
  border-radius: var(--radius-s);
  border: 1px solid rgba(var(--v-border-color), 0.4);
  font: inherit;
  font-size: var(--text-2);
}
.scroller {
  height: min(64vh, 640px);
  overflow: auto;
  position: relative;
  border-radius: var(--radius-m);
}
.head {
  position: sticky;
  top: 0;
  z-index: 3;
  display: flex;
  height: 38px;
  background: rgb(var(--v-theme-surface-variant));
  color: rgb(var(--v-theme-on-surface-variant));
  font-size: var(--text-2);
  font-weight: 650;
}
.head > div {
  padding: var(--space-8) var(--space-8) 0;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.body {
  position: relative;
}
.line {
  position: absolute;
  display: flex;
  height: 36px;
}
.cell {
  padding: var(--space-6) var(--space-8) 0;
  border-right: 1px solid rgba(var(--v-border-color), 0.1);
  border-bottom: 1px solid rgba(var(--v-border-color), 0.12);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: var(--text-3);
  cursor: cell;
  background: rgb(var(--v-theme-surface));
}
.pinned {
  position: sticky;
  left: 0;
  z-index: 1;
  font-weight: 600;
  background: rgb(var(--v-theme-surface));
}
.head .pinned {
  background: rgb(var(--v-theme-surface-variant));
  z-index: 2;
}
.figure {
  text-align: right;
}
.within {
  background: rgb(var(--v-theme-surface-variant));
}
.active {
  box-shadow: inset 0 0 0 2px rgb(var(--v-theme-secondary));
}
.cell input {
  width: 100%;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  outline: none;
  text-align: inherit;
}
</style>
