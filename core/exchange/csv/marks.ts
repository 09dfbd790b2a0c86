import type { Sheet } from './sheet'
import { columnOf } from './columns'

/** What a comma in a figure parts. */
export type Comma = 'decimal' | 'thousands'

/** What the comma parts in the figures of one column, where some of them could mean two things. */
interface Mark {
  /** Null where nobody has said yet. */
  readonly comma: Comma | null
  /** A figure that could mean two things: `1,200`. */
  readonly unclear: string
  /** A figure of the column that says which it is: `12,5`. Null where none does, or they disagree. */
  readonly from: string | null
}
/** By column of the sheet; null where there is nothing to say. */
export type Marks = readonly (Mark | null)[]

/** A figure inside a cell, with whatever marks it has. */
const FIGURE = /\d[\d.,]*\d|\d/g
const EITHER_COMMA = /^[1-9]\d{0,2},\d{3}$/
const EITHER_STOP = /^[1-9]\d{0,2}\.\d{3}$/
/** `0,5`, `12,50`, `1.234,5`: a comma that can only be decimal. */
const DECIMAL = /^(?:\d{1,3}(?:\.\d{3})+,\d+|\d+,\d{1,2}|\d+,\d{4,}|0,\d+|\d{4,},\d+)$/
/** `1,234.5`, `1,234,567`: a comma that can only part thousands. */
const THOUSANDS = /^(?:\d{1,3}(?:,\d{3})+\.\d+|\d{1,3}(?:,\d{3}){2,})$/

/** What the figures of a column say of their commas: one that is in doubt, and one for each meaning that is not. */
interface CommaEvidence {
  readonly unclear: string
  readonly decimal?: string
  readonly thousands?: string
}
function evidenceIn({ rows }: Sheet, column: number): CommaEvidence {
  let unclear = ''
  const said: Partial<Record<Comma, string>> = {}
  for (const row of rows) {
    for (const [figure] of (row[column] ?? '').matchAll(FIGURE)) {
      if (EITHER_COMMA.test(figure)) unclear ||= figure
      else if (DECIMAL.test(figure)) said.decimal ??= figure
      else if (THOUSANDS.test(figure)) said.thousands ??= figure
      else if (EITHER_STOP.test(figure) && said.decimal) unclear ||= figure
    }
  }
  return { unclear, ...said }
}

/** The one meaning that figures agree on, with a figure that says so; null where none does, or they disagree. */
function agreed(all: readonly CommaEvidence[]): { comma: Comma; from: string } | null {
  const [decimal, thousands] = [all.find((s) => s.decimal)?.decimal, all.find((s) => s.thousands)?.thousands]
  if (decimal && !thousands) return { comma: 'decimal', from: decimal }
  return thousands && !decimal ? { comma: 'thousands', from: thousands } : null
}

/**
 * What the comma parts in each column of figures: as the column's unmistakable figures say, else as those of the whole sheet do, for it was written by one
 * hand; else to be said by the angler. Null where no figure is in doubt, and for columns of words.
 *
 * @param mapping what each column is read as: {@link columnOf}
 */
export function marksOf(sheet: Sheet, mapping: readonly (string | null)[]): Marks {
  const said = mapping.map((id, i) => (id && columnOf(id)?.figures ? evidenceIn(sheet, i) : null))
  const sheetWide = agreed(said.filter((s) => s !== null))
  return said.map((own) => {
    if (!own?.unclear) return null
    const silent = !own.decimal && !own.thousands
    const known = agreed([own]) ?? (silent ? sheetWide : null)
    return { comma: known?.comma ?? null, unclear: own.unclear, from: known?.from ?? null }
  })
}

/** A cell whose doubtful figures are written so that they can mean one thing only. */
export function settled(cell: string, comma: Comma | null): string {
  if (!comma) return cell
  return cell.replace(FIGURE, (figure) => {
    if (EITHER_COMMA.test(figure)) return figure.replace(',', comma === 'decimal' ? '.' : '')
    return comma === 'decimal' && EITHER_STOP.test(figure) ? figure.replace('.', '') : figure
  })
}
