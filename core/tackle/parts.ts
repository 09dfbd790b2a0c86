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

export const Head = z.strictObject({ id, name, kind: z.enum(HEAD_KINDS), massKg, hookSize: HookSize })
export const Hook = z.strictObject({ id, name, style: z.enum(HOOK_STYLES), hookSize: HookSize, massKg })
export const Sinker = z.strictObject({ id, name, kind: z.enum(SINKER_KINDS), massKg })
export const Trailer = z.strictObject({
  id,
  name,
  kind: z.enum(TRAILER_KINDS),
  lengthM: z.number().positive().max(0.3),
  massKg,
})
export const Leader = z.strictObject({
  id,
  name,
  material: z.enum(['fluoro', 'mono', 'wire']),
  strengthN: forceN,
  diameterM: z.number().positive().max(0.003),
  lengthM: z.number().positive().max(5),
})
export const Line = z.strictObject({
  id,
  name,
  material: z.enum(['mono', 'fluoro', 'braid']),
  strengthN: forceN,
  diameterM: z.number().min(0.00003).max(0.002),
  /** The reel it is spooled on; null while it lies in the drawer. */
  reelId: id.nullable(),
})
export const Reel = z.strictObject({
  id,
  name,
  type: z.enum(['casting', 'spinning']),
  gearRatio: z.number().min(2).max(12),
  /** Line wound in per handle turn, m. */
  linePerTurnM: z.number().min(0.2).max(1.6),
})
export const Rod = z
  .strictObject({
    id,
    name,
    type: z.enum(['casting', 'spinning']),
    lengthM: z.number().min(1).max(5),
    power: z.enum(ROD_POWERS),
    action: z.enum(ROD_ACTIONS),
    lureMinKg: massKg,
    lureMaxKg: massKg,
    lineMinN: forceN,
    lineMaxN: forceN,
  })
  .refine((r) => r.lureMaxKg > r.lureMinKg, { error: 'must be above the lightest lure', path: ['lureMaxKg'] })
  .refine((r) => r.lineMaxN > r.lineMinN, { error: 'must be above the weakest line', path: ['lineMaxN'] })

export type Head = z.infer<typeof Head>
export type Hook = z.infer<typeof Hook>
export type Sinker = z.infer<typeof Sinker>
export type Trailer = z.infer<typeof Trailer>
export type TrailerKind = Trailer['kind']
export type Leader = z.infer<typeof Leader>
export type Line = z.infer<typeof Line>
export type Reel = z.infer<typeof Reel>
export type Rod = z.infer<typeof Rod>
