import Papa from 'papaparse'
import type { Lure, Tray } from '../../tackle'
import type { Box } from '../../box'
import { UNITS } from '../../quantity'
import { bare, fromNeutral, neutral } from './cells'
import { COLUMNS, WRITTEN } from './columns'
import { MOST_IN_SHEET } from '../limits'
import type { FileProblem } from '../problem'

/** A table as text: headings and rows of cells, nothing judged yet. */
export interface Sheet {
  readonly headings: readonly string[]
  readonly rows: readonly (readonly string[])[]
}
export type SheetRead =
  | { readonly ok: true; readonly sheet: Sheet }
  | { readonly ok: false; readonly problem: FileProblem }

/** A sheet that holds more than a page can show: {@link MOST_IN_SHEET}. */
function overLimit(cells: readonly string[], row: number): FileProblem | null {
  const { columns, lettersInCell, lettersInHeading } = MOST_IN_SHEET
  if (cells.length > columns) return { code: 'too-many-columns', columns: cells.length, most: columns, row }
  const most = row === 1 ? lettersInHeading : lettersInCell
  const at = cells.findIndex((cell) => cell.length > most)
  return at < 0 ? null : { code: 'cell-too-long', row, column: at + 1, letters: cells[at]?.length ?? 0, most }
}

/** Reads comma, semicolon or tab separated text. Empty rows are passed over; quotes left open are told with their row. Never throws. */
export function readSheet(source: string): SheetRead {
  const all: string[][] = []
  let problem: FileProblem | null = null
  Papa.parse<string[]>(source.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
    // A row at a time: what is too much is told as soon as it is met, before the rest is read.
    step: ({ data, errors }, parser) => {
      const row = all.push(data)
      const torn = errors.some((e) => e.type === 'Quotes')
      problem = torn ? { code: 'open-quote', row } : overLimit(data, row)
      if (row > MOST_IN_SHEET.rows + 1) problem ??= { code: 'too-many-rows', most: MOST_IN_SHEET.rows }
      if (problem) parser.abort()
    },
  })
  if (problem) return { ok: false, problem }
  const [headings, ...rows] = all
  if (!headings || rows.length === 0) return { ok: false, problem: { code: 'no-rows' } }
  const clean = (cells: readonly string[]) => cells.map((cell) => fromNeutral(cell))
  return { ok: true, sheet: { headings: clean(headings).map((h) => h.trim()), rows: rows.map(clean) } }
}

/** A heading taken apart: “Length (cm)” is a length in cm. */
export function headingUnit(heading: string): string | null {
  const unit = /[([]\s*([^)\]]+?)\s*[)\]]/.exec(heading)?.[1]?.toLowerCase()
  return unit && Object.values(UNITS).some((u) => (u.spellings as readonly string[]).includes(unit)) ? unit : null
}

/** Which of our columns each heading seems to mean; null where nothing does. No column is taken twice. */
export function guessColumns(headings: readonly string[]): (string | null)[] {
  const taken = new Set<string>()
  return headings.map((heading) => {
    const word = bare(heading.replace(/[([].*?[)\]]/g, ''))
    const found = COLUMNS.find((c) => !taken.has(c.id) && (bare(c.label) === word || c.words.includes(word)))
    if (!found) return null
    taken.add(found.id)
    return found.id
  })
}

/** All lures as comma-separated text, units in the headings, nothing that a spreadsheet would run. */
function writeSheet(lures: readonly Lure[], trays: readonly Tray[]): string {
  const byId = new Map(trays.map((t) => [t.id, t]))
  const rows = lures.map((lure) => WRITTEN.map((c) => neutral(c.write(lure, byId))))
  return Papa.unparse([WRITTEN.map((c) => c.heading), ...rows], { newline: '\r\n' })
}

/** The lures of a box as a sheet. */
export const writeLures = (box: Box): string => writeSheet(box.lures, box.trays)
