import { z } from '../zod'
import { HUNG_STYLES, TREBLE_MASS, WIRE_MASS } from '../../data/hooks'
import { HookSize, hookGapM } from './hook-size'

export const HUNG = ['round treble', 'in-turned treble', 'single', 'assist', 'moulded'] as const
export type HungStyle = (typeof HUNG)[number]
export const WIRES = ['light', 'medium', 'heavy'] as const

/** The hooks that hang on a lure, all alike. Soft bodies have none of their own. */
export const HungHooks = z.strictObject({
  style: z.enum(HUNG).meta({ label: 'Hooks' }),
  size: HookSize.meta({ label: 'Hook size' }),
  wire: z.enum(WIRES).meta({ label: 'Hook wire' }),
  count: z.number().int().min(1).max(12).meta({ label: 'Number of hooks' }),
})
export type HungHooks = z.infer<typeof HungHooks>

/** Mass of all hooks hung on a lure, kg. Typical values, see data/hooks; moulded hooks count with their head. */
export function hooksMassKg({ style, size, wire, count }: HungHooks): number {
  const treble = TREBLE_MASS.perGap * (hookGapM(size) * 1000) ** TREBLE_MASS.power
  return (count * treble * HUNG_STYLES[style].mass * WIRE_MASS[wire]) / 1000
}

/** Points that a fish, or a branch, can find. */
export function hookPoints({ style, count }: Pick<HungHooks, 'style' | 'count'>): number {
  return HUNG_STYLES[style].points * count
}

/** Size whose gap is nearest to a wanted one, m. */
export function sizeForGap(gapM: number): HookSize {
  let best: HookSize = '#1'
  for (const size of HookSize.options)
    if (Math.abs(hookGapM(size) - gapM) < Math.abs(hookGapM(best) - gapM)) best = size
  return best
}
