import { UNUSED, familyOf, isFamily, usualHooks } from './lure'
import type { TackleBox } from './tackle-box'
import { slotsOf, type Tray } from './tray'

/** Boxes of earlier versions brought to the present shape. What they hold is data of unknown quality: the schema judges the result. */

type Raw = Record<string, unknown>
const record = (value: unknown): Raw => (typeof value === 'object' && value !== null ? (value as Raw) : {})
const list = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])
/** Each of a list changed; what is no list stays as it is, for the schema to refuse; what is not there is empty. */
const each = (value: unknown, change: (one: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : (value ?? [])

/** Compartments across in a tray that is made up from a name alone. */
const COLUMNS = 6
const LEAST_ROWS = 2

export function trayFor(name: string, holds: number): Tray {
  const slug = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')
  const rows = Math.min(20, Math.max(LEAST_ROWS, Math.ceil(holds / COLUMNS)))
  return { id: `tray-${slug}`.slice(0, 80), name: name.slice(0, 40), columns: COLUMNS, rows }
}

/** What an older or shorter record of a lure does not say, filled in: hooks as the family usually has them, nothing known of its life. */
export function completeLure(raw: unknown): unknown {
  const { tray: _, ...lure } = record(raw)
  const { hook, ...traits } = record(lure.traits)
  const family = String(lure.family)
  if (!isFamily(family)) return raw
  const lengthM = Number.isFinite(Number(lure.lengthM)) ? Number(lure.lengthM) : 0.08
  const usual = usualHooks(family, lengthM)
  const filled = familyOf(family).capabilities?.fill?.(lengthM * 1000, traits) ?? {}
  return {
    ...UNUSED,
    hooks: usual && hook === 'single' ? { ...usual, style: 'single' } : usual,
    ...lure,
    traits: { ...filled, ...traits },
  }
}

const KEPT = { cost: null, count: 1 }
const ADDED: Readonly<Record<string, Raw>> = {
  heads: { ...KEPT, wire: 'medium' },
  hooks: { ...KEPT, wire: 'medium' },
  sinkers: KEPT,
  trailers: KEPT,
  leaders: { cost: null },
  lines: { cost: null },
  reels: { cost: null, spoolM: null },
  rods: { cost: null, purpose: 'all-round', fights: 'with the rod' },
}

/** Parts with what an older or shorter record does not say filled in. */
function completeParts(box: Raw): Raw {
  return Object.fromEntries(
    Object.entries(ADDED).map(([kind, added]) => [
      kind,
      each(box[kind], (part) => (typeof part === 'object' && part !== null ? { ...added, ...part } : part)),
    ]),
  )
}

/** A box given from outside, each lure and part completed; nothing that is said is changed. */
export function completeBox(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return raw
  const box = record(raw)
  return {
    blades: [],
    terminals: [],
    trays: [],
    rigs: [],
    tests: [],
    ...box,
    ...completeParts(box),
    lures: each(box.lures, completeLure),
  }
}

/** From the second version: nothing had been tested. */
export function boxFrom2(raw: unknown): Raw {
  return { tests: [], ...record(raw) }
}

/** From the first version to the second: trays were names, hooks a trait of three families, parts had neither cost nor number. */
export function boxFrom1(raw: unknown): Record<keyof TackleBox, unknown> {
  const box = record(raw)
  const old = list(box.lures)
  const nameOf = (lure: unknown) => String(record(lure).tray ?? '').trim()
  const names = old.map(nameOf).filter(Boolean)
  const trays = new Map(
    [...new Set(names)].map((name) => [name, trayFor(name, names.filter((n) => n === name).length)]),
  )
  const filled = new Map<string, number>()
  const lures = old.map((lure) => {
    const tray = trays.get(nameOf(lure))
    if (!tray) return completeLure(lure)
    const slot = filled.get(tray.id) ?? 0
    filled.set(tray.id, Math.min(slot + 1, slotsOf(tray) - 1))
    return { ...record(completeLure(lure)), trayId: tray.id, slot }
  })
  return { ...completeParts(box), lures, blades: [], terminals: [], trays: [...trays.values()], rigs: [] } as Record<
    keyof TackleBox,
    unknown
  >
}
