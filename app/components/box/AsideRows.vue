<script setup lang="ts">
import { asideRows as words, sayStoredProblem } from '../../../words'
import { columnOf, type RejectedRow, type RejectedRows } from '../../../core/exchange'
import { useBox } from '~/stores/box'
import { useSheets } from '~/stores/sheets'

/** Rows that could not be taken in, mended where they stand: each cell in fault with what is wrong with it. */
const sheets = useSheets()
const box = useBox()
/** What is typed into a cell and not yet tried, by file, row and column. */
const typed = reactive(new Map<string, string>())
const key = (a: RejectedRows, r: RejectedRow, i: number) => `${a.id}|${r.row}|${i}`
const text = (a: RejectedRows, r: RejectedRow, i: number) => typed.get(key(a, r, i)) ?? r.cells[i] ?? ''
const label = (id: string | null) => (id ? (columnOf(id)?.label ?? id) : '')
const columnsOf = (a: RejectedRows) => a.mapping.flatMap((id, i) => (id ? [{ id, i }] : []))
/** Cells in fault first; the name tells which lure it is. */
function faulty(a: RejectedRows, r: RejectedRow) {
  const bad = new Map(r.problems.map((p) => [p.column, sayStoredProblem(p.problem)]))
  return columnsOf(a)
    .filter(({ id }) => bad.has(id))
    .map(({ id, i }) => ({ id, i, reason: bad.get(id) ?? '' }))
}
/** What is wrong with a column the file does not have. */
const elsewhere = (a: RejectedRows, r: RejectedRow) => r.problems.filter((p) => !a.mapping.includes(p.column))
const nameOf = (a: RejectedRows, r: RejectedRow) => {
  const at = a.mapping.indexOf('name')
  return at >= 0 ? r.cells[at]?.trim() : ''
}
async function tryAgain(a: RejectedRows, r: RejectedRow) {
  const cells = a.headings.map((_, i) => text(a, r, i))
  await sheets.mend(a, r, cells)
}
</script>

<template>
  <section v-for="a in box.aside" :key="a.id" class="panel aside" :aria-label="words.setAsideFrom(a.file)">
    <header>
      <div>
        <h2>{{ words.setAsideFrom2(a.file) }}</h2>
        <p class="quiet">
          {{ words.forYouToFix(a.rows.length) }}
        </p>
      </div>
      <v-btn variant="text" size="small" color="error" @click="sheets.drop(a, null)">{{ words.discardAll }}</v-btn>
    </header>
    <ol>
      <li v-for="r in a.rows" :key="r.row" :data-aside-row="r.row">
        <form @submit.prevent="tryAgain(a, r)">
          <p class="which"><b>{{ words.row(r.row) }}</b> {{ nameOf(a, r) || words.withoutAName }}</p>
          <v-text-field
            v-for="cell in faulty(a, r)"
            :key="cell.i"
            :label="label(cell.id)"
            :model-value="text(a, r, cell.i)"
            :error-messages="`${label(cell.id)} ${cell.reason}`"
            @update:model-value="(v: string) => typed.set(key(a, r, cell.i), v)"
          />
          <p v-for="p in elsewhere(a, r)" :key="p.column" class="wrong">
            {{ words.andTheFileHas(label(p.column), sayStoredProblem(p.problem)) }}
          </p>
          <div class="do">
            <v-btn color="primary" size="small" type="submit">{{ words.tryAgain }}</v-btn>
            <v-btn variant="text" size="small" @click="sheets.drop(a, r)">{{ words.discard }}</v-btn>
          </div>
        </form>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.aside {
  padding: var(--space-16) var(--space-20);
  border-left: 5px solid rgb(var(--v-theme-warning));
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-8) var(--space-16);
}
ol {
  list-style: none;
  margin: var(--space-12) 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 320px), 1fr));
  gap: var(--space-16) var(--space-20);
}
form {
  display: grid;
  gap: var(--space-8);
}
.which {
  overflow-wrap: anywhere;
}
.wrong {
  padding-left: var(--space-8);
  border-left: 4px solid rgb(var(--v-theme-error));
  font-size: var(--text-3);
}
.do {
  display: flex;
  gap: var(--space-6);
}
</style>
