import { freeSlot, slotName, slotNamed, slotsOf, trayFor, type Lure, type Tray } from '../../tackle'
import type { Box } from '../../box'
import { lureFrom, readCells, type CellProblem, type Mapping } from './rows'
import type { Slip } from './cells'
import type { Marks } from './marks'
import type { OwnWords } from './own-words'
import type { Sheet } from './sheet'

/** A row that could not be taken in: kept as it is, to be mended. */
export interface RejectedRow {
  /** Its row in the file, as a spreadsheet counts: headings are row 1. */
  readonly row: number
  readonly cells: readonly string[]
  readonly problems: readonly CellProblem[]
}

/** What an import would do; nothing is done yet. */
export interface ImportPlan {
  readonly added: readonly Lure[]
  readonly changed: readonly Lure[]
  /** Rows that say just what the box already holds. */
  readonly same: number
  readonly aside: readonly RejectedRow[]
  readonly trays: readonly Tray[]
  readonly slips: readonly { readonly row: number; readonly slip: Slip }[]
}

/** Told every so many rows. */
export type Progress = (done: number, of: number) => void
const EVERY = 250
/** Compartments of a tray that is made up for a row or two. */
const LEAST_ROOM = 24
const LONGEST_TRAY_NAME = 40
const LONGEST_ID = 80

const equal = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
/** The same lure, whatever its id and place. */
const content = ({ id: _, trayId: __, slot: ___, ...lure }: Lure) => JSON.stringify(lure)

/** Trays as the import knows them, those it makes up among them; and what lies where. */
class Trays {
  private readonly byName: Map<string, Tray>
  private readonly taken = new Map<string, Set<number>>()
  readonly made = new Map<string, Tray>()
  private readonly ids: Set<string>

  /** `wanted`: how many rows name a tray, so that one made up for them has room. */
  constructor(
    box: Box,
    private readonly wanted: ReadonlyMap<string, number>,
  ) {
    this.byName = new Map(box.trays.map((t) => [t.name.toLowerCase(), t]))
    this.ids = new Set(box.trays.map((t) => t.id))
    for (const { trayId, slot } of box.lures) if (trayId && slot !== null) this.take(trayId, slot)
  }

  private take(trayId: string, slot: number) {
    const slots = this.taken.get(trayId) ?? new Set<number>()
    this.taken.set(trayId, slots.add(slot))
  }

  /** Place for a lure whose row names a tray, and perhaps a compartment in it. */
  place(lure: Lure, trayName: unknown, compartment: unknown): Lure | CellProblem {
    if (typeof trayName !== 'string') return lure
    const name = trayName.trim()
    if (name.length > LONGEST_TRAY_NAME)
      return {
        column: 'tray',
        problem: { code: 'fault', fault: { kind: 'too-long', bound: LONGEST_TRAY_NAME, of: 'letters' } },
      }
    const tray = this.byName.get(name.toLowerCase()) ?? this.make(name, name)
    if (typeof compartment !== 'string') {
      return lure.trayId === tray.id ? lure : this.layInto(lure, tray, name, 1)
    }
    const slot = slotNamed(tray, compartment)
    if (slot === null)
      return {
        column: 'compartment',
        problem: {
          code: 'no-compartment',
          tray: tray.name,
          from: slotName(tray, 0),
          to: slotName(tray, slotsOf(tray) - 1),
        },
      }
    this.take(tray.id, slot)
    return { ...lure, trayId: tray.id, slot }
  }

  /** The next free compartment; where a tray is full, one of its name and the next number. */
  private layInto(lure: Lure, tray: Tray, name: string, nth: number): Lure {
    const taken = this.taken.get(tray.id) ?? new Set<number>()
    if (taken.size >= slotsOf(tray)) {
      const next = `${name.slice(0, 36)} ${nth + 1}`
      return this.layInto(lure, this.byName.get(next.toLowerCase()) ?? this.make(next, name), name, nth + 1)
    }
    const slot = freeSlot(tray, taken)
    this.take(tray.id, slot)
    return { ...lure, trayId: tray.id, slot }
  }

