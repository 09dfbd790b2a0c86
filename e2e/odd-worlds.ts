import { EMPTY_BOX } from '../core/box'
import { PARTS, type PartKind } from '../core/tackle'
import { z } from '../core/zod'
import type { Stored } from './stored'

/** Boxes that are unlike the demo’s, made of its storage. */

/** As long as a name may be. */
const LONGEST = 'Grandmother’s twice-mended, thrice-painted lure of the eastern reed bank, No. 80'

/** What its schema says may be left out, left out; what may be nothing, nothing; the longest name; as few as may be. */
function bare(shape: Readonly<Record<string, z.core.$ZodType>>, row: Record<string, unknown>): Record<string, unknown> {
  const kept = Object.entries(row).flatMap(([key, value]): [string, unknown][] => {
    const schema = shape[key]
    if (schema instanceof z.ZodOptional || schema instanceof z.ZodDefault) return []
    if (schema instanceof z.ZodNullable) return [[key, null]]
    return [[key, value]]
  })
  const out: Record<string, unknown> = { ...Object.fromEntries(kept), name: LONGEST }
  return 'count' in row && z.safeParse(shape.count ?? z.never(), 0).success ? { ...out, count: 0 } : out
}

type Row = Record<string, unknown>
const over = (stored: Stored, change: (name: string, rows: readonly Row[]) => readonly unknown[]): Stored => ({
  ...stored,
  stores: stored.stores.map((store) => ({ ...store, rows: change(store.name, store.rows as readonly Row[]) })),
})
const isBoxKind = (name: string) => name in EMPTY_BOX

export const WORLDS: Readonly<Record<string, (demo: Stored) => Stored>> = {
  demo: (demo) => demo,
  empty: (demo) => over(demo, (name, rows) => (isBoxKind(name) || name === 'outings' ? [] : rows)),
  'one lure': (demo) =>
    over(demo, (name, rows) =>
      name === 'lures' ? rows.slice(0, 1) : isBoxKind(name) || name === 'outings' ? [] : rows,
    ),
  odd: (demo) =>
    over(demo, (name, rows) => {
      if (name in PARTS) return rows.map((row) => bare(PARTS[name as PartKind].shape, row))
      if (name === 'lures')
        return rows.map((row) => ({ ...row, name: LONGEST, notes: '', count: 0, fish: 0, cost: null }))
      if (name === 'trays') return rows.map((row) => ({ ...row, name: LONGEST.slice(0, 40) }))
      if (name === 'rigs' || name === 'places') return rows.map((row) => ({ ...row, name: LONGEST }))
      return rows
    }),
}

/** The same storage with other settings chosen. */
export const choosing = (stored: Stored, change: object): Stored =>
  over(stored, (name, rows) => {
    if (name !== 'settings') return rows
    const before = rows.find(({ key }) => key === 'settings')?.value as object | undefined
    return [...rows.filter(({ key }) => key !== 'settings'), { key: 'settings', value: { ...before, ...change } }]
  })
