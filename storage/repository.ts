import { liveQuery, type Table } from 'dexie'
import type { Archive } from '../core/exchange'
import { Box, EMPTY_BOX } from '../core/tackle'
import type { Conditions, Place } from '../core/water'
import { BOX_KINDS, YgrionDb, type BoxKind, type Item } from './db'

/** Everything stored, read in one piece. */
export interface Stored {
  readonly box: Box
  readonly places: Place[]
  readonly waters: Conditions[]
}

/** The only door to IndexedDB. Every change checks what it writes and says what was there before, so that it can be undone. */
export class Repository {
  constructor(private readonly db: YgrionDb = new YgrionDb()) {}

  /** Reads box, places and waters now and after every change, from this tab or another. Returns the way to stop. */
  watch(onStored: (stored: Stored) => void, onError: (error: unknown) => void): () => void {
    const subscription = liveQuery(() => this.read()).subscribe({ next: onStored, error: onError })
    return () => subscription.unsubscribe()
  }

  async read(): Promise<Stored> {
    const { db } = this
    return db.transaction('r', db.tables, async () => {
      const box: Box = { ...EMPTY_BOX }
      for (const kind of BOX_KINDS) Object.assign(box, { [kind]: await db.table(kind).orderBy('id').toArray() })
      return { box, places: await db.places.toArray(), waters: await db.waters.toArray() }
    })
  }

  /** Writes a lure or a part and answers with the one it replaced. */
  async put<K extends BoxKind>(kind: K, item: Item<K>): Promise<Item<K> | undefined> {
    const checked = Box.shape[kind].element.parse(item) as Item<K>
    const table = this.tableOf(kind)
    return this.db.transaction('rw', table, async () => {
      const before = await table.get(checked.id)
      await table.put(checked)
      return before
    })
  }

  /** Takes a lure or a part out and answers with it. */
  async take<K extends BoxKind>(kind: K, id: string): Promise<Item<K> | undefined> {
    const table = this.tableOf(kind)
    return this.db.transaction('rw', table, async () => {
      const before = await table.get(id)
      await table.delete(id)
      return before
    })
  }

  private tableOf<K extends BoxKind>(kind: K): Table<Item<K>, string> {
    return this.db.table<Item<K>, string>(kind)
  }

  async putWater(water: Conditions): Promise<void> {
    await this.db.waters.put(water)
  }

  /** Replaces everything stored by the content of an archive, in one transaction; answers with what was there. */
  async replaceAll(content: Pick<Archive, 'box' | 'places' | 'waters'>): Promise<Stored> {
    const { db } = this
    return db.transaction('rw', db.tables, async () => {
      const before = await this.read()
      for (const kind of BOX_KINDS) {
        await db.table(kind).clear()
        await db.table(kind).bulkAdd([...content.box[kind]])
      }
      await db.places.clear()
      await db.places.bulkAdd([...content.places])
      await db.waters.clear()
      await db.waters.bulkAdd([...content.waters])
      return before
    })
  }

  async setting<T>(key: string): Promise<T | undefined> {
    return (await this.db.settings.get(key))?.value as T | undefined
  }

  async setSetting(key: string, value: unknown): Promise<void> {
    await this.db.settings.put({ key, value })
  }

  /** Fills an empty database once; a box that was emptied on purpose stays empty. */
  async seedOnce(content: () => Pick<Archive, 'box' | 'places' | 'waters'>): Promise<boolean> {
    const { db } = this
    return db.transaction('rw', db.tables, async () => {
      if (await db.settings.get('seeded')) return false
      const filled = content()
      for (const kind of BOX_KINDS) await db.table(kind).bulkPut([...filled.box[kind]])
      await db.places.bulkPut([...filled.places])
      await db.waters.bulkPut([...filled.waters])
      await db.settings.put({ key: 'seeded', value: true })
      return true
    })
  }
}
