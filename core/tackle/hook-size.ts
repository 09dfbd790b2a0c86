import { z } from '../zod'
import { HOOK_GAPS_MM } from '../../data/hook-sizes'

const SIZES = HOOK_GAPS_MM.map(([size]) => size)
export const HookSize = z.enum(SIZES)
export type HookSize = z.infer<typeof HookSize>

/** Gap between point and shank, m (typical; makers differ by a good tenth). */
export function hookGapM(size: HookSize): number {
  const row = HOOK_GAPS_MM.find(([s]) => s === size)
  if (!row) throw new Error(`hook size ${size} is not in data/hook-sizes`)
  return row[1] / 1000
}
