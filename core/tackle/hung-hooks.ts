import { z } from '../zod'
import { HUNG_STYLES, TREBLE_MASS, WIRE_MASS } from '../../data/hooks'
import { HookSize, hookGapM } from './hook-size'

export const HUNG = ['round treble', 'in-turned treble', 'single', 'assist', 'moulded'] as const
export type HungStyle = (typeof HUNG)[number]
export const WIRES = ['light', 'medium', 'heavy'] as const

/** The hook at the tail, where it is another than the rest; dressed with feather or hair or bare. */
const TailHook = z.strictObject({
  style: z.enum(HUNG).meta({ label: 'Tail hook' }),
  size: HookSize.meta({ label: 'Tail hook size' }),
  wire: z.enum(WIRES).meta({ label: 'Tail hook wire' }),
  dressed: z.boolean().meta({ label: 'Dressed' }),
})
export type TailHook = z.infer<typeof TailHook>

/** The hooks that hang on a lure, alike but for the one at the tail. Soft bodies have none of their own. */
export const HungHooks = z.strictObject({
  style: z.enum(HUNG).meta({ label: 'Hooks' }),
  size: HookSize.meta({ label: 'Hook size' }),
  wire: z.enum(WIRES).meta({ label: 'Hook wire' }),
  count: z.number().int().min(1).max(12).meta({ label: 'Number of hooks' }),
  /** One of them, at the tail, of its own kind. */
  tail: TailHook.optional().meta({ label: 'Another hook at the tail' }),
  /** What the split rings hold, N. */
  ringN: z
    .number()
    .positive()
    .max(2000)
    .optional()
    .meta({ label: 'Split rings hold', role: 'lineStrength', optional: true }),
})
export type HungHooks = z.infer<typeof HungHooks>

/** Mass of all hooks hung on a lure, kg. Typical values, see data/hooks; moulded hooks count with their head. */
export function hooksMassKg(hooks: HungHooks): number {
  return eachHook(hooks).reduce((sum, { style, size, wire }) => {
    const treble = TREBLE_MASS.perGap * (hookGapM(size) * 1000) ** TREBLE_MASS.power
    return sum + (treble * HUNG_STYLES[style].mass * WIRE_MASS[wire]) / 1000
  }, 0)
}

type OneHook = Pick<HungHooks, 'style' | 'size' | 'wire'>

/** Every hook by itself, from the head to the tail. */
export function eachHook({ count, tail, ...rest }: HungHooks): OneHook[] {
  return Array.from({ length: count }, (_, i) => (tail && i === count - 1 ? tail : rest))
}

type Styled = Pick<HungHooks, 'style' | 'count'> & { readonly tail?: Pick<TailHook, 'style'> | undefined }

/** How readily its hooks find cover, the mean of all, beside round trebles. */
export function snagOfHooks({ style, count, tail }: Styled): number {
  const own = HUNG_STYLES[style].snag
  return tail ? (own * (count - 1) + HUNG_STYLES[tail.style].snag) / count : own
}

/** Points that a fish, or a branch, can find. */
export function hookPoints({ style, count, tail }: Styled): number {
  const own = HUNG_STYLES[style].points
  return tail ? own * (count - 1) + HUNG_STYLES[tail.style].points : own * count
}

/** Size whose gap is nearest to a wanted one, m. */
export function sizeForGap(gapM: number): HookSize {
  let best: HookSize = '#1'
  for (const size of HookSize.options)
    if (Math.abs(hookGapM(size) - gapM) < Math.abs(hookGapM(best) - gapM)) best = size
  return best
}
