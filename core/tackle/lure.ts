import { z } from '../zod'
import { Change } from './changes'
import { Colouring } from './colour'
import type { Action, DrawInput, FamilyDefinition } from './family'
import { FAMILIES } from './families/register'
import { HungHooks, sizeForGap, snagOfHooks } from './hung-hooks'
import { Make, madeShift } from './make'
import { MOST_SLOTS } from './tray'
import type { Shape } from './drawing/shape'

export type FamilyId = (typeof FAMILIES)[number]['id']

export const SOUNDS = ['silent', 'knock', 'rattles'] as const
export type Sound = (typeof SOUNDS)[number]
export const LURE_CONDITIONS = ['new', 'good', 'worn', 'spent'] as const

const common = {
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(80),
  lengthM: z.number().min(0.01).max(0.5),
  /** Mass on the packet, kg; of a soft body without head or hook. */
  massKg: z.number().min(0.0003).max(1),
  /** What the scale said, kg; it goes before the packet. */
  measuredMassKg: z.number().min(0.0003).max(1).nullable(),
  /** What changes since then added or took away, kg. */
  alteredKg: z.number().min(-0.5).max(0.5),
  colour: Colouring,
  sound: z.enum(SOUNDS),
  /** Its own hooks, all alike; null for a body that is hooked with a head or a loose hook. */
  hooks: HungHooks.nullable(),
  count: z.number().int().min(0).max(999),
  /** The tray it lies in and the compartment there; null while it lies loose. */
  trayId: z.string().min(1).max(80).nullable(),
  slot: z
    .number()
    .int()
    .min(0)
    .max(MOST_SLOTS - 1)
    .nullable(),
  /** What one cost, in the angler's own currency; null where it is not known. */
  cost: z.number().min(0).max(100_000).nullable(),
  condition: z.enum(LURE_CONDITIONS),
  /** Fish landed on it. */
  fish: z.number().int().min(0).max(99_999),
  /** What logs tell beyond what the counts could follow: see `tallied`. */
  beyond: z.strictObject({ count: z.number().int().min(0), fish: z.number().int().min(0) }).optional(),
  photoId: z.string().min(1).max(80).nullable(),
  /** How it is made, as far as that is said. */
  make: Make.optional(),
  changes: z.array(Change).max(200),
  notes: z.string().max(500),
}

type Definitions = (typeof FAMILIES)[number]
type LureSchemaOf<D> = D extends { id: infer Id extends string; traits: infer T extends z.ZodObject }
  ? z.ZodObject<typeof common & { family: z.ZodLiteral<Id>; traits: T }, z.core.$strict>
  : never
function lureSchema(d: Definitions) {
  return z.strictObject({ ...common, family: z.literal(d.id), traits: d.traits })
}

/** A lure of any family: what all share, and the traits of its own family. */
export const Lure = z.discriminatedUnion(
  'family',
  FAMILIES.map(lureSchema) as [LureSchemaOf<Definitions>, ...LureSchemaOf<Definitions>[]],
)
export type Lure = z.infer<typeof Lure>

/** What a lure is before anything is known of its life with the angler. */
export const UNUSED = {
  measuredMassKg: null,
  alteredKg: 0,
  sound: 'silent',
  count: 1,
  trayId: null,
  slot: null,
  cost: null,
  condition: 'good',
  fish: 0,
  photoId: null,
  changes: [],
  notes: '',
} as const

const BY_ID = new Map<string, FamilyDefinition>(FAMILIES.map((d) => [d.id, d as FamilyDefinition]))

/** The definition of a lure's family, its traits no longer known to the compiler: the lure's own schema has checked them. */
export function familyOf(id: FamilyId): FamilyDefinition {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`family ${id} is not in the register`)
  return found
}

export const isFamily = (id: string): id is FamilyId => BY_ID.has(id)

/** The hooks that a lure of a family and length usually comes with; null for bodies without hooks of their own. */
export function usualHooks(id: FamilyId, lengthM: number): HungHooks | null {
  const { hooks } = familyOf(id)
  if (!hooks) return null
  const count = hooks.more && lengthM >= hooks.more[0] ? hooks.more[1] : hooks.count
  return { style: hooks.style, size: sizeForGap(hooks.gapShare * lengthM), wire: 'medium', count }
}

type Weighed = Pick<Lure, 'massKg' | 'measuredMassKg' | 'alteredKg'> & { traits?: Readonly<Record<string, unknown>> }

/** Filler poured into a hollow plug, kg. */
export const fillerKg = (lure: { traits?: Readonly<Record<string, unknown>> }): number =>
  typeof lure.traits?.loadKg === 'number' ? lure.traits.loadKg : 0

/**
 * Mass that counts, kg: measured where it was weighed, else the label, and what was added or taken since. `reckoned` when such a change is part of
 * the figure.
 */
export function lureMass(lure: Weighed): { kg: number; basis: 'measured' | 'labelled' | 'reckoned' } {
  const since = lure.alteredKg + fillerKg(lure)
  const kg = (lure.measuredMassKg ?? lure.massKg) + since
  if (since !== 0) return { kg, basis: 'reckoned' }
  return { kg, basis: lure.measuredMassKg === null ? 'labelled' : 'measured' }
}

/** The lure with a weight read off a scale: everything glued on since is in it, filler is kept apart. */
export function weighed(lure: Lure, kg: number): Lure {
  return { ...lure, measuredMassKg: Math.round((kg - fillerKg(lure)) * 1e7) / 1e7, alteredKg: 0 }
}

/** Action of a lure: its family's, shifted by its traits and hooks. Assumed until bench tests stand behind it. */
export function lureAction(lure: Pick<Lure, 'family' | 'traits' | 'hooks' | 'lengthM' | 'make'>): Action {
  const d = familyOf(lure.family)
  const { amplitude, vibration, flash, presence, snag } = { ...d.action, ...d.shift?.(lure.traits, lure.make) }
  const made = madeShift(lure)
  const hung = lure.hooks && d.hooks ? snagOfHooks(lure.hooks) / snagOfHooks(d.hooks) : 1
  const within = (v: number) => Math.min(1, Math.max(0, v))
  return {
    amplitude: within(amplitude + made.amplitude),
    vibration: within(vibration + made.vibration),
    flash: within(flash + made.flash),
    presence: within(presence + made.presence),
    snag: within((snag + made.snag) * hung),
  }
}

export type Drawable = Pick<Lure, 'family' | 'lengthM' | 'colour' | 'traits' | 'hooks' | 'make'>

/** The drawing of a lure in millimetres, nose at the origin. */
export function drawLure(lure: Drawable): Shape[] {
  const input: DrawInput<never> = {
    lengthMm: lure.lengthM * 1000,
    colour: lure.colour,
    hooks: lure.hooks,
    traits: lure.traits as never,
    make: lure.make,
  }
  return familyOf(lure.family).draw(input)
}
