import Dexie, { type DexieOptions, type EntityTable } from 'dexie'
import type { BinItem, BoxKind, Photo, RejectedRows, UnreadableRow } from '../core/exchange'
import type { Box } from '../core/box'
import type { Practice } from '../core/match'
import type { Outing } from '../core/outing'
import type { Plan } from '../core/plan'
import type { Conditions, Place } from '../core/water'
import { StoreError } from './problem'

export interface Setting {
  key: string
  value: unknown
}

/** Something being typed, kept as it is typed, so that a browser that dies loses a field at most. */
export interface Draft {
  key: string
  at: string
  title: string
  value: unknown
}

export interface KeptStep {
  nth: number
  tab: string
  label: string
  /** Day and hour. */
  at: string
  step: unknown
}

export interface Backup {
  id: string
  /** Day and hour. */
  at: string
  /** What was done next. */
  why: string
  lures: number
  outings: number
  places: number
  /** Of which kind of archive its content is. */
  version: number
  content: unknown
}

/** How the angler judges; there is one of it. */
export type KeptPractice = Practice & { id: typeof SINGLETON_ID }
export const SINGLETON_ID = 'mine'

/** What lies in a drawer. */
export type Item<K extends BoxKind> = Box[K][number]

/** What lies in the box, table by table. */
const BOX_TABLES = [
  'lures',
  'heads',
  'hooks',
  'sinkers',
  'trailers',
  'leaders',
  'lines',
  'reels',
  'rods',
  'blades',
  'terminals',
  'trays',
  'rigs',
  'tests',
] as const satisfies readonly BoxKind[]

/** What the last block below brings the database to. */
export const DB_VERSION = 13

/** The one schema. A new version is a new block below, with its migration and a frozen old fixture in the tests. @throws StoreError `too-old` on opening a database of before the thirteenth version: none of it is touched */
export class YgrionDb extends Dexie {
  places!: EntityTable<Place, 'id'>
  /** The water last set at each place. */
  waters!: EntityTable<Conditions, 'placeId'>
  settings!: EntityTable<Setting, 'key'>
  photos!: EntityTable<Photo, 'id'>
  bin!: EntityTable<BinItem, 'id'>
  drafts!: EntityTable<Draft, 'key'>
  aside!: EntityTable<RejectedRows, 'id'>
  practice!: EntityTable<KeptPractice, 'id'>
  outings!: EntityTable<Outing, 'id'>
  plans!: EntityTable<Plan, 'id'>
  /** What was done, with the way back, by the tab that did it: undo outlives a reload. */
  steps!: EntityTable<KeptStep, 'nth'>
  /** The whole of what was stored before it was replaced; the last few. */
  backups!: EntityTable<Backup, 'id'>

  /** What was stored and is not what its schema says: out of the way, until it is mended or thrown away. */
  unreadable!: EntityTable<UnreadableRow, 'id'>

  constructor(name = 'ygrion', where: Pick<DexieOptions, 'indexedDB' | 'IDBKeyRange'> = {}) {
    // What is confirmed has reached the disk: a phone that dies on the water loses nothing.
    super(name, { chromeTransactionDurability: 'strict', ...where })
    // The thirteenth is the oldest that opens: the first that anybody but its makers had.
    this.version(DB_VERSION)
      .stores({
        ...Object.fromEntries(BOX_TABLES.map((kind) => [kind, 'id'])),
        places: 'id',
        waters: 'placeId',
        settings: 'key',
        photos: 'id',
        bin: 'id',
        drafts: 'key',
        aside: 'id',
        practice: 'id',
        outings: 'id',
        plans: 'id',
        steps: '++nth, tab',
        backups: 'id',
        unreadable: 'id',
      })
      .upgrade(() => {
        // Only a database from before comes here. Thrown, it stays as it lies, and what can be read of it can be saved.
        throw new StoreError({ code: 'too-old' })
      })
  }
}
