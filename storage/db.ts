import Dexie, { type DexieOptions, type EntityTable, type Transaction } from 'dexie'
import {
  binItemFrom5,
  outingFrom5,
  practiceFrom5,
  rejectedFrom5,
  rigFrom5,
  testFrom5,
  type BinItem,
  type BoxKind,
  type Photo,
  type RejectedRows,
  type UnreadableRow,
} from '../core/exchange'
import { Lure, Rig, boxFrom1 } from '../core/tackle'
import type { Box } from '../core/box'
import { USUAL_PRACTICE, type Practice } from '../core/match'
import { Outing } from '../core/outing'
import type { Plan } from '../core/plan'
import { Conditions, Place } from '../core/water'

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

const FIRST_KINDS = ['lures', 'heads', 'hooks', 'sinkers', 'trailers', 'leaders', 'lines', 'reels', 'rods'] as const

const SECOND_KINDS = [...FIRST_KINDS, 'blades', 'terminals', 'trays', 'rigs'] as const

/** What the last block below brings the database to. */
export const DB_VERSION = 13

/** The one schema. A new version is a new block below, with its migration and a frozen old fixture in the tests. */
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
    this.version(1).stores({
      ...Object.fromEntries(FIRST_KINDS.map((kind) => [kind, 'id'])),
      places: 'id',
      waters: 'placeId',
      settings: 'key',
    })
    this.version(2)
      .stores({
        ...Object.fromEntries(SECOND_KINDS.map((kind) => [kind, 'id'])),
        photos: 'id',
        bin: 'id',
        drafts: 'key',
        aside: 'id',
      })
      .upgrade(from1)
    this.version(3).stores({ tests: 'id' })
    this.version(4).stores({ practice: 'id' }).upgrade(from3)
    this.version(5).stores({ outings: 'id' })
    this.version(6).upgrade(from5)
    this.version(7).stores({ steps: '++nth, tab', backups: 'id', unreadable: 'id' })
    this.version(8).upgrade(from7)
    this.version(9).upgrade(from8)
    this.version(10).upgrade(from9)
    this.version(11).stores({ plans: 'id' })
    // Nothing to bring over: what outings have gained may be left out. A page from before would not understand them.
    this.version(DB_VERSION)
  }
}

/** Trays become things of their own, hooks a part of the lure: the same step as an archive of the first version takes. */
async function from1(transaction: Transaction): Promise<void> {
  const old: Record<string, unknown[]> = {}
  for (const kind of FIRST_KINDS) old[kind] = await transaction.table(kind).toArray()
  const box = boxFrom1(old)
  for (const kind of SECOND_KINDS) {
    await transaction.table(kind).clear()
    await transaction.table(kind).bulkAdd(box[kind] as unknown[])
  }
}

/** Places and waters take on what they have gained; the schools that were chosen become part of how the angler judges. */
async function from3(transaction: Transaction): Promise<void> {
  await takeOnDefaults(transaction, { places: Place, waters: Conditions })
  const settings = (await transaction.table<Setting>('settings').get('settings'))?.value as
    | { schools?: Practice['sides'] }
    | undefined
  await transaction.table('practice').put({ id: SINGLETON_ID, ...USUAL_PRACTICE, sides: settings?.schools ?? {} })
}

/** The same things by the field's words. */
async function from5(transaction: Transaction): Promise<void> {
  for (const [name, step] of [
    ['outings', outingFrom5],
    ['practice', practiceFrom5],
    ['tests', testFrom5],
    ['rigs', rigFrom5],
    ['bin', binItemFrom5],
    ['aside', rejectedFrom5],
  ] as const) {
    const table = transaction.table<unknown>(name)
    const kept = (await table.toArray()).map(step)
    await table.clear()
    await table.bulkAdd(kept)
  }
}

/** Waters, and those that outings were fished in, say where the cast goes. */
async function from7(transaction: Transaction): Promise<void> {
  await takeOnDefaults(transaction, { lures: Lure, waters: Conditions, outings: Outing })
}

/** Waters say from where and in which ways one fishes, places how hooks and lures are counted, rigs what else hangs on their line. */
async function from8(transaction: Transaction): Promise<void> {
  await takeOnDefaults(transaction, { places: Place, waters: Conditions, rigs: Rig, outings: Outing })
}

/** Waters say how fish lie and what is seen of them, places whether lead is allowed. */
async function from9(transaction: Transaction): Promise<void> {
  await takeOnDefaults(transaction, { places: Place, waters: Conditions, outings: Outing })
}

/** Puts what the schemas have gained into what is stored. What a schema refuses stays as it is: it is set aside when the box is opened. */
async function takeOnDefaults(
  transaction: Transaction,
  schemas: Readonly<Record<string, { safeParse(one: unknown): { data?: unknown } }>>,
): Promise<void> {
  for (const [name, schema] of Object.entries(schemas)) {
    const table = transaction.table(name)
    const kept = (await table.toArray()).map((one: unknown) => schema.safeParse(one).data ?? one)
    await table.clear()
    await table.bulkAdd(kept)
  }
}
