import { z } from '../zod'
import { HookSize } from './hook-size'

/** Everything that is not a lure. SI throughout. */

const id = z.string().min(1).max(80)
const name = z.string().trim().min(1).max(80)
const massKg = z.number().positive().max(2)
const forceN = z.number().positive().max(2000)

export const HEAD_KINDS = ['ball', 'mushroom', 'long-shank', 'darter', 'weed-guard', 'swim'] as const
export const HOOK_STYLES = ['offset', 'belly-weighted', 'wacky', 'drop-shot'] as const
export const SINKER_KINDS = ['bullet', 'drop-shot'] as const
export const TRAILER_KINDS = [
  'kicking-craw',
  'gliding-creature',
  'grub',
  'split-tail',
  'paddle-tail',
  'stick-worm',
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
const reelType = z.enum(['casting', 'spinning']).meta(called('Kind'))

export const Head = z.strictObject({
  id,
  name: named,
  kind: z.enum(HEAD_KINDS).meta(called('Shape')),
  massKg: weight,
  hookSize,
})
export const Hook = z.strictObject({
  id,
  name: named,
  style: z.enum(HOOK_STYLES).meta(called('Style')),
  hookSize,
  massKg: weight,
})
export const Sinker = z.strictObject({
  id,
  name: named,
  kind: z.enum(SINKER_KINDS).meta(called('Kind')),
  massKg: weight,
})
export const Trailer = z.strictObject({
  id,
  name: named,
  kind: z.enum(TRAILER_KINDS).meta(called('Kind')),
  lengthM: z.number().positive().max(0.3).meta(measured('Length', 'lureLength')),
  massKg: weight,
})
export const Leader = z.strictObject({
  id,
  name: named,
  material: z.enum(['fluoro', 'mono', 'wire']).meta(called('Material')),
  strengthN: strength,
  diameterM: z.number().positive().max(0.003).meta(measured('Thickness', 'lineDiameter')),
  lengthM: z.number().positive().max(5).meta(measured('Length', 'rodLength')),
})
export const Line = z.strictObject({
  id,
  name: named,
  material: z.enum(['mono', 'fluoro', 'braid']).meta(called('Material')),
  strengthN: strength,
  diameterM: z.number().min(0.00003).max(0.002).meta(measured('Thickness', 'lineDiameter')),
  /** The reel it is spooled on; null while it lies in the drawer. */
  reelId: id.nullable().meta({ label: 'On the reel', from: 'reels' }),
})
export const Reel = z.strictObject({
  id,
  name: named,
  type: reelType,
  gearRatio: z.number().min(2).max(12).meta(called('Gear ratio, to 1')),
  /** Line wound in per handle turn, m. */
  linePerTurnM: z.number().min(0.2).max(1.6).meta(measured('Line per handle turn', 'lureLength')),
})
export const Rod = z
  .strictObject({
    id,
    name: named,
    type: reelType,
    lengthM: z.number().min(1).max(5).meta(measured('Length', 'rodLength')),
    power: z.enum(ROD_POWERS).meta(called('Power')),
    action: z.enum(ROD_ACTIONS).meta(called('Action')),
    lureMinKg: massKg.meta(measured('Lures from', 'lureMass')),
    lureMaxKg: massKg.meta(measured('Lures to', 'lureMass')),
    lineMinN: forceN.meta(measured('Line from', 'lineStrength')),
    lineMaxN: forceN.meta(measured('Line to', 'lineStrength')),
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
} as const
export type PartKind = keyof typeof PARTS
export type PartOf<K extends PartKind> = z.infer<(typeof PARTS)[K]>
export type Part = PartOf<PartKind>

export type Head = z.infer<typeof Head>
export type Hook = z.infer<typeof Hook>
export type Sinker = z.infer<typeof Sinker>
export type Trailer = z.infer<typeof Trailer>
export type TrailerKind = Trailer['kind']
export type Leader = z.infer<typeof Leader>
export type Line = z.infer<typeof Line>
export type Reel = z.infer<typeof Reel>
export type Rod = z.infer<typeof Rod>
