import {
  BOX_KINDS,
  BinItem,
  Photo,
  RejectedRows,
  UnreadableRow,
  type BoxKind,
  type StoredTable,
} from '../core/exchange'
import { Box } from '../core/box'
import { Practice } from '../core/match'
import { Outing } from '../core/outing'
import { Plan } from '../core/plan'
import { Conditions, Place } from '../core/water'
import { z } from '../core/zod'
import { SINGLETON_ID } from './db'

const KEPT_PRACTICE = Practice.extend({ id: z.literal(SINGLETON_ID) })
/** What each table holds, box apart. */
const SCHEMAS = {
  bin: BinItem,
  photos: Photo,
  aside: RejectedRows,
  places: Place,
  waters: Conditions,
  outings: Outing,
  plans: Plan,
  practice: KEPT_PRACTICE,
  unreadable: UnreadableRow,
} as const

export const isBoxKind = (table: string): table is BoxKind => (BOX_KINDS as readonly string[]).includes(table)

/** What a row of a table has to be. */
export const schemaOf = (table: StoredTable | 'unreadable'): z.ZodType =>
  isBoxKind(table) ? Box.shape[table].element : SCHEMAS[table]

/** The name that a thing carries, where it has one. */
export const nameOf = (item: unknown): string => {
  const { name, placeName } = (item ?? {}) as { name?: unknown; placeName?: unknown }
  return typeof name === 'string' ? name : typeof placeName === 'string' ? placeName : ''
}

/** The key under which a row lies in its table. */
export const keyOf = (table: StoredTable | 'unreadable', row: unknown): string =>
  String((row as Record<string, unknown>)[table === 'waters' ? 'placeId' : 'id'])
