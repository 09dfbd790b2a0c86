import type { Sheet } from './sheet'
import { columnOf } from './columns'

/** What a comma in a figure parts. */
export type Comma = 'decimal' | 'thousands'

/** What the comma parts in the figures of one column, where some of them could mean two things. */
export interface Mark {
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

/**
 * What the comma parts in a column of figures: as its unmistakable figures say, else to be said by the angler. Null where no figure is in doubt, and for
 * columns of words.
 *
 * @param id what the column is read as: {@link columnOf}
 */
export function markOf({ rows }: Sheet, column: number, id: string | null): Mark | null {
  const known = id ? columnOf(id) : undefined
  if (!known?.figures) return null
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
  if (!unclear) return null
  const one = said.decimal && !said.thousands ? 'decimal' : said.thousands && !said.decimal ? 'thousands' : null
  return { comma: one, unclear, from: one ? (said[one] ?? null) : null }
}

/** A cell whose doubtful figures are written so that they can mean one thing only. */
export function settled(cell: string, comma: Comma | null): string {
  if (!comma) return cell
  return cell.replace(FIGURE, (figure) => {
    if (EITHER_COMMA.test(figure)) return figure.replace(',', comma === 'decimal' ? '.' : '')
    return comma === 'decimal' && EITHER_STOP.test(figure) ? figure.replace('.', '') : figure
  })
}
