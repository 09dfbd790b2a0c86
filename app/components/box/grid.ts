import { gridWords as texts, sayFileProblem } from '../../../words'
import { columnOf, lureFrom, readCell, showCell, type Column } from '../../../core/exchange'
import type { UnitSystem } from '../../../core/quantity'
import {
  COLOURS,
  FAMILIES,
  HUNG,
  HookSize,
  LURE_CONDITIONS,
  PATTERNS,
  SOUNDS,
  WIRES,
  freeSlot,
  slotName,
  slotNamed,
  slotsOf,
  type Lure,
  type Tray,
} from '../../../core/tackle'
import type { Box } from '../../../core/box'

/** Columns of the editing table, in order. */
const SHOWN = [
  'name',
  'family',
  'length',
  'weight',
  'weighed',
  'back',
  'flank',
  'belly',
  'pattern',
  'sound',
  'count',
  'tray',
  'compartment',
  'cost',
  'condition',
  'fish',
  'hooks',
  'hookSize',
  'hookWire',
  'notes',
] as const
export const GRID_COLUMNS: readonly Column[] = SHOWN.map((id) => columnOf(id)).filter((c) => c !== undefined)
export const GRID_WIDTHS: Readonly<Record<string, number>> = {
  name: 210,
  family: 150,
  notes: 260,
  tray: 150,
  compartment: 112,
  hooks: 130,
}

/** What may stand in a column of which only some words can be read. */
export const GRID_CHOICES: Readonly<Record<string, readonly string[]>> = {
  family: FAMILIES.map((f) => f.name),
  back: COLOURS.map((c) => c.name),
  flank: COLOURS.map((c) => c.name),
  belly: COLOURS.map((c) => c.name),
  pattern: PATTERNS,
  sound: SOUNDS,
  condition: LURE_CONDITIONS,
  hooks: HUNG,
  hookSize: HookSize.options,
  hookWire: WIRES,
}

export interface Cell {
  readonly row: number
  readonly column: number
}
/** A block of cells, its corners included. */
export interface Block {
  readonly from: Cell
  readonly to: Cell
}

export const blockOf = (a: Cell, b: Cell): Block => ({
  from: { row: Math.min(a.row, b.row), column: Math.min(a.column, b.column) },
  to: { row: Math.max(a.row, b.row), column: Math.max(a.column, b.column) },
})

export interface GridProblem {
  readonly row: number
  readonly lure: string
  readonly column: string
  readonly reason: string
}

/** Cells that may be emptied, and what that leaves. */
const EMPTIES: Readonly<Record<string, unknown>> = { weighed: null, cost: null, notes: '', tray: null }

/** Where a lure lies after its tray or compartment was typed. */
function placed(lure: Lure, id: string, typed: string, box: Box): Lure | string {
  if (id === 'tray') {
    if (typed === '') return { ...lure, trayId: null, slot: null }
    const tray = box.trays.find((t) => t.name.toLowerCase() === typed.toLowerCase())
    if (!tray) return texts.thereIsNoTray(typed)
    if (tray.id === lure.trayId) return lure
    const taken = new Set(box.lures.flatMap((l) => (l.trayId === tray.id && l.slot !== null ? [l.slot] : [])))
    return { ...lure, trayId: tray.id, slot: freeSlot(tray, taken) }
  }
  const tray: Tray | undefined = box.trays.find((t) => t.id === lure.trayId)
  if (!tray) return texts.itLiesInNo
  const slot = slotNamed(tray, typed)
  return slot === null
    ? texts.hasNoCompartmentThey(tray.name, typed, slotName(tray, 0), slotName(tray, slotsOf(tray) - 1))
    : { ...lure, slot }
}

/** The lure after one of its cells was typed into; or what is wrong, in words. */
function typedInto(lure: Lure, column: Column, typed: string, box: Box, system: UnitSystem): Lure | string {
  const text = typed.trim()
  if (column.id === 'tray' || column.id === 'compartment') return placed(lure, column.id, text, box)
  if (text === '') {
    if (!(column.id in EMPTIES)) return texts.mustNotBeEmpty
    if (column.id === 'weighed') return { ...lure, measuredMassKg: null }
    if (column.id === 'cost') return { ...lure, cost: null }
    return { ...lure, notes: '' }
  }
  const read = readCell(column, text, system)
  if (!read.ok) return sayFileProblem(read.problem)
  const made = lureFrom(new Map([[column.id, read.value]]), lure.id, lure)
  if (made.ok) return { ...made.lure, trayId: lure.trayId, slot: lure.slot }
  const [first] = made.problems
  return first ? sayFileProblem(first.problem) : texts.cannotBe
}

/**
 * Types a block of texts into the table from a cell on, as a spreadsheet does; a single text fills a whole selection. Answers with the lures that
 * changed and with what could not be read; cells past the edge are passed over.
 */
export function typeBlock(
  lures: readonly Lure[],
  at: Block,
  texts: readonly (readonly string[])[],
  box: Box,
  system: UnitSystem,
): { changed: Lure[]; problems: GridProblem[] } {
  const alone = texts.length === 1 && texts[0]?.length === 1
  const rows = alone ? at.to.row - at.from.row + 1 : texts.length
  const changed: Lure[] = []
  const problems: GridProblem[] = []
  for (let r = 0; r < rows; r++) {
    const before = lures[at.from.row + r]
    if (!before) break
    let lure = before
    const wide = alone ? at.to.column - at.from.column + 1 : (texts[r]?.length ?? 0)
    for (let c = 0; c < wide; c++) {
      const column = GRID_COLUMNS[at.from.column + c]
      const text = (alone ? texts[0]?.[0] : texts[r]?.[c]) ?? ''
      if (!column) break
      const next = typedInto(lure, column, text, box, system)
      if (typeof next === 'string')
        problems.push({ row: at.from.row + r, lure: lure.name, column: column.label, reason: next })
      else lure = next
    }
    if (JSON.stringify(lure) !== JSON.stringify(before)) changed.push(lure)
  }
  return { changed, problems }
}

/** The texts of a block, for the clipboard. */
export function textsOf(
  lures: readonly Lure[],
  { from, to }: Block,
  trays: ReadonlyMap<string, Tray>,
  system: UnitSystem,
): string[][] {
  return lures
    .slice(from.row, to.row + 1)
    .map((lure) =>
      GRID_COLUMNS.slice(from.column, to.column + 1).map((column) => showCell(column, lure, trays, system)),
    )
}

/** The first row of a block, to be filled into those below. */
export function fillDown(
  lures: readonly Lure[],
  block: Block,
  trays: ReadonlyMap<string, Tray>,
  box: Box,
  system: UnitSystem,
) {
  const [top] = textsOf(lures, { from: block.from, to: { ...block.to, row: block.from.row } }, trays, system)
  if (!top || block.to.row === block.from.row) return { changed: [], problems: [] }
  const below = { from: { ...block.from, row: block.from.row + 1 }, to: block.to }
  return typeBlock(
    lures,
    below,
    Array.from({ length: block.to.row - block.from.row }, () => top),
    box,
    system,
  )
}
