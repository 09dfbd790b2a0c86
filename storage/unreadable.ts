import type { Table } from 'dexie'
import equal from 'fast-deep-equal'
import { STORED_TABLES, type StoredTable, type UnreadableRow } from '../core/exchange'
import { faultOf, valueAt } from '../core/fault'
import type { YgrionDb } from './db'
import { nameOf, schemaOf } from './schemas'
import { newId } from '../core/new-id'

/** How long rows are judged without a pause, ms. */
const PAUSE_EVERY_MS = 16
const pause = () => new Promise<void>((resolve) => setTimeout(resolve))
const LONGEST_NAME = 80
/** Pictures in memory at once while they are judged: some 4 MB. */
const PHOTOS_AT_ONCE = 10

/** A row that its schema refuses, as it is kept: whole, with the field in fault. Null where it is as it should be. */
export function unreadable(table: StoredTable, row: unknown, at: string): UnreadableRow | null {
  const { success, error } = schemaOf(table).safeParse(row)
  if (success) return null
  const [issue] = error.issues
  return {
    id: newId(),
    table,
    at,
    name: nameOf(row).slice(0, LONGEST_NAME),
    path: (issue?.path ?? []).map((step) => (typeof step === 'number' ? step : String(step))),
    fault: issue ? faultOf(issue, row) : { kind: 'missing' },
    row: row as Record<string, unknown>,
  }
}

/** A row with another value at a path that it has; as it is where it has no such path. */
function withValue(row: unknown, path: readonly (string | number)[], value: unknown): unknown {
  const copy: unknown = structuredClone(row)
  const last = path.at(-1)
  const owner = valueAt(copy, path.slice(0, -1))
  if (last === undefined || typeof owner !== 'object' || owner === null) return copy
  const leads = path.every((key, i) => {
    const at = valueAt(copy, path.slice(0, i)) as object
    return Object.hasOwn(at, key) || i === path.length - 1
  })
  if (leads && last !== '__proto__') Object.assign(owner, { [last]: value })
  return copy
}

/** What a typed text can mean: words, a figure, yes or no, nothing. */
function meanings(text: string): unknown[] {
  const all: unknown[] = [text]
  const figure = Number(text)
  if (text.trim() !== '' && Number.isFinite(figure)) all.push(figure)
  if (text === 'true' || text === 'false') all.push(text === 'true')
  if (text.trim() === '') all.push(null)
  return all
}

/** A row with its field in fault typed anew: as its table wants it, or still set aside with what is wrong now. Null for `text`: as it is, tried once more. */
export function mended(kept: UnreadableRow, text: string | null): { row: unknown } | { still: UnreadableRow } {
  const tries = text === null ? [kept.row] : meanings(text).map((value) => withValue(kept.row, kept.path, value))
  const faults = tries.map((row) => ({ row, still: unreadable(kept.table, row, kept.at) }))
  const whole = faults.find(({ still }) => still === null)
  if (whole) return { row: schemaOf(kept.table).parse(whole.row) }
  // The one that gets furthest: its fault lies elsewhere.
  const best = faults.find(({ still }) => still?.path.join() !== kept.path.join()) ?? faults[0]
  return { still: { ...kept, ...best?.still, id: kept.id } }
}

/** Pictures are many and heavy, and nothing but shown: the page opens before they are judged. */
export const JUDGED_FIRST = STORED_TABLES.filter((table) => table !== 'photos')
export const JUDGED_LATER = ['photos'] as const

/**
 * Goes through all that is stored. What lacks only what its schema fills in is filled in; what is not as its schema says is set aside, so that no view meets
 * it. Answers with what was set aside.
 *
 * @param at day and hour
 */
export async function setAsideUnreadable(
  db: YgrionDb,
  at: string,
  tables: readonly StoredTable[] = STORED_TABLES,
): Promise<UnreadableRow[]> {
  const found: UnreadableRow[] = []
  for (const name of tables) {
    const table = db.table<unknown, string>(name)
    const suspects = await suspectsOf(name, table)
    if (suspects.length === 0) continue
    // Looked at once more where nobody can change it meanwhile.
    await db.transaction('rw', [table, db.unreadable], async () => {
      for (const key of suspects) {
        const row = await table.get(key)
        const filled = schemaOf(name).safeParse(row)
        const bad = row === undefined || filled.success ? null : unreadable(name, row, at)
        if (bad) {
          await db.unreadable.put(bad)
          await table.delete(key)
          found.push(bad)
        } else if (row !== undefined) await table.put(filled.data)
      }
    })
  }
  return found
}

/** Keys of the rows that are not just what their schema makes of them. */
async function suspectsOf(name: StoredTable, table: Table<unknown, string>): Promise<string[]> {
  const keys = await table.toCollection().primaryKeys()
  const schema = schemaOf(name)
  const suspects: string[] = []
  let from = performance.now()
  const heavy = name === 'photos'
  const most = heavy ? PHOTOS_AT_ONCE : keys.length
  for (let first = 0; first < keys.length; first += most) {
    const piece = keys.slice(first, first + most)
    const rows = heavy ? await table.bulkGet(piece) : await table.toArray()
    for (const [i, key] of piece.entries()) {
      const { success, data } = schema.safeParse(rows[i])
      if (!success || !equal(data, rows[i])) suspects.push(key)
      if (performance.now() - from < PAUSE_EVERY_MS) continue
      await pause()
      from = performance.now()
    }
  }
  return suspects
}
