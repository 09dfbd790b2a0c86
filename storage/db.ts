import Dexie, { type EntityTable } from 'dexie'
import type { Box } from '../core/tackle'
import type { Conditions, Place } from '../core/water'

export type BoxKind = keyof Box
export const BOX_KINDS = [
  'lures',
  'heads',
  'hooks',
  'sinkers',
  'trailers',
  'leaders',
  'lines',
  'reels',
  'rods',
] as const satisfies readonly BoxKind[]

export interface Setting {
  key: string
  value: unknown
}

/** What lies in a drawer. */
export type Item<K extends BoxKind> = Box[K][number]

/** The one schema. A new version is a new block below, with its migration and a frozen old fixture in the tests. */
export class YgrionDb extends Dexie {
  places!: EntityTable<Place, 'id'>
  /** The water last set at each place. */
  waters!: EntityTable<Conditions, 'placeId'>
  settings!: EntityTable<Setting, 'key'>

  constructor(name = 'ygrion') {
    super(name)
    this.version(1).stores({
      ...Object.fromEntries(BOX_KINDS.map((kind) => [kind, 'id'])),
      places: 'id',
      waters: 'placeId',
      settings: 'key',
    })
  }
}
