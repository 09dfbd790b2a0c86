import type { DeliveryId } from '../tackle'
import type { BuildMotion, Drift } from './types'
import type { Fluid } from './line-drag'
import { sinkDepthM, sinkTimeS } from './fall'
import type { PathBuffer } from './path-buffer'

const STILL: Drift = [0, 0]
/** Neither current nor a boat's drift. */
const IN_STILL_WATER = { flowMps: STILL, groundMps: STILL } as const

/** One cast, or one drop, of one set-up. SI. */
export interface CastPlan extends Fluid {
  readonly motion: BuildMotion
  readonly surface: boolean
  readonly lineDiameterM: number
  /** Length of the cast; of the line let out behind a boat; of the lead behind a downrigger's ball. */
  readonly castM: number
  readonly rodTipM: number
  readonly depthM: number
  /** Density of the line's stuff, kg/m³. */
  readonly lineDensityKgM3: number
  /** Water and bottom past the rod tip, away from it and across, m/s: {@link IN_STILL_WATER} where neither moves. */
  readonly flowMps: Drift
  readonly groundMps: Drift
  readonly countDownS: number
  readonly retrieveSpeedMps: number
  readonly pullDurationS: number
  readonly pauseS: number
  readonly slack: boolean
  readonly delivery: DeliveryId
  /** How deep a downrigger's ball hangs, m; null without one. */
  readonly ballM: number | null
  /** Height at which a drop-shot bait is held above the bottom, m; null where the lure itself goes down. */
  readonly heldAboveBottomM: number | null
  /** How readily it is taken as it sinks after the cast, against how it is taken in the pull, 0 … 1. */
  readonly fallTaken: number
  /** Drawn up to the surface it lies on its side there and fishes nothing: true of all that sinks. */
  readonly blowsOut: boolean
}

/** A steady wind over still water, straight from the cast, but for lure, line, water and pace. */
export const STEADY_WIND = {
  ...IN_STILL_WATER,
  surface: false,
  countDownS: 0,
  pullDurationS: 1,
  pauseS: 0,
  slack: false,
  delivery: 'cast',
  ballM: null,
  heldAboveBottomM: null,
  fallTaken: 0,
  blowsOut: false,
} as const

/** The lure is lifted out this near to the rod, m. */
export const LIFTED_AT_M = 1.5

/** A depth kept between surface and bottom, m. */
export const inWater = (plan: Pick<CastPlan, 'depthM'>, z: number) => (z < 0 ? 0 : z > plan.depthM ? plan.depthM : z)

/** Ways in which line is won by the hand: the lure comes home on a line that is drawn through the water. */
const WORKED_HOME: ReadonlySet<DeliveryId> = new Set(['cast', 'pitch', 'still'])

/** Whether the hand draws it home through the water: drops under the rod, baits over a sinker and what a boat or river carries are followed in ways of their own. */
export const isTowed = (plan: CastPlan) => plan.heldAboveBottomM === null && WORKED_HOME.has(plan.delivery)

/** Where a lure is when the work begins: away from the rod tip, across, down, m. */
export interface Begun {
  readonly x: number
  readonly y: number
  readonly z: number
}

/**
 * The fall while the angler counts and gives it all the line it draws, its line drawn down behind it and the water carrying both; then the time lying on
 * the bottom that still belongs to the count. Answers with where the work begins.
 */
export function applyCountDown(plan: CastPlan, track: PathBuffer): Begun {
  const { castM, flowMps, groundMps } = plan
  track.add(castM, 0, 0)
  if (plan.countDownS <= 0 || plan.surface) {
    track.markRetrieveStart()
    return { x: castM, y: 0, z: 0 }
  }
  const { motion, density, lineDiameterM } = plan
  const z = inWater(plan, sinkDepthM(motion, density, lineDiameterM, plan.countDownS))
  const falling = Math.min(plan.countDownS, sinkTimeS(motion, density, lineDiameterM, plan.depthM))
  const at = (fallS: number, lieS: number) => ({
    x: castM + flowMps[0] * fallS + groundMps[0] * lieS,
    y: flowMps[1] * fallS + groundMps[1] * lieS,
    z,
  })
  const landed = at(falling, 0)
  track.add(Math.hypot(landed.x, landed.y), z, falling)
  const begun = at(falling, plan.countDownS - falling)
  if (falling < plan.countDownS) track.add(Math.hypot(begun.x, begun.y), z, plan.countDownS)
  track.markRetrieveStart()
  return begun
}
