import { z } from '../zod'
import { BLADE_SHAPES } from './blades'
import { HookSize } from './hook-size'
import { ColourId } from './colour'
import { METALS } from '../../data/make'
import { WIRES } from './hung-hooks'

/** Everything that is not a lure. SI throughout. */

const id = z.string().min(1).max(80)
const name = z.string().trim().min(1).max(80)
const massKg = z.number().positive().max(2)
const forceN = z.number().positive().max(2000)

export const HEAD_KINDS = [
  'ball',
  'mushroom',
  'long-shank',
  'darter',
  'weed-guard',
  'swim',
  'underspin',
  'bladed',
  'wobble',
  'nose-weighted',
] as const
const HOOK_STYLES = [
  'offset',
  'straight-shank',
  'finesse-hybrid',
  'belly-weighted',
  'wacky',
  'drop-shot',
  'round treble',
  'in-turned treble',
  'single',
  'assist',
  'stinger',
] as const
const SINKER_KINDS = ['bullet', 'drop-shot', 'dropper'] as const
export const TERMINAL_KINDS = [
  'snap',
  'snap-swivel',
  'ball-bearing',
  'swivel',
  'three-way',
  'split-ring',
  'keel',
  'bead',
  'clip-blade',
] as const
/** What a rod is built for; `all-round` is cast and wound. */
export const ROD_PURPOSES = ['all-round', 'fast jigging', 'slow-pitch', 'long-fall', 'trolling'] as const
export const TRAILER_KINDS = [
  'kicking-craw',
  'gliding-creature',
  'grub',
  'split-tail',
  'paddle-tail',
  'stick-worm',
  'stick-worm crosswise',
  'chunk',
] as const
export const ROD_POWERS = [
  'ultra-light',
  'light',
  'medium-light',
  'medium',
  'medium-heavy',
  'heavy',
  'extra-heavy',
] as const
export const ROD_ACTIONS = ['slow', 'moderate', 'moderate-fast', 'fast', 'extra-fast'] as const

/** What a form needs to know of a field: its name, the role that gives its unit, or the drawer it points into. */
const called = (label: string) => ({ label })
const measured = (label: string, role: string) => ({ label, role })
const named = name.meta(called('Name'))
const weight = massKg.meta(measured('Weight', 'lureMass'))
const strength = forceN.meta(measured('Strength', 'lineStrength'))
const hookSize = HookSize.meta(called('Hook size'))
const wire = z.enum(WIRES).meta(called('Wire'))
/** What one of them cost, in the angler's own currency; empty where it is not known. */
const cost = z.number().min(0).max(100_000).nullable().meta({ label: 'Cost of one', optional: true })
const count = z.number().int().min(0).max(9999).meta(called('How many'))
const kept = { cost, count }
/** Metal of heads and sinkers; lead where nothing is said. */
const METAL_NAMES = Object.keys(METALS) as [keyof typeof METALS, ...(keyof typeof METALS)[]]
const metal = z.enum(METAL_NAMES).optional().meta({ label: 'Metal', optional: true })
/** Weight of rod or reel, kg. */
const ownKg = z.number().min(0.02).max(3).optional().meta({ label: 'Own weight', role: 'lureMass', optional: true })
/** How the guides of a rod are made. */
const GUIDES = ['ordinary', 'small', 'rollers'] as const
export const REEL_TYPES = ['casting', 'spinning', 'overhead'] as const

