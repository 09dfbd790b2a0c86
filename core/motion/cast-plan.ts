import type { BuildMotion } from './build-motion'
import { sinkDepthM, sinkTimeS } from './fall'
import type { PathBuffer } from './path-buffer'

/** One cast, or one drop, of one set-up. SI. */
export interface CastPlan {
  readonly motion: BuildMotion
  readonly surface: boolean
  readonly density: number
  readonly lineDiameterM: number
  readonly castM: number
  readonly rodTipM: number
  readonly depthM: number
  readonly currentMps: number
  readonly countDownS: number
  readonly retrieveSpeedMps: number
  readonly pullDurationS: number
  readonly pauseS: number
  readonly slack: boolean
  readonly delivery: 'cast' | 'pitch' | 'vertical'
  /** Height at which a drop-shot bait is held above the bottom, m; null where the lure itself goes down. */
  readonly heldAboveBottomM: number | null
}

/** The lure is lifted out this near to the rod, m. */
export const LIFTED_AT_M = 1.5

/** A depth kept between surface and bottom, m. */
export const inWater = (plan: Pick<CastPlan, 'depthM'>, z: number) => (z < 0 ? 0 : z > plan.depthM ? plan.depthM : z)

/** Drops under the rod and baits held over a sinker draw no line behind them. */
export const isTowed = (plan: CastPlan) => plan.heldAboveBottomM === null && plan.delivery !== 'vertical'

/**
 * The fall on slack line while the angler counts, its line drawn down behind it, and the time lying on the bottom that still belongs to the count.
 * Returns the depth, m.
 */
export function applyCountDown(plan: CastPlan, track: PathBuffer): number {
  track.add(plan.castM, 0, 0)
  if (plan.countDownS <= 0 || plan.surface) {
    track.markRetrieveStart()
    return 0
  }
  const { motion, density, lineDiameterM } = plan
  const z = inWater(plan, sinkDepthM(motion, density, lineDiameterM, plan.countDownS))
  const untilBottom = Math.min(plan.countDownS, sinkTimeS(motion, density, lineDiameterM, plan.depthM))
  track.add(plan.castM, z, untilBottom)
  if (untilBottom < plan.countDownS) track.add(plan.castM, z, plan.countDownS)
  track.markRetrieveStart()
  return z
}
