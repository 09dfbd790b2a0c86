import {
  ARMS,
  BODY_OF,
  CUPS,
  DRESSED_TAIL,
  DRESSING_SLOWS,
  FILLER_TILTS,
  COATINGS,
  FLIES_BY,
  METALS,
  PLASTICS,
  SECTIONS,
  SPOON_WIDTH,
  WOBBLE,
} from '../../data/make'
import { z } from '../zod'
import { BLADE_SHAPES } from './blades'
import { ColourId } from './colour'
import type { FamilyDefinition } from './family'

const keys = <T extends object>(table: T) => Object.keys(table) as [keyof T & string, ...(keyof T & string)[]]
const asked = (label: string) => ({ label, optional: true })

/** How a lure is made, as far as its owner says: what is left out is as usual for its family. */
export const Make = z.strictObject({
  /** Width of its swing. */
  wobble: z.enum(keys(WOBBLE)).optional().meta(asked('Wobble')),
  material: z.enum(keys(BODY_OF)).optional().meta(asked('Made of')),
  /** A weight inside that runs to the tail on the cast. */
  weightShift: z.boolean().optional().meta(asked('Weight runs back on the cast')),
  filler: z.enum(keys(FLIES_BY.filler)).optional().meta(asked('Filler lies')),
  frontBlade: z.enum(BLADE_SHAPES).optional().meta(asked('Front blade')),
  frontSize: z.number().int().min(0).max(8).optional().meta(asked('Front blade number')),
  frontFinish: z.enum(['silver', 'gold', 'brass', 'copper', 'painted']).optional().meta(asked('Front blade finish')),
  /** Colour of painted blades. */
  paint: ColourId.optional().meta(asked('Paint of the blades')),
  arm: z.enum(keys(ARMS)).optional().meta(asked('Arm')),
  /** Across the widest place, m. */
  widthM: z
    .number()
    .min(0.003)
    .max(0.15)
    .optional()
    .meta({ ...asked('Width'), role: 'lureLength' }),
  cup: z.enum(keys(CUPS)).optional().meta(asked('Depth of the cup')),
  metal: z.enum(keys(METALS)).optional().meta(asked('Metal')),
  plastic: z.enum(keys(PLASTICS)).optional().meta(asked('Plastic')),
  section: z.enum(keys(SECTIONS)).optional().meta(asked('Section')),
  scented: z.boolean().optional().meta(asked('Scented')),
  /** Length as it swims, hair, feather or skirt included, m. */
  dressedM: z
    .number()
    .min(0.01)
    .max(0.5)
    .optional()
    .meta({ ...asked('Length with its dressing'), role: 'lureLength' }),
  coating: z.enum(keys(COATINGS)).optional().meta(asked('Coating')),
  /** Hooks and rings as they came, to be changed before it is fished hard. */
  stockHooks: z.boolean().optional().meta(asked('Hooks and rings to change')),
})
export type Make = z.infer<typeof Make>
export type MakeField = keyof Make

const BY_BODY: Readonly<Record<FamilyDefinition['body'], readonly MakeField[]>> = {
  hard: ['wobble', 'material', 'weightShift'],
  soft: ['plastic', 'section', 'scented'],
  metal: ['metal'],
  wire: ['dressedM'],
  jig: ['metal', 'dressedM', 'scented'],
}

/** What may be said of the make of a family's lures. */
export function makeFieldsOf(d: Pick<FamilyDefinition, 'body' | 'make' | 'hooks'>): readonly MakeField[] {
  const hung = d.hooks && d.hooks.style !== 'moulded' ? (['stockHooks'] as const) : []
  return [...new Set<MakeField>([...BY_BODY[d.body], ...(d.make ?? []), 'coating', ...hung])]
}

interface Made {
  readonly family: string
  readonly lengthM: number
  readonly make?: Make | undefined
  readonly hooks?: { readonly tail?: { readonly dressed: boolean } | undefined } | null
}

/** What the make changes of the family's action and of how it sinks and is pulled; sums start at 0, factors at 1. */
export interface MadeShift {
  readonly amplitude: number
  readonly vibration: number
  readonly flash: number
  readonly presence: number
  readonly snag: number
  readonly pullDragBy: number
  readonly fallDragBy: number
  /** Times its drag in the air. */
  readonly airDragBy: number
  /** Times the speed at which a floating plug comes up. */
  readonly risesBy: number
  /** Added to the tangent of its angle when pulled. */
  readonly tilt: number
}

/** Nothing said, nothing changed. */
const AS_USUAL: MadeShift = {
  amplitude: 0,
  vibration: 0,
  flash: 0,
  presence: 0,
  snag: 0,
  pullDragBy: 1,
  fallDragBy: 1,
  airDragBy: 1,
  risesBy: 1,
  tilt: 0,
}

/**
 * What the make of a lure changes beside an ordinary one of its family. A spoon half as wide again has half as much more drag; hair that trails as far again as its jig
 * is long slows the fall by √2.
 *
 * @example madeShift({ family: 'thin-spoon', lengthM: 0.05, make: { widthM: 0.027 } }).pullDragBy // 0.027 / (0.36 · 0.05) = 1.5
 */
export function madeShift({ family, lengthM, make, hooks }: Made): MadeShift {
  const dressed = hooks?.tail?.dressed === true
  if (!make && !dressed) return AS_USUAL
  const { wobble, material, weightShift, filler, arm, widthM, cup, section, dressedM, coating } = make ?? {}
  const swing = WOBBLE[wobble ?? 'medium']
  const of = BODY_OF[material ?? 'plastic']
  const cut = SECTIONS[section ?? 'round']
  const cupped = CUPS[cup ?? 'shallow']
  const tail = dressed ? DRESSED_TAIL : { presence: 0, flash: 0, fallDragBy: 1 }
  const reach = ARMS[arm ?? 'long']
  const usual = (SPOON_WIDTH as Readonly<Record<string, number>>)[family]
  const wide = widthM !== undefined && usual !== undefined ? widthM / (usual * lengthM) : 1
  const trails = dressedM === undefined ? 1 : Math.max(1, dressedM / lengthM) ** DRESSING_SLOWS
  return {
    amplitude: swing.amplitude + of.amplitude + cut.amplitude + cupped.amplitude,
    vibration: swing.vibration + of.vibration + cut.vibration,
    flash: COATINGS[coating ?? 'plain'].flash + tail.flash,
    presence: tail.presence,
    snag: arm ? reach.snag : 0,
    pullDragBy: cut.pullDragBy * cupped.pullDragBy * wide,
    fallDragBy: cut.fallDragBy * cupped.fallDragBy * wide * trails * tail.fallDragBy * (arm ? reach.fallDragBy : 1),
    airDragBy: (weightShift ? FLIES_BY.weightShift : 1) * FLIES_BY.filler[filler ?? 'middle'],
    risesBy: of.risesBy,
    tilt: FILLER_TILTS[filler ?? 'middle'],
  }
}

/** Density, kg/m³, of the plastic or metal a lure is said to be made of; the family's own, `usual`, where nothing is said. `usualMetal` is what the family's figure is told of. */
export function madeDensity(make: Make | undefined, usual: number, usualMetal: keyof typeof METALS = 'lead'): number {
  if (make?.metal) return (usual * METALS[make.metal]) / METALS[usualMetal]
  return make?.plastic ? PLASTICS[make.plastic] : usual
}

/** Length of a lure as a fish sees it, m. */
export const seenLengthM = ({ lengthM, make }: Pick<Made, 'lengthM' | 'make'>): number =>
  Math.max(lengthM, make?.dressedM ?? 0)
