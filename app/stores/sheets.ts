import { sheetsStoreWords as words } from '../../words'
import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import { effectScope, markRaw } from 'vue'
import {
  marksOf,
  withWord,
  type WordKind,
  type FileProblem,
  type RejectedRow,
  type ImportPlan,
  type Mapping,
  type Marks,
  type RejectedRows,
  type Sheet,
} from '../../core/exchange'
import { put, type Edit } from '../../storage/edits'
import { onFile, stopFiles } from '~/composables/file-work'
import type { Source } from '~/workers/file-service'
import { useBox } from './box'
import { useSettings } from './settings'
import { now } from './repository'
import { plain } from '~/composables/plain'
import { useUnsaved } from '~/composables/useUnsaved'
import { newId } from '../../core/new-id'

type Stage =
  | { readonly state: 'idle' }
  | { readonly state: 'refused'; readonly file: string; readonly problem: FileProblem }
  | {
      readonly state: 'mapping'
      readonly file: string
      readonly sheet: Sheet
      readonly mapping: Mapping
      readonly marks: Marks
    }
  | { readonly state: 'reading'; readonly file: string; readonly done: number; readonly of: number }
  | {
      readonly state: 'planned'
      readonly file: string
      readonly sheet: Sheet
      readonly mapping: Mapping
      readonly marks: Marks
      readonly plan: ImportPlan
    }
  | {
      readonly state: 'done'
      readonly file: string
      readonly added: number
      readonly changed: number
      readonly same: number
      readonly aside: number
    }

/** A sheet on its way in is typed work, whatever page is looked at meanwhile: told from its beginning on, for as long as the application lives. */
let telling = false
function tellUnsaved() {
  if (telling) return
  telling = true
  const sheets = useSheets()
  effectScope(true).run(() => useUnsaved(() => ['mapping', 'reading', 'planned'].includes(sheets.stage.state)))
}

/** A spreadsheet on its way into the box: read, columns named, planned, taken in; and the rows that wait to be mended. */
export const useSheets = defineStore('sheets', {
  state: () => ({ stage: { state: 'idle' } as Stage }),
  actions: {
    async read(file: string, source: Source) {
      tellUnsaved()
      this.stage = { state: 'reading', file, done: 0, of: 0 }
      const read = await onFile((files, send) => files.sheet(source, send))
      if (!read) this.stage = { state: 'idle' }
      else if (!read.ok) this.stage = { state: 'refused', file, problem: read.problem }
      else {
        const sheet = markRaw(read.sheet)
        const marks = marksOf(sheet, read.mapping)
        this.stage = { state: 'mapping', file, sheet, mapping: read.mapping, marks }
      }
    },
    map(column: number, id: string | null) {
      if (this.stage.state !== 'mapping') return
      // A column of ours stands for one of theirs only.
      const { sheet, mapping: before } = this.stage
      const mapping = before.map((m, i) => (i === column ? id : m === id && id !== null ? null : m))
      this.stage = { ...this.stage, mapping, marks: marksOf(sheet, mapping) }
    },
    /** Says what the comma of a column's figures parts, where they do not say so themselves. */
    mark(column: number, comma: 'decimal' | 'thousands') {
      if (this.stage.state !== 'mapping') return
      const marks = this.stage.marks.map((m, i) => (i === column && m ? { ...m, comma } : m))
      this.stage = { ...this.stage, marks }
    },
    async plan() {
      if (this.stage.state !== 'mapping' && this.stage.state !== 'planned') return
      const { file, sheet, mapping, marks } = this.stage
      const back = this.stage
      this.stage = { state: 'reading', file, done: 0, of: sheet.rows.length }
      const onProgress = proxy((done: number, of: number) => {
        if (this.stage.state === 'reading') this.stage = { ...this.stage, done, of }
      })
      const plan = await onFile((files, send) =>
        files.plan(sheet, plain(mapping), plain(marks), useBox().box, onProgress, plain(useSettings().ownWords), send),
      )
      this.stage = plan ? { state: 'planned', file, sheet, mapping, marks, plan: markRaw(plan) } : back
    },
    /** Says what a word stands for, here and in every sheet to come; the plan is made anew. */
    async means(kind: WordKind, word: string, known: string) {
      await useSettings().keep({ ownWords: withWord(useSettings().ownWords, kind, word, known) })
      await this.plan()
    },
    stop: stopFiles,
    again() {
      if (this.stage.state !== 'planned') return
      const { file, sheet, mapping, marks } = this.stage
      this.stage = { state: 'mapping', file, sheet, mapping, marks }
    },
    close() {
      this.stage = { state: 'idle' }
    },
    /** Takes the good rows in and keeps the others aside, as one step that can be undone. */
    async take() {
      if (this.stage.state !== 'planned') return
      const { file, sheet, mapping, plan } = this.stage
      const kept: RejectedRows = {
        id: newId(),
        file: file.slice(0, 300),
        at: now(),
        headings: [...sheet.headings],
        mapping: [...mapping],
        rows: plain(plan.aside) as RejectedRows['rows'],
      }
      await useBox().edit(words.tookInLuresFrom(plan.added.length + plan.changed.length, file), [
        ...editsOf(plan),
        ...(plan.aside.length > 0 ? [asideEdit(kept)] : []),
      ])
      const { added, changed, same, aside } = plan
      this.stage = {
        state: 'done',
        file,
        added: added.length,
        changed: changed.length,
        same,
        aside: aside.length,
      }
    },
    /** A mended row is read again: it goes into the box, or stays with what is still wrong. */
    async mend(from: RejectedRows, row: RejectedRow, cells: readonly string[]) {
      const sheet: Sheet = { headings: [...from.headings], rows: [[...cells]] }
      const onProgress = proxy(() => undefined)
      // Mended by hand, one figure at a time: what is unclear is said again.
      const plan = await onFile((files, send) =>
        files.plan(sheet, plain(from.mapping), [], useBox().box, onProgress, plain(useSettings().ownWords), send),
      )
      if (!plan) return
      const still = plan.aside.map((a) => ({ ...a, row: row.row }))
      const rows = from.rows.flatMap((r) => (r.row === row.row ? (plain(still) as RejectedRows['rows']) : [r]))
      const label = still.length ? words.triedRowAgain(row.row) : words.tookInRow(row.row, from.file)
      await useBox().edit(label, [...editsOf(plan), asideEdit({ ...plain(from), rows })])
    },
    async drop(from: RejectedRows, row: RejectedRow | null) {
      const rows = row ? from.rows.filter((r) => r.row !== row.row) : []
      const many = from.rows.length - rows.length
      const label = words.threwAway(many, from.file)
      await useBox().edit(label, [asideEdit({ ...plain(from), rows: plain(rows) })])
    },
  },
})

function editsOf({ trays, added, changed }: Pick<ImportPlan, 'trays' | 'added' | 'changed'>): Edit[] {
  return [...trays.map((t) => put('trays', t)), ...[...added, ...changed].map((l) => put('lures', l))]
}

/** Rows kept aside, or gone once none is left. */
function asideEdit(kept: RejectedRows): Edit {
  return { kind: 'aside', id: kept.id, item: kept.rows.length > 0 ? kept : null }
}
