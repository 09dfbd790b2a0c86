import Papa from 'papaparse'
import type { Lure, Tray } from '../../tackle'
import type { Box } from '../../box'
import { UNITS } from '../../quantity'
import { bare, fromNeutral, neutral } from './cells'
import { COLUMNS, WRITTEN } from './columns'
import type { FileProblem } from '../problem'

/** A table as text: headings and rows of cells, nothing judged yet. */
export interface Sheet {
  readonly headings: readonly string[]
  readonly rows: readonly (readonly string[])[]
}
export type SheetRead =
  { readonly ok: true; readonly sheet: Sheet } | { readonly ok: false; readonly problem: FileProblem }

const MOST_ROWS = 20_000

/** Reads comma, semicolon or tab separated text. Empty rows are passed over; quotes left open are told with their row. Never throws. */
export function readSheet(source: string): SheetRead {
  const parsed = Papa.parse<string[]>(source.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  })
  const torn = parsed.errors.find((e) => e.type === 'Quotes')
  if (torn) return { ok: false, problem: { code: 'open-quote', row: (torn.row ?? 0) + 1 } }
  const [headings, ...rows] = parsed.data
  if (!headings || rows.length === 0) return { ok: false, problem: { code: 'no-rows' } }
  if (rows.length > MOST_ROWS)
    return { ok: false, problem: { code: 'too-many-rows', rows: rows.length, most: MOST_ROWS } }
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
