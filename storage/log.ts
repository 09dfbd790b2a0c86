import type { Transaction } from 'dexie'
import {
  Carried,
  Entry,
  Fix,
  MOST_CARRIED,
  MOST_ENTRIES,
  MOST_FIXES,
  Outing,
  spokenOf,
  tallyChanges,
  type EntryOf,
  type Fish,
  type Watched,
} from '../core/outing'
import { tallied, type Lure } from '../core/tackle'
import { withinCap } from './edits'
import { StoreError } from './problem'

/** Entries that come and go in one outing, what is taken along meanwhile, and entries that are told more of. */
export interface LogChange {
  readonly outingId: string
  /** Entries to be written behind those that are there, in this order. */
  readonly add?: readonly Entry[]
  /** Where entries that come back stood, by their ids. */
  readonly at?: Readonly<Record<string, number>>
  readonly drop?: readonly string[]
  /** The entry made last, whichever it is by now; the first one, with which an outing begins, stays. */
  readonly dropLast?: boolean
  readonly amend?: readonly Amendment[]
  /** What is taken along from now on; and what is left behind again, unless an entry speaks of it. */
  readonly carry?: readonly Carried[]
  readonly leave?: readonly string[]
  /** The whole log in place of what has its id: a friend’s, taken in from his phone; null takes it out again. */
  readonly put?: Outing | null
  /** Points of the track, behind those that are there; where it is full the oldest are thinned. */
  readonly track?: readonly Fix[]
}
/** What can be told of an entry once it is written. */
export type Told = Partial<
  Pick<EntryOf<'answer'>, 'lostHow'> &
    Pick<EntryOf<'altered'>, 'to' | 'byKg'> &
    Pick<EntryOf<'companion'>, 'who' | 'lure' | 'speciesId' | 'lengthM'>
>
/** What is now known of an entry, of its fish, and of how that was watched, and what of these is no longer; the rest stays as it is stored. */
export interface Amendment {
  readonly entryId: string
  readonly fish?: Partial<Fish>
  readonly watched?: Watched
  readonly told?: Told
  /** Fields of the entry, of its fish, or of how that was watched. */
  readonly unsaid?: readonly (keyof Told | keyof Watched | 'heldBy' | 'photoId')[]
}

type Fields = Readonly<Record<string, unknown>>
/** Fields with others over them and some left out; those that this changes as they were, and the names of those that there were not. */
function patched(old: Fields, over: object, unsaid: readonly string[]): { next: Fields; was: Fields; not: string[] } {
  const keys = [...Object.keys(over), ...unsaid]
  const only = (fields: Fields, keep: (key: string) => boolean) =>
    Object.fromEntries(Object.entries(fields).filter(([key]) => keep(key)))
  return {
    next: only({ ...old, ...over }, (key) => !unsaid.includes(key)),
    was: only(old, (key) => keys.includes(key)),
    not: Object.keys(over).filter((key) => !(key in old)),
  }
}

/** An entry with what is now known of it, and the way back; null where it is another, or has no such fish. */
function amended(entry: Entry, amendment: Amendment): { entry: Entry; back: Amendment } | null {
  const { entryId, told = {}, unsaid = [] } = amendment
  if (entry.id !== entryId) return null
  const { fish: oldFish, watched: oldWatched, ...rest } = entry as Fields & { fish?: Fields | null; watched?: Fields }
  if (amendment.fish && !oldFish) return null
  const of = patched(rest, told, unsaid)
  const watched = patched(oldWatched ?? {}, amendment.watched ?? {}, unsaid)
  const fish = oldFish && patched(oldFish, amendment.fish ?? {}, unsaid)
  const next = {
    ...of.next,
    ...(oldFish !== undefined && { fish: fish ? fish.next : null }),
    ...(Object.keys(watched.next).length > 0 && { watched: watched.next }),
  }
  const back = {
    entryId,
    told: of.was,
    watched: watched.was,
    ...(fish && { fish: fish.was }),
    unsaid: [...of.not, ...watched.not, ...(fish ? fish.not : [])],
  }
  return { entry: Entry.parse(next), back: back as Amendment }
}

