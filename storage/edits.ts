import type { Table, Transaction } from 'dexie'
import { MOST_KEPT, type BoxKind, type Conflict, type StoredTable } from '../core/exchange'
import { faultOf } from '../core/fault'
import type { Practice } from '../core/match'
import { countedAnew, type Lure } from '../core/tackle'
import { SINGLETON_ID, type Item } from './db'
import { threeWay } from './merge'
import { inPieces } from './pieces'
import { StoreError } from './problem'
import { nameOf, schemaOf } from './schemas'

export type StoreKind = StoredTable | 'unreadable'

/** One thing put in place of what has its id, or (null) taken out. */
export interface Edit {
  readonly kind: StoreKind
  readonly id: string
  readonly item: unknown
  /** What the change started from, null for nothing: what another tab has changed since stays, or the edit is refused. Left out: whatever is there. */
  readonly base?: unknown
}

export const put = <K extends BoxKind>(kind: K, item: Item<K>, base?: Item<K> | null): Edit => ({
  kind,
  id: item.id,
  item,
  ...(base !== undefined && { base }),
})
export const removal = (kind: StoreKind, id: string): Edit => ({ kind, id, item: null })
/** How the angler judges, put in place of how it was. */
export const putPractice = (practice: Practice): Edit => ({
  kind: 'practice',
  id: SINGLETON_ID,
  item: { id: SINGLETON_ID, ...practice },
})

/** An item by its schema. @throws StoreError with the field that is wrong, and the name of the thing */
export function checked(kind: StoreKind, item: unknown): unknown {
  const { success, data, error } = schemaOf(kind).safeParse(item)
  if (success) return data
  const [issue] = error.issues
  throw new StoreError({
    code: 'not-valid',
    name: nameOf(item),
    field: (issue?.path ?? []).map(String).join('.'),
    fault: issue ? faultOf(issue, item) : { kind: 'missing' },
  })
}

/** @throws StoreError where more of a kind lies in its table, after something new, than can be kept */
export async function withinCap(kind: StoreKind, table: Pick<Table, 'count'>): Promise<void> {
  const most = kind in MOST_KEPT ? MOST_KEPT[kind as keyof typeof MOST_KEPT] : Infinity
  if ((await table.count()) > most) throw new StoreError({ code: 'too-many', kind, most })
}

/** A lure whose count was changed by hand owes nothing any more. */
const settled = (kind: StoreKind, item: unknown, before: unknown) =>
  kind === 'lures' && item !== null ? countedAnew(item as Lure, before as Lure | null) : item

/**
 * Makes many edits as one, inside a transaction that holds their tables. Answers with the edits that lead back: each knows what it has to find there.
 *
 * @throws StoreError where another tab has changed the same fields since, or where there would be more of a kind than can be kept
 */
export async function applyEdits(edits: readonly Edit[], transaction: Transaction): Promise<Edit[]> {
  const back: Edit[] = []
  const conflicts: Conflict[] = []
  for (const kind of new Set(edits.map((e) => e.kind))) {
    const table = transaction.table<unknown, string>(kind)
    const mine = edits.filter((e) => e.kind === kind)
    const there = await table.bulkGet(mine.map((e) => e.id))
    const after = mine.map((edit, i) => {
      const theirs = there[i] ?? null
      const merged = 'base' in edit ? threeWay(edit.base, edit.item, theirs) : ({ ok: true, item: edit.item } as const)
      if (!merged.ok)
        conflicts.push({
          kind,
          id: edit.id,
          name: nameOf(edit.item ?? edit.base),
          fields: merged.fields,
          mine: edit.item,
          theirs,
        })
      const item = merged.ok ? settled(kind, merged.item, theirs) : theirs
      back.push({ kind, id: edit.id, item: theirs, base: item })
      return { id: edit.id, item }
    })
    const items = after.flatMap(({ item }) => (item === null ? [] : [item]))
    await inPieces(items, (piece) => table.bulkPut(piece))
    await table.bulkDelete(after.flatMap(({ id, item }) => (item === null ? [id] : [])))
    if (after.some(({ item }, i) => item !== null && there[i] === undefined)) await withinCap(kind, table)
  }
  if (conflicts.length > 0) throw new StoreError({ code: 'changed-meanwhile', conflicts })
  return back.reverse()
}
