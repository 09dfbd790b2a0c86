import { UNUSED, familyOf, isFamily, usualHooks } from './lure'

/** What a short record leaves out, filled in. What it holds is data of unknown quality: the schema judges the result. */

type Raw = Record<string, unknown>
const record = (value: unknown): Raw => (typeof value === 'object' && value !== null ? (value as Raw) : {})
/** Each of a list changed; what is no list stays as it is, for the schema to refuse; what is not there is empty. */
const each = (value: unknown, change: (one: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : (value ?? [])

/** What a short record of a lure does not say, filled in: hooks as the family usually has them, nothing known of its life. */
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
  blades: KEPT,
  terminals: KEPT,
  leaders: { cost: null },
  lines: { cost: null },
  reels: { cost: null, spoolM: null },
  rods: { cost: null, purpose: 'all-round', fights: 'with the rod' },
}

/** Parts with what a short record does not say filled in. */
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
    trays: [],
    rigs: [],
    tests: [],
    ...box,
    ...completeParts(box),
    lures: each(box.lures, completeLure),
  }
}
