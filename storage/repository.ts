import { liveQuery } from 'dexie'
import { BOX_KINDS, BinItem, Photo, RejectedRows, type ArchiveContent, type BoxKind } from '../core/exchange'
import { Practice, USUAL_PRACTICE } from '../core/match'
import { Entry, Outing, tallyChanges, type Fish } from '../core/outing'
import type { Lure } from '../core/tackle'
import { Box, EMPTY_BOX } from '../core/box'
import { Place, type Conditions } from '../core/water'
import { z } from '../core/zod'
import { SINGLETON_ID, YgrionDb, type Draft, type Item } from './db'

/** Everything on show, read in one piece. Photos are many and heavy: they are read one by one. */
export interface Stored {
  readonly box: Box
  readonly places: Place[]
  readonly waters: Conditions[]
  readonly bin: BinItem[]
  readonly aside: RejectedRows[]
  readonly practice: Practice
}

export type StoreKind = BoxKind | 'bin' | 'photos' | 'aside' | 'places' | 'practice' | 'outings'

/** One thing put in place of what has its id, or (null) taken out. */
export interface Edit {
  readonly kind: StoreKind
  readonly id: string
  readonly item: unknown
}

export const put = <K extends BoxKind>(kind: K, item: Item<K>): Edit => ({ kind, id: item.id, item })
export const removal = (kind: StoreKind, id: string): Edit => ({ kind, id, item: null })

/** Entries that come and go in one outing, and fish of it that are told more of. */
export interface LogChange {
  readonly outingId: string
  readonly add?: readonly Entry[]
  readonly drop?: readonly string[]
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

/** Oldest first; those of the same second as they were made. */
function inTime(entries: readonly Entry[]): Entry[] {
  const at = new Map(entries.map((e) => [e, Date.parse(e.at)]))
  return [...entries].sort((a, b) => (at.get(a) ?? 0) - (at.get(b) ?? 0))
}

/** How the angler judges, put in place of how it was. */
export const putPractice = (practice: Practice): Edit => ({
  kind: 'practice',
  id: SINGLETON_ID,
  item: { id: SINGLETON_ID, ...practice },
})

/** What a thing of a kind must be. */
function schemaOf(kind: StoreKind): z.ZodType {
  switch (kind) {
    case 'bin':
      return BinItem
    case 'photos':
      return Photo
    case 'aside':
      return RejectedRows
    case 'places':
      return Place
    case 'outings':
      return Outing
    case 'practice':
      return Practice.extend({ id: z.literal(SINGLETON_ID) })
    default:
      return Box.shape[kind].element
  }
}

/** The only door to IndexedDB. Every change checks what it writes and says what was there before, so that it can be undone. */
export class Repository {
  constructor(private readonly db: YgrionDb = new YgrionDb()) {}

  /** Reads what is on show now and after every change, from this tab or another. Returns the way to stop. */
  watch(onStored: (stored: Stored) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.read()).subscribe({ next: onStored, error: onError })
    return () => subscription.unsubscribe()
  }

  async read(): Promise<Stored> {
    const { db } = this
    const tables = [...BOX_KINDS.map((kind) => db.table(kind)), db.places, db.waters, db.bin, db.aside, db.practice]
    return db.transaction('r', tables, async () => {
      const box: Box = { ...EMPTY_BOX }
      for (const kind of BOX_KINDS) Object.assign(box, { [kind]: await db.table(kind).orderBy('id').toArray() })
      const [places, waters] = [await db.places.toArray(), await db.waters.toArray()]
      const { id: _, ...practice } = (await db.practice.get(SINGLETON_ID)) ?? { id: SINGLETON_ID, ...USUAL_PRACTICE }
      return { box, places, waters, bin: await db.bin.toArray(), aside: await db.aside.toArray(), practice }
    })
  }

  /** Everything for an archive, photos too. */
  async readAll(): Promise<ArchiveContent> {
    const { box, places, waters, bin, practice } = await this.read()
    const outings = await this.db.outings.toArray()
    return { box, places, waters, bin, practice, photos: await this.db.photos.toArray(), outings }
  }

