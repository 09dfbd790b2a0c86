import { liveQuery, type Transaction } from 'dexie'
import type { ArchiveContent, Photo, StoredTable, UnreadableRow } from '../core/exchange'
import type { Outing } from '../core/outing'
import type { Plan } from '../core/plan'
import type { Conditions } from '../core/water'
import { carryOut, tablesOf } from './carry-out'
import { NOTHING_DONE, type Command, type DoneBy, type Replacement, type Step, type TakeIn } from './command'
import { DB_VERSION, YgrionDb, type Draft } from './db'
import { applyEdits, checked, withinCap, type Edit } from './edits'
import { applyLog, type LogChange } from './log'
import { databaseInMemory } from './memory'
import { StoreError } from './problem'
import { rescueContent } from './rescue'
import { setAsideUnreadable } from './unreadable'
import {
  SETTINGS_KEY,
  contentOf,
  fillWhole,
  readShown,
  readWhole,
  shownTables,
  type BackupHead,
  type Stored,
} from './whole'

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
  setAsideUnreadable(at: string, tables?: readonly StoredTable[]): Promise<UnreadableRow[]> {
    return setAsideUnreadable(this.db, at, tables)
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

  read(): Promise<Stored> {
    return this.db.transaction('r', shownTables(this.db), () => readShown(this.db))
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
  async run(command: Command | Replacement | TakeIn, by: DoneBy): Promise<Step> {
    const { db } = this
    const does = await this.way(command, by)
    return db.transaction('rw', tablesOf(db, command), async (transaction) => {
      const done = await does(transaction)
      if (done.back.kind === 'edits' && done.back.edits.length === 0) return { nth: NOTHING_DONE, label: done.label }
      const nth = await db.steps.add({ ...by, label: done.label, step: done.back } as never)
      const mine = await db.steps.where('tab').equals(by.tab).primaryKeys()
      await db.steps.bulkDelete(mine.slice(0, Math.max(0, mine.length - MOST_STEPS)))
      return { nth, label: done.label }
    })
  }

  /** How a command is done, inside a transaction: what it takes is fetched before that begins, since one that waits for anything but the database ends. */
  private async way(
    command: Command | Replacement | TakeIn,
    by: DoneBy,
  ): Promise<(transaction: Transaction) => Promise<{ back: Command; label: string }>> {
    const { db } = this
    if (command.kind !== 'take-in')
      return async (transaction) => ({ back: await carryOut(db, command, by, transaction), label: by.label })
    const { takeIn } = await import('./take-in')
    return (transaction) => takeIn(db, command, transaction)
  }

  /**
   * Takes a step back; answers with the command that does it again.
   * @throws StoreError where another tab has worked on the same since: nothing is changed then
   */
  async undo({ nth }: Step, at: string): Promise<Command> {
    const { db } = this
    const kept = await db.steps.get(nth)
    if (!kept) throw new StoreError({ code: 'gone', what: 'step' })
    const command = kept.step as Command
    return db.transaction('rw', tablesOf(db, command), async (transaction) => {
      const others = await db.steps.where('nth').above(nth).toArray()
      if (command.kind === 'restore' && others.some((o) => o.tab !== kept.tab))
        throw new StoreError({ code: 'box-changed' })
      const again = await carryOut(db, command, { tab: kept.tab, label: kept.label, at }, transaction)
      if (command.kind === 'restore') await db.backups.delete(command.backupId)
      await db.steps.delete(nth)
      return again
    })
  }

  /** What a tab has done and not taken back, oldest first. */
  async steps(tab: string): Promise<Step[]> {
    return (await this.db.steps.where('tab').equals(tab).toArray()).map(({ nth, label }) => ({ nth, label }))
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

  /** Reads the plans now and after every change, apart from the box. */
  watchPlans(onRead: (plans: Plan[]) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.db.plans.toArray()).subscribe({ next: onRead, error: onError })
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

  async putWater(water: Conditions): Promise<void> {
    const { waters } = this.db
    await this.db.transaction('rw', waters, async () => {
      const isNew = (await waters.get(water.placeId)) === undefined
      await waters.put(water)
      if (isNew) await withinCap('waters', waters)
    })
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
  async seedOnce(content: () => ArchiveContent | Promise<ArchiveContent>): Promise<boolean> {
    const { db } = this
    if (await db.settings.get('seeded')) return false
    // Made before the transaction begins: one that waits for anything but the database ends.
    const made = await content()
    return db.transaction('rw', db.tables, async () => {
      if (await db.settings.get('seeded')) return false
      await this.replaceAll(made)
      await db.settings.put({ key: 'seeded', value: true })
      return true
    })
  }
}
