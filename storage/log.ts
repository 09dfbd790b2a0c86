import type { Transaction } from 'dexie'
import { Entry, MOST_ENTRIES, tallyChanges, type Fish, type Outing } from '../core/outing'
import type { Lure } from '../core/tackle'
import { StoreError } from './problem'

/** Entries that come and go in one outing, and fish of it that are told more of. */
export interface LogChange {
  readonly outingId: string
  /** Entries to be written behind those that are there, in this order. */
  readonly add?: readonly Entry[]
  /** Where entries that come back stood, by their ids. */
  readonly at?: Readonly<Record<string, number>>
  readonly drop?: readonly string[]
  /** The entry made last, whichever it is by now; the first one, with which an outing begins, stays. */
  readonly dropLast?: boolean
  readonly amend?: readonly FishAmendment[]
}
/** What is now known of a fish; the rest of it stays as it is stored. */
interface FishAmendment {
  readonly entryId: string
  readonly fish: Partial<Fish>
}

/** An entry with what is now known of its fish, and the way back; null where it has no such fish. */
function amended(entry: Entry, { entryId, fish }: FishAmendment): { entry: Entry; back: FishAmendment } | null {
  if (entry.kind !== 'answer' || !entry.fish || entry.id !== entryId) return null
  const old = entry.fish
  const before = Object.fromEntries(Object.keys(fish).map((key) => [key, old[key as keyof Fish]]))
  return { entry: Entry.parse({ ...entry, fish: { ...old, ...fish } }), back: { entryId, fish: before } }
}

/** Entries in the order in which they were made, whatever the clock said: those that come back stand where they stood. */
function joined(kept: readonly Entry[], add: readonly Entry[], at: Readonly<Record<string, number>>): Entry[] {
  const all = [...kept, ...add.filter((e) => at[e.id] === undefined)]
  const back = add.flatMap((e) => {
    const place = at[e.id]
    return place === undefined ? [] : [{ e, place }]
  })
  for (const { e, place } of back.sort((a, b) => a.place - b.place)) all.splice(place, 0, e)
  return all
}

/**
 * Changes the entries of one outing, and what they mean for the lures of the box, inside a transaction over outings and lures. Both are worked out from
 * what is stored: another page that writes to the same outing or counts on the same lure loses nothing. Answers with the change that leads back.
 *
 * @throws StoreError where the outing is no longer there, ZodError on an entry that its schema refuses
 */
export async function applyLog(change: LogChange, transaction: Transaction): Promise<LogChange> {
  const add = (change.add ?? []).map((entry) => Entry.parse(entry))
  const outings = transaction.table<Outing, string>('outings')
  const outing = await outings.get(change.outingId)
  if (!outing) throw new StoreError({ code: 'gone', what: 'outing' })
  const last = outing.entries.length > 1 ? outing.entries.at(-1) : undefined
  const drop = new Set([...(change.drop ?? []), ...(change.dropLast && last ? [last.id] : []), ...add.map((e) => e.id)])
  const gone = outing.entries.filter((e) => drop.has(e.id))
  const back: FishAmendment[] = []
  const kept = outing.entries
    .filter((e) => !drop.has(e.id))
    .map((e) =>
      (change.amend ?? []).reduce((entry, more) => {
        const done = amended(entry, more)
        if (done) back.unshift(done.back)
        return done?.entry ?? entry
      }, e),
    )
  const after = { ...outing, entries: joined(kept, add, change.at ?? {}) }
  if (after.entries.length > MOST_ENTRIES)
    throw new StoreError({ code: 'too-many', kind: 'entries', most: MOST_ENTRIES })
  await outings.put(after)
  await count(tallyChanges(outing, after), transaction)
  return {
    outingId: outing.id,
    add: gone,
    at: Object.fromEntries(gone.map((e) => [e.id, outing.entries.indexOf(e)])),
    drop: add.map((e) => e.id),
    amend: back,
  }
}

/** Counts fish and losses on the lures as they are stored; a lure that is no longer in the box counts nothing. */
async function count(tallies: ReturnType<typeof tallyChanges>, transaction: Transaction) {
  const lures = transaction.table<Lure, string>('lures')
  for (const [id, { fish, lost }] of tallies) {
    const lure = await lures.get(id)
    if (!lure) continue
    await lures.put({ ...lure, fish: Math.max(0, lure.fish + fish), count: Math.max(0, lure.count - lost) })
  }
}
