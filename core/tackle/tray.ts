import { z } from '../zod'

/** A box with compartments, as the angler's own: compartments are counted along the rows from the top left. */
export const Tray = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(40).meta({ label: 'Name' }),
  columns: z.number().int().min(1).max(12).meta({ label: 'Compartments across' }),
  rows: z.number().int().min(1).max(20).meta({ label: 'Compartments down' }),
})
export type Tray = z.infer<typeof Tray>

/** Most compartments that any tray can have. */
export const MOST_SLOTS = 240

export const slotsOf = (tray: Pick<Tray, 'columns' | 'rows'>): number => tray.columns * tray.rows

/** Name of a compartment as on a chart: column letter, row number: 0 is A1. */
export function slotName(tray: Pick<Tray, 'columns'>, slot: number): string {
  return `${String.fromCharCode(65 + (slot % tray.columns))}${Math.floor(slot / tray.columns) + 1}`
}

/** The compartment of a name, or null where the tray has none such. Inverse of {@link slotName}. */
export function slotNamed(tray: Pick<Tray, 'columns' | 'rows'>, name: string): number | null {
  const match = /^\s*([A-Za-z])\s*(\d{1,2})\s*$/.exec(name)
  if (!match?.[1] || !match[2]) return null
  const column = match[1].toUpperCase().charCodeAt(0) - 65
  const row = Number(match[2]) - 1
  return column < tray.columns && row >= 0 && row < tray.rows ? row * tray.columns + column : null
}

/** First compartment that holds nothing, or the last one where all are full. */
export function freeSlot(tray: Pick<Tray, 'columns' | 'rows'>, taken: ReadonlySet<number>): number {
  const all = slotsOf(tray)
  for (let slot = 0; slot < all; slot++) if (!taken.has(slot)) return slot
  return all - 1
}

/** A compartment, or none: a lure that lies loose. */
export interface TrayPlace {
  readonly trayId: string | null
  readonly slot: number | null
}

/**
 * The compartment that a key goes to: arrows inside a tray, no further than its edge; Page up and Page down to the first compartment of the next tray. From
 * nowhere it begins in the first tray.
 */
export function stepInTrays(trays: readonly Tray[], place: TrayPlace, key: string): TrayPlace {
  const at = Math.max(
    0,
    trays.findIndex((t) => t.id === place.trayId),
  )
  const tray = trays[at]
  if (!tray) return place
  const slot = place.slot ?? 0
  const moved = {
    ArrowLeft: slot - 1,
    ArrowRight: slot + 1,
    ArrowUp: slot - tray.columns,
    ArrowDown: slot + tray.columns,
  }[key]
  if (moved !== undefined) return { trayId: tray.id, slot: Math.min(slotsOf(tray) - 1, Math.max(0, moved)) }
  const next = trays[Math.min(trays.length - 1, Math.max(0, at + (key === 'PageDown' ? 1 : -1)))]
  return next ? { trayId: next.id, slot: 0 } : place
}

/** Compartments across in a tray that is made up from a name alone. */
const COLUMNS = 6
const LEAST_ROWS = 2

export function trayFor(name: string, holds: number): Tray {
  const slug = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')
  const rows = Math.min(20, Math.max(LEAST_ROWS, Math.ceil(holds / COLUMNS)))
  return { id: `tray-${slug}`.slice(0, 80), name: name.slice(0, 40), columns: COLUMNS, rows }
}
