import { liveQuery, type Transaction } from 'dexie'
import {
  BOX_KINDS,
  type ArchiveContent,
  type BinItem,
  type Photo,
  type RejectedRows,
  type UnreadableRow,
} from '../core/exchange'
import { USUAL_PRACTICE, type Practice } from '../core/match'
import { isOver, type Outing } from '../core/outing'
import { EMPTY_BOX, type Box } from '../core/box'
import type { Conditions, Place } from '../core/water'
import { DB_VERSION, SINGLETON_ID, YgrionDb, type Draft } from './db'
import type { Command, DoneBy, Replacement, Step } from './command'
import { applyEdits, checked, type Edit } from './edits'
import { applyLog, type LogChange } from './log'
import { databaseInMemory } from './memory'
import { StoreError } from './problem'
import { rescueContent } from './rescue'
import { setAsideUnreadable } from './unreadable'
import { SETTINGS_KEY, backUp, contentOf, fillWhole, readWhole, type BackupHead } from './whole'

/** Everything on show, read in one piece. Photos are many and heavy: they are read one by one. */
export interface Stored {
  readonly box: Box
  readonly places: Place[]
  readonly waters: Conditions[]
  readonly bin: BinItem[]
  readonly aside: RejectedRows[]
  readonly unreadable: UnreadableRow[]
  readonly practice: Practice
}

/** Steps of a tab that are kept. */
const MOST_STEPS = 200

/** The only door to IndexedDB. Every change checks what it writes, is made whole or not at all, and is kept with the way back. */
export class Repository {
  constructor(private db: YgrionDb = new YgrionDb()) {}

  /**
   * Opens the database, and brings it to this version.
   * @throws the database's own error; StoreError where a newer Ygrion has made it: its rows could be misread, so none is touched
   */
  async open(): Promise<void> {
    await this.db.open()
    // A version of ours is ten of the browser’s.
    if (this.db.backendDB().version <= DB_VERSION * 10) return
    this.db.close()
    throw new StoreError({ code: 'older' })
  }

  /** From here on nothing outlives the page. */
  async goInMemory(): Promise<void> {
    this.db.close()
    this.db = await databaseInMemory()
  }

  /** Sets aside what is not what its schema says: {@link setAsideUnreadable}. */
  setAsideUnreadable(at: string): Promise<UnreadableRow[]> {
    return setAsideUnreadable(this.db, at)
  }

  /** All that can be read of a database that does not open: {@link rescueContent}. */
  rescue(at: string): Promise<ArchiveContent> {
    this.db.close()
    return rescueContent(this.db.name, at)
  }

