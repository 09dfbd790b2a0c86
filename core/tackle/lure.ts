import { z } from '../zod'
import { Colouring } from './colour'
import type { Action, DrawInput, FamilyDefinition } from './family'
import { FAMILIES } from './families/register'
import type { Shape } from './drawing/shape'

export type FamilyId = (typeof FAMILIES)[number]['id']

const common = {
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(80),
  lengthM: z.number().min(0.01).max(0.5),
  /** Mass on the packet, kg; of a soft body without head or hook. */
  massKg: z.number().min(0.0003).max(1),
  /** What the scale said, kg; it goes before the packet. */
  measuredMassKg: z.number().min(0.0003).max(1).nullable(),
  colour: Colouring,
  sound: z.enum(['silent', 'knock', 'rattles']),
  count: z.number().int().min(0).max(999),
  tray: z.string().trim().max(40),
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
  FAMILIES.map(lureSchema) as unknown as [LureSchemaOf<Definitions>, ...LureSchemaOf<Definitions>[]],
)
export type Lure = z.infer<typeof Lure>

const BY_ID = new Map<string, FamilyDefinition>(FAMILIES.map((d) => [d.id, d as unknown as FamilyDefinition]))

/** The definition of a lure's family, its traits no longer known to the compiler: the lure's own schema has checked them. */
export function familyOf(id: FamilyId): FamilyDefinition {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`family ${id} is not in the register`)
  return found
}

/** Mass that counts: measured where it was weighed, else the label. */
export function lureMass(lure: Pick<Lure, 'massKg' | 'measuredMassKg'>): {
  kg: number
  basis: 'measured' | 'labelled'
} {
  return lure.measuredMassKg === null
    ? { kg: lure.massKg, basis: 'labelled' }
    : { kg: lure.measuredMassKg, basis: 'measured' }
}

/** Action of a lure: its family's, shifted by its traits. Assumed until bench tests stand behind it. */
export function lureAction(lure: Lure): Action {
  const d = familyOf(lure.family)
  const { amplitude, vibration, flash, presence, snag } = { ...d.action, ...d.shift?.(lure.traits) }
  return { amplitude, vibration, flash, presence, snag }
}

/** The drawing of a lure in millimetres, nose at the origin. */
export function drawLure(lure: Pick<Lure, 'family' | 'lengthM' | 'colour' | 'traits'>): Shape[] {
  const input: DrawInput<never> = { lengthMm: lure.lengthM * 1000, colour: lure.colour, traits: lure.traits as never }
  return familyOf(lure.family).draw(input)
}