/** What is carried, with what is taken along, and without what is left behind; an entry keeps what it speaks of. */
function carriedThen(outing: Outing, entries: readonly Entry[], { carry = [], leave = [] }: LogChange): Carried[] {
  const spoken = new Set(spokenOf(entries).map(({ carriedId }) => carriedId))
  const kept = outing.carried.filter(({ id }) => !leave.includes(id) || spoken.has(id))
  const has = new Set(kept.map(({ id }) => id))
  const all = [...kept, ...carry.filter(({ id }) => !has.has(id)).map((one) => Carried.parse(one))]
  return all.length > 0 ? all : outing.carried
}

/** A track that is full keeps every second point of all but its newest half, as often as it takes: points may have waited in their thousands. */
function thinned(track: readonly Fix[]): Fix[] {
  const older = track.length - MOST_FIXES / 2
  return track.length <= MOST_FIXES ? [...track] : thinned(track.filter((_, i) => i >= older || i % 2 === 0))
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
  if (change.put !== undefined) return putLog(change.outingId, change.put, transaction)
  const outings = transaction.table<Outing, string>('outings')
  const outing = await outings.get(change.outingId)
  if (!outing) throw new StoreError({ code: 'gone', what: 'outing' })
  const { after, back } = changedLog(outing, change)
  await outings.put(after)
  await count(tallyChanges(outing, after), transaction)
  return back
}

/**
 * A log as a change makes it, and the change that leads back.
 *
 * @throws StoreError where it would hold more than a log can, ZodError on an entry that its schema refuses
 */
export function changedLog(outing: Outing, change: LogChange): { after: Outing; back: LogChange } {
  const add = (change.add ?? []).map((entry) => Entry.parse(entry))
  const last = outing.entries.length > 1 ? outing.entries.at(-1) : undefined
  const drop = new Set([...(change.drop ?? []), ...(change.dropLast && last ? [last.id] : []), ...add.map((e) => e.id)])
  const gone = outing.entries.filter((e) => drop.has(e.id))
  const back: Amendment[] = []
  const kept = outing.entries
    .filter((e) => !drop.has(e.id))
    .map((e) =>
      (change.amend ?? []).reduce((entry, more) => {
        const done = amended(entry, more)
        if (done) back.unshift(done.back)
        return done?.entry ?? entry
      }, e),
    )
  const entries = joined(kept, add, change.at ?? {})
  const track = change.track
    ? thinned([...(outing.track ?? []), ...change.track.map((fix) => Fix.parse(fix))])
    : undefined
  const after = { ...outing, entries, carried: carriedThen(outing, entries, change), ...(track && { track }) }
  if (after.carried.length > MOST_CARRIED)
    throw new StoreError({ code: 'too-many', kind: 'carried', most: MOST_CARRIED })
  if (after.entries.length > MOST_ENTRIES)
    throw new StoreError({ code: 'too-many', kind: 'entries', most: MOST_ENTRIES })
  const way: LogChange = {
    outingId: outing.id,
    add: gone,
    at: Object.fromEntries(gone.map((e) => [e.id, outing.entries.indexOf(e)])),
    drop: add.map((e) => e.id),
    amend: back,
    carry: outing.carried.filter((one) => !after.carried.includes(one)),
    leave: after.carried.filter((one) => !outing.carried.includes(one)).map(({ id }) => id),
  }
  return { after, back: way }
}

const NOTHING_YET: Pick<Outing, 'entries' | 'carried'> = { entries: [], carried: [] }

/** A whole log, with what it means for the lures of the box: what friends caught and lost on them counts, once. */
async function putLog(outingId: string, log: Outing | null, transaction: Transaction): Promise<LogChange> {
  const after = log && Outing.parse({ ...log, id: outingId })
  const outings = transaction.table<Outing, string>('outings')
  const before = (await outings.get(outingId)) ?? null
  if (after) {
    await outings.put(after)
    if (!before) await withinCap('outings', outings)
  } else await outings.delete(outingId)
  await count(tallyChanges(before ?? NOTHING_YET, after ?? NOTHING_YET), transaction)
  return { outingId, put: before }
}

/** Counts fish and losses on the lures as they are stored; a lure that is no longer in the box counts nothing. */
async function count(tallies: ReturnType<typeof tallyChanges>, transaction: Transaction) {
  const lures = transaction.table<Lure, string>('lures')
  for (const [id, tally] of tallies) {
    const lure = await lures.get(id)
    if (!lure) continue
    await lures.put(tallied(lure, tally))
  }
}