export const Head = z.strictObject({
  id,
  name: named,
  kind: z.enum(HEAD_KINDS).meta(called('Shape')),
  massKg: weight,
  hookSize,
  wire,
  metal,
  ...kept,
})
export const Hook = z.strictObject({
  id,
  name: named,
  style: z.enum(HOOK_STYLES).meta(called('Style')),
  hookSize,
  wire,
  massKg: weight,
  ...kept,
})
export const Sinker = z.strictObject({
  id,
  name: named,
  kind: z.enum(SINKER_KINDS).meta(called('Kind')),
  massKg: weight,
  metal,
  ...kept,
})
export const BladePart = z.strictObject({
  id,
  name: named,
  shape: z.enum(BLADE_SHAPES).meta(called('Shape')),
  size: z.number().int().min(0).max(8).meta(called('Size number')),
  face: z.enum(['smooth', 'hammered']).meta(called('Face')),
  finish: z.enum(['silver', 'gold', 'brass', 'copper', 'painted']).meta(called('Finish')),
  ...kept,
})
export const Terminal = z.strictObject({
  id,
  name: named,
  kind: z.enum(TERMINAL_KINDS).meta(called('Kind')),
  strengthN: strength,
  massKg: weight,
  ...kept,
})
export const Trailer = z.strictObject({
  id,
  name: named,
  kind: z.enum(TRAILER_KINDS).meta(called('Kind')),
  lengthM: z.number().positive().max(0.3).meta(measured('Length', 'lureLength')),
  massKg: weight,
  /** Its main colour; as its bait where nothing is said. */
  colour: ColourId.optional().meta({ label: 'Colour', optional: true }),
  ...kept,
})
export const Leader = z.strictObject({
  id,
  name: named,
  material: z.enum(['fluoro', 'mono', 'wire']).meta(called('Material')),
  strengthN: strength,
  diameterM: z.number().positive().max(0.003).meta(measured('Thickness', 'lineDiameter')),
  lengthM: z.number().positive().max(5).meta(measured('Length', 'rodLength')),
  cost,
})
export const Line = z.strictObject({
  id,
  name: named,
  material: z.enum(['mono', 'fluoro', 'braid']).meta(called('Material')),
  strengthN: strength,
  diameterM: z.number().min(0.00003).max(0.002).meta(measured('Thickness', 'lineDiameter')),
  /** The reel it is spooled on; null while it lies in the drawer. */
  reelId: id.nullable().meta({ label: 'On the reel', from: 'reels' }),
  /** Seasons it has been fished. */
  seasons: z.number().min(0).max(20).optional().meta({ label: 'Seasons fished', optional: true }),
  cost,
})
export const Reel = z.strictObject({
  id,
  name: named,
  type: z.enum(REEL_TYPES).meta(called('Kind')),
  gearRatio: z.number().min(2).max(12).meta(called('Gear ratio (x:1)')),
  /** Line wound in per handle turn, m. */
  linePerTurnM: z.number().min(0.2).max(1.6).meta(measured('Line per handle turn', 'lureLength')),
  /** Across the full spool, m; null where nobody measured it. */
  spoolM: z.number().min(0.01).max(0.2).nullable().meta({ label: 'Spool diameter', role: 'hookGap', optional: true }),
  massKg: ownKg,
  /** The most its brake gives, N. */
  dragN: z
    .number()
    .min(1)
    .max(500)
    .optional()
    .meta({ label: 'Brake gives at most', role: 'lineStrength', optional: true }),
  /** Line of a thickness that its spool holds, m. */
  holdsM: z.number().min(5).max(2000).optional().meta({ label: 'Spool holds', role: 'distance', optional: true }),
  holdsThickM: z
    .number()
    .min(0.00003)
    .max(0.002)
    .optional()
    .meta({ label: 'Of line so thick', role: 'lineDiameter', optional: true }),
  cost,
})
export const Rod = z
  .strictObject({
    id,
    name: named,
    type: z.enum(['casting', 'spinning']).meta(called('For reels')),
    purpose: z.enum(ROD_PURPOSES).meta(called('Purpose')),
    fights: z.enum(['with the rod', 'with the reel']).meta(called('Fight fish with')),
    lengthM: z.number().min(1).max(5).meta(measured('Length', 'rodLength')),
    power: z.enum(ROD_POWERS).meta(called('Power')),
    action: z.enum(ROD_ACTIONS).meta(called('Action')),
    lureMinKg: massKg.meta(measured('Lures from', 'lureMass')),
    lureMaxKg: massKg.meta(measured('Lures to', 'lureMass')),
    lineMinN: forceN.meta(measured('Line from', 'lineStrength')),
    lineMaxN: forceN.meta(measured('Line to', 'lineStrength')),
    massKg: ownKg,
    guides: z.enum(GUIDES).optional().meta({ label: 'Guides', optional: true }),
    cost,
  })
  .refine((r) => r.lureMaxKg > r.lureMinKg, { error: 'must be above the lightest lure', path: ['lureMaxKg'] })
  .refine((r) => r.lineMaxN > r.lineMinN, { error: 'must be above the weakest line', path: ['lineMaxN'] })

/** Everything in the drawers but lures, by drawer. */
export const PARTS = {
  rods: Rod,
  reels: Reel,
  lines: Line,
  leaders: Leader,
  heads: Head,
  hooks: Hook,
  sinkers: Sinker,
  trailers: Trailer,
  blades: BladePart,
  terminals: Terminal,
} as const
export type PartKind = keyof typeof PARTS
export type PartOf<K extends PartKind> = z.infer<(typeof PARTS)[K]>
export type Part = PartOf<PartKind>

export type Head = z.infer<typeof Head>
export type Hook = z.infer<typeof Hook>
export type Sinker = z.infer<typeof Sinker>
export type BladePart = z.infer<typeof BladePart>
export type Terminal = z.infer<typeof Terminal>
export type Trailer = z.infer<typeof Trailer>
export type Leader = z.infer<typeof Leader>
export type Line = z.infer<typeof Line>
export type Reel = z.infer<typeof Reel>
export type Rod = z.infer<typeof Rod>

/** Overhead reels sit on casting rods. */
export function reelFitsRod(rod: Pick<Rod, 'type'>, reel: Pick<Reel, 'type'>): boolean {
  return (rod.type === 'spinning') === (reel.type === 'spinning')
}