  /** A tray with room for the rows that name it, or whose like it is. */
  private make(name: string, like: string): Tray {
    const made = trayFor(name, Math.max(LEAST_ROOM, this.wanted.get(like.toLowerCase()) ?? 0))
    // “Box-1” and “Box 1” are two trays: the second gets an id of its own.
    let { id } = made
    for (let n = 2; this.ids.has(id); n++) id = `${made.id.slice(0, 70)}-${n}`
    this.ids.add(id)
    const tray = { ...made, id }
    this.byName.set(name.toLowerCase(), tray)
    this.made.set(tray.id, tray)
    return tray
  }
}

/**
 * Reads every row of a sheet against the box: what is new, what changes what is there, what says nothing new, and what must be mended
 * first.
 */
export function planImport(
  sheet: Sheet,
  mapping: Mapping,
  marks: Marks,
  box: Box,
  newId: () => string,
  progress: Progress = () => undefined,
  own: OwnWords = {},
): ImportPlan {
  const byId = new Map(box.lures.map((l) => [l.id, l]))
  const contents = new Map<string, number>()
  for (const lure of box.lures) contents.set(content(lure), (contents.get(content(lure)) ?? 0) + 1)
  const trays = new Trays(box, namesIn(sheet, mapping))
  const added: Lure[] = []
  const changed: Lure[] = []
  const aside: RejectedRow[] = []
  const slips: { row: number; slip: Slip }[] = []
  const seen = new Set<string>()
  let same = 0
  for (const [i, cells] of sheet.rows.entries()) {
    if (i % EVERY === 0) progress(i, sheet.rows.length)
    const row = i + 2
    const setAside = (problems: readonly CellProblem[]) => aside.push({ row, cells, problems })
    const read = readCells(cells, mapping, marks, sheet, own)
    if (read.problems.length > 0) {
      setAside(read.problems)
      continue
    }
    const id = read.said.get('id')
    const known = typeof id === 'string' ? (byId.get(id) ?? null) : null
    if (typeof id === 'string' && id.length > LONGEST_ID) {
      setAside([
        { column: 'id', problem: { code: 'fault', fault: { kind: 'too-long', bound: LONGEST_ID, of: 'letters' } } },
      ])
      continue
    }
    if (typeof id === 'string' && seen.has(id)) {
      setAside([{ column: 'id', problem: { code: 'twice-in-file', id } }])
      continue
    }
    const made = lureFrom(read.said, known?.id ?? (typeof id === 'string' && id !== '' ? id : newId()), known)
    if (!made.ok) {
      setAside(made.problems)
      continue
    }
    const placed = trays.place(made.lure, read.said.get('tray'), read.said.get('compartment'))
    if ('problem' in placed) {
      setAside([placed])
      continue
    }
    if (typeof id === 'string') seen.add(id)
    for (const slip of read.slips) slips.push({ row, slip })
    if (known) {
      if (equal(known, placed)) same += 1
      else changed.push(placed)
      continue
    }
    const twin = contents.get(content(placed)) ?? 0
    if (twin > 0 && typeof id !== 'string') {
      contents.set(content(placed), twin - 1)
      same += 1
    } else added.push(placed)
  }
  progress(sheet.rows.length, sheet.rows.length)
  return { added, changed, same, aside, trays: [...trays.made.values()], slips }
}

/** How many rows name each tray. */
function namesIn(sheet: Sheet, mapping: Mapping): Map<string, number> {
  const at = mapping.indexOf('tray')
  const count = new Map<string, number>()
  if (at < 0) return count
  for (const cells of sheet.rows) {
    const name = (cells[at] ?? '').trim().slice(0, 40).toLowerCase()
    count.set(name, (count.get(name) ?? 0) + 1)
  }
  return count
}