  /** Reads what is on show now and after every change, from this tab or another. Returns the way to stop. */
  watch(onStored: (stored: Stored) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.read()).subscribe({ next: onStored, error: onError })
    return () => subscription.unsubscribe()
  }

  async read(): Promise<Stored> {
    const { db } = this
    const tables = [
      ...BOX_KINDS.map((kind) => db.table(kind)),
      db.places,
      db.waters,
      db.bin,
      db.aside,
      db.practice,
      db.unreadable,
    ]
    return db.transaction('r', tables, async () => {
      const box: Box = { ...EMPTY_BOX }
      for (const kind of BOX_KINDS) Object.assign(box, { [kind]: await db.table(kind).orderBy('id').toArray() })
      const [places, waters] = [await db.places.toArray(), await db.waters.toArray()]
      const { id: _, ...practice } = (await db.practice.get(SINGLETON_ID)) ?? { id: SINGLETON_ID, ...USUAL_PRACTICE }
      const [bin, aside, unreadable] = [await db.bin.toArray(), await db.aside.toArray(), await db.unreadable.toArray()]
      return { box, places, waters, bin, aside, unreadable, practice }
    })
  }

  /** Everything for an archive, photos too, as it is at one moment. */
  readAll(): Promise<ArchiveContent> {
    const { db } = this
    return db.transaction('r', db.tables, () => readWhole(db))
  }

  /**
   * Does a command, and keeps the step with the way back.
   * @throws StoreError or the database's own error; nothing is changed then
   */
  async run(command: Command | Replacement, by: DoneBy): Promise<Step> {
    return this.db.transaction('rw', this.tablesOf(command), async (transaction) => {
      const back = await this.carryOut(command, by, transaction)
      const nth = await this.db.steps.add({ ...by, step: back } as never)
      const mine = await this.db.steps.where('tab').equals(by.tab).primaryKeys()
      await this.db.steps.bulkDelete(mine.slice(0, Math.max(0, mine.length - MOST_STEPS)))
      return { nth, label: by.label }
    })
  }

  /**
   * Takes a step back; answers with the command that does it again.
   * @throws StoreError where another tab has worked on the same since: nothing is changed then
   */
  async undo({ nth }: Step, at: string): Promise<Command> {
    const kept = await this.db.steps.get(nth)
    if (!kept) throw new StoreError({ code: 'gone', what: 'step' })
    const command = kept.step as Command
    return this.db.transaction('rw', this.tablesOf(command), async (transaction) => {
      const others = await this.db.steps.where('nth').above(nth).toArray()
      if (command.kind === 'restore' && others.some((o) => o.tab !== kept.tab))
        throw new StoreError({ code: 'box-changed' })
      const again = await this.carryOut(command, { tab: kept.tab, label: kept.label, at }, transaction)
      if (command.kind === 'restore') await this.db.backups.delete(command.backupId)
      await this.db.steps.delete(nth)
      return again
    })
  }

  /** What a tab has done and not taken back, oldest first. */
  async steps(tab: string): Promise<Step[]> {
    return (await this.db.steps.where('tab').equals(tab).toArray()).map(({ nth, label }) => ({ nth, label }))
  }

  private tablesOf(command: Command | Replacement) {
    const { db } = this
    if (command.kind === 'edits') return [...new Set(command.edits.map((e) => e.kind)), 'steps'].map((n) => db.table(n))
    return command.kind === 'log' ? [db.outings, db.table('lures'), db.steps] : db.tables
  }

  private async carryOut(command: Command | Replacement, by: DoneBy, transaction: Transaction): Promise<Command> {
    const { db } = this
    if (command.kind === 'edits') {
      if (command.alone) await this.noneUnderWay()
      const edits = command.edits.map((e) => ({ ...e, item: e.item === null ? null : checked(e.kind, e.item) }))
      return { kind: 'edits', edits: await applyEdits(edits, transaction) }
    }
    if (command.kind === 'log') return { kind: 'log', change: await applyLog(command.change, transaction) }
    const content = command.kind === 'restore' ? await contentOf(db, command.backupId) : command.content
    const backupId = `${by.at} ${crypto.randomUUID()}`
    await backUp(db, await readWhole(db), { id: backupId, at: by.at, why: by.label })
    await fillWhole(db, content)
    return { kind: 'restore', backupId }
  }

  /**
   * Makes many edits as one, without a step in the history. Answers with the edits that lead back.
   * @throws StoreError on an item that its schema refuses; nothing is changed then
   */
  async apply(edits: readonly Edit[]): Promise<Edit[]> {
    const all = edits.map((e) => ({ ...e, item: e.item === null ? null : checked(e.kind, e.item) }))
    const tables = [...new Set(all.map((e) => e.kind))].map((kind) => this.db.table(kind))
    if (tables.length === 0) return []
    return this.db.transaction('rw', tables, (transaction) => applyEdits(all, transaction))
  }

  /** Reads the outings now and after every change, apart from the box: a tap on the water must not read all of it. */
  watchOutings(onRead: (outings: Outing[]) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.db.outings.toArray()).subscribe({ next: onRead, error: onError })
    return () => subscription.unsubscribe()
  }

  /** Changes the entries of one outing, without a step in the history: {@link applyLog}. */
  async log(change: LogChange): Promise<LogChange> {
    const { db } = this
    return db.transaction('rw', [db.outings, db.table('lures')], (transaction) => applyLog(change, transaction))
  }

  async outings(): Promise<Outing[]> {
    return this.db.outings.toArray()
  }

  /** @throws StoreError where an outing was started and not ended, in whichever tab */
  private async noneUnderWay(): Promise<void> {
    const live = (await this.db.outings.toArray()).find((o) => !isOver(o))
    if (live)
      throw new StoreError({ code: 'outing-under-way', place: live.placeName, since: live.startedAt.slice(0, 16) })
  }

  async putWater(water: Conditions): Promise<void> {
    await this.db.waters.put(water)
  }

  async photo(id: string): Promise<Photo | undefined> {
    return this.db.photos.get(id)
  }

  /** Replaces everything stored by the content of an archive, in one transaction, without a backup or a step; answers with what was there. */
  async replaceAll(content: ArchiveContent): Promise<ArchiveContent> {
    const { db } = this
    return db.transaction('rw', db.tables, async () => {
      const before = await readWhole(db)
      await fillWhole(db, content)
      return before
    })
  }

  /** Backups, the newest first. */
  async backups(): Promise<BackupHead[]> {
    const all = await this.db.backups.orderBy('id').reverse().toArray()
    return all.map(({ id, at, why, lures, outings, places }) => ({ id, at, why, lures, outings, places }))
  }

  /** The content of a backup, to be looked at or saved. */
  backupContent(id: string): Promise<ArchiveContent> {
    return contentOf(this.db, id)
  }

  async setting<T>(key: string): Promise<T | undefined> {
    return (await this.db.settings.get(key))?.value as T | undefined
  }

  async setSetting(key: string, value: unknown): Promise<void> {
    await this.db.settings.put({ key, value })
  }

  /** Changes some of the angler's choices; those that another tab has changed stay. */
  async choose(change: object): Promise<void> {
    const { settings } = this.db
    await this.db.transaction('rw', settings, async () => {
      const value = (await settings.get(SETTINGS_KEY))?.value
      await settings.put({ key: SETTINGS_KEY, value: { ...(value as object | undefined), ...change } })
    })
  }

  async keepDraft(draft: Draft): Promise<void> {
    await this.db.drafts.put(draft)
  }

  async dropDraft(key: string): Promise<void> {
    await this.db.drafts.delete(key)
  }

  async draft(key: string): Promise<Draft | undefined> {
    return this.db.drafts.get(key)
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