  /**
   * Makes many edits as one: all or none. Answers with the edits that lead back.
   * @throws ZodError on an item that its schema refuses; nothing is changed then
   */
  async apply(edits: readonly Edit[]): Promise<Edit[]> {
    const checked = edits.map((e) => ({ ...e, item: e.item === null ? null : schemaOf(e.kind).parse(e.item) }))
    const tables = [...new Set(checked.map((e) => e.kind))].map((kind) => this.db.table(kind))
    if (tables.length === 0) return []
    return this.db.transaction('rw', tables, async () => {
      const back: Edit[] = []
      for (const kind of new Set(checked.map((e) => e.kind))) {
        const table = this.db.table<unknown, string>(kind)
        const mine = checked.filter((e) => e.kind === kind)
        const before = await table.bulkGet(mine.map((e) => e.id))
        mine.forEach((e, i) => back.push({ kind, id: e.id, item: before[i] ?? null }))
        await table.bulkPut(mine.filter((e) => e.item !== null).map((e) => e.item))
        await table.bulkDelete(mine.filter((e) => e.item === null).map((e) => e.id))
      }
      return back.reverse()
    })
  }

  /** Reads the outings now and after every change, apart from the box: a tap on the water must not read all of it. */
  watchOutings(onRead: (outings: Outing[]) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.db.outings.toArray()).subscribe({ next: onRead, error: onError })
    return () => subscription.unsubscribe()
  }

  /**
   * Changes the entries of one outing, and what they mean for the lures of the box, as one. Both are worked out from what is stored: another page that
   * writes to the same outing or counts on the same lure loses nothing. Answers with the change that leads back.
   * @throws Error where the outing is no longer there, ZodError on an entry that its schema refuses; nothing is changed then
   */
  async log(change: LogChange): Promise<LogChange> {
    const add = (change.add ?? []).map((entry) => Entry.parse(entry))
    return this.db.transaction('rw', [this.db.outings, this.db.table('lures')], async () => {
      const outing = await this.db.outings.get(change.outingId)
      if (!outing) throw new Error('this outing is no longer stored; go back to the list of outings')
      const drop = new Set([...(change.drop ?? []), ...add.map((e) => e.id)])
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
      const after = { ...outing, entries: inTime([...kept, ...add]) }
      await this.db.outings.put(after)
      await this.count(tallyChanges(outing, after))
      return { outingId: outing.id, add: gone, drop: add.map((e) => e.id), amend: back }
    })
  }

  /** Counts fish and losses on the lures as they are stored; a lure that is no longer in the box counts nothing. */
  private async count(tallies: ReturnType<typeof tallyChanges>) {
    const lures = this.db.table<Lure, string>('lures')
    for (const [id, { fish, lost }] of tallies) {
      const lure = await lures.get(id)
      if (!lure) continue
      await lures.put({ ...lure, fish: Math.max(0, lure.fish + fish), count: Math.max(0, lure.count - lost) })
    }
  }

  async outings(): Promise<Outing[]> {
    return this.db.outings.toArray()
  }

  async putWater(water: Conditions): Promise<void> {
    await this.db.waters.put(water)
  }

  async photo(id: string): Promise<Photo | undefined> {
    return this.db.photos.get(id)
  }

  /** Replaces everything stored by the content of an archive, in one transaction; answers with what was there. */
  async replaceAll(content: ArchiveContent): Promise<ArchiveContent> {
    const { db } = this
    return db.transaction('rw', db.tables, async () => {
      const before = await this.readAll()
      const fill = async (name: string, things: readonly unknown[]) => {
        await db.table(name).clear()
        await db.table(name).bulkAdd([...things])
      }
      for (const kind of BOX_KINDS) await fill(kind, content.box[kind])
      for (const name of ['places', 'waters', 'photos', 'bin', 'outings'] as const) await fill(name, content[name])
      await fill('practice', [{ id: SINGLETON_ID, ...content.practice }])
      return before
    })
  }

  async setting<T>(key: string): Promise<T | undefined> {
    return (await this.db.settings.get(key))?.value as T | undefined
  }

  async setSetting(key: string, value: unknown): Promise<void> {
    await this.db.settings.put({ key, value })
  }

  async keepDraft(draft: Draft): Promise<void> {
    await this.db.drafts.put(draft)
  }

  async dropDraft(key: string): Promise<void> {
    await this.db.drafts.delete(key)
  }

  async drafts(): Promise<Draft[]> {
    return this.db.drafts.toArray()
  }

  /** Fills an empty database once; a box that was emptied on purpose stays empty. */
  async seedOnce(content: () => ArchiveContent): Promise<boolean> {
    const { db } = this
    return db.transaction('rw', db.tables, async () => {
      if (await db.settings.get('seeded')) return false
      await this.replaceAll(content())
      await db.settings.put({ key: 'seeded', value: true })
      return true
    })
  }
}
