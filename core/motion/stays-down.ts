import type { Fluid } from './line-drag'
import { bisect } from '../bisect'
import { METAL_KG_M3, ballDiameterM, sphereDrag, weightInWaterN, type Metal } from './drag-curve'
import type { BuildMotion } from './types'
import { sinkTimeS } from './fall'
import { flowAtBottom, leastHoldingN, type Ground } from './bottom'
import { trollingDepth, type TowLine } from './troll'

/** A rig that sinks, all of it, and the water that it is to stay down in. SI. */
export interface DownIn extends Fluid {
  /** Weight in water and drag of the whole rig, its lead with it. */
  readonly motion: Pick<BuildMotion, 'submergedWeightN' | 'towDragAreaM2' | 'sinkDragAreaM2'>
  readonly line: TowLine
  readonly tipM: number
  readonly depthM: number
  /** Depth at which it is to be held, m. */
  readonly holdM: number
  /** Water past the rig, m/s: current, or drift of the boat, ≥ 0. */
  readonly flowMps: number
  /** Lead's distance from the rod tip, m, > 0. */
  readonly awayM: number
  /** How far it may be carried while it falls, m. */
  readonly roomM: number
  readonly ground: Ground
  readonly metal?: Metal
}

/** Whether it does, and with how much more lead it would, kg: 0 where it does, null where no lead that is fished would. */
export interface Verdict {
  readonly does: boolean
  readonly moreKg: number | null
}

export interface StaysDown {
  readonly holdsBottom: Verdict
  readonly holdsDepth: Verdict
  readonly getsDown: Verdict & {
    /** Seconds to the bottom, and how far the water carries it meanwhile, m. */
    readonly seconds: number
    readonly carriedM: number
  }
}

/** No more lead than this is hung on a lure, kg. */
const MOST_MORE_KG = 0.4
const LEAST_MORE_KG = 1e-4
/** Line let out to hold a depth, in depths: with more it hangs behind, not below. */
const LINE_BY_DEPTH = 2
/** Less of a current than this, m/s, moves nothing. */
const STILL_MPS = 0.01

/** Lead added to a rig: its weight in water, and its drag as a ball of its own, N at that flow. */
function withLead({ motion, density, viscosity, flowMps, metal = 'lead' }: DownIn, moreKg: number) {
  const d = moreKg > 0 ? ballDiameterM(moreKg, METAL_KG_M3[metal]) : 0
  const re = Math.max(1, (density * flowMps * d) / viscosity)
  const area = d > 0 ? sphereDrag(re) * (Math.PI / 4) * d * d : 0
  return {
    ...motion,
    submergedWeightN: motion.submergedWeightN + weightInWaterN(moreKg, METAL_KG_M3[metal], density),
    towDragAreaM2: motion.towDragAreaM2 + area,
    sinkDragAreaM2: motion.sinkDragAreaM2 + area,
  }
}

/** The least lead with which something holds, kg, as a verdict; what holds with some lead holds with more. */
function least(holds: (moreKg: number) => boolean): Verdict {
  if (holds(0)) return { does: true, moreKg: 0 }
  if (!holds(MOST_MORE_KG)) return { does: false, moreKg: null }
  return {
    does: false,
    moreKg: bisect((kg) => !holds(kg), LEAST_MORE_KG, MOST_MORE_KG, { steps: 24, by: 'ratio' }),
  }
}

/** Whether a rig with so much more lead stays where it lies. */
function holdsWith(given: DownIn, moreKg: number): boolean {
  const { line, density, viscosity, tipM, depthM, flowMps, awayM, ground } = given
  const rig = withLead(given, moreKg)
  const dragN = 0.5 * density * rig.towDragAreaM2 * flowAtBottom(flowMps, depthM) ** 2
  const needed = leastHoldingN({
    depthM,
    tipM,
    awayM,
    flowMps,
    lineDiameterM: line.diameterM,
    density,
    viscosity,
    ground,
    dragN,
  })
  return needed !== null && rig.submergedWeightN >= needed
}

/** Whether a rig stays where it lies, as it is. */
export const holdsBottom = (given: DownIn): boolean =>
  given.motion.submergedWeightN > 0 && (given.flowMps < STILL_MPS || holdsWith(given, 0))

/**
 * Whether a rig stays where it lies, can be held at a depth under the rod, and gets down before the water has carried it past: from all its lead with its
 * drag, the drag of the bait, depth, current or drift, and line. What is held or sinks meets it as even with depth, which errs on the heavy
 * side; what lies meets a current that slows towards the bottom.
 */
export function staysDown(given: DownIn): StaysDown {
  const { line, density, tipM, depthM, holdM, flowMps, roomM } = given
  const fall = (moreKg: number) => sinkTimeS(withLead(given, moreKg), density, line.diameterM, depthM)
  const seconds = fall(0)
  const down = least((kg) => fall(kg) * flowMps <= roomM)
  const getsDown = { ...down, seconds, carriedM: seconds * flowMps }
  if (flowMps < STILL_MPS) {
    const sinks: Verdict = {
      does: given.motion.submergedWeightN > 0,
      moreKg: given.motion.submergedWeightN > 0 ? 0 : null,
    }
    return { holdsBottom: sinks, holdsDepth: sinks, getsDown: { ...getsDown, does: sinks.does } }
  }
  const bottom = least((kg) => holdsWith(given, kg))
  const holdsDepth = least((kg) => {
    const rig = { ...withLead(given, kg), diveAngleTan: 0, basis: 'assumed' as const }
    return trollingDepth(rig, given, line, flowMps, LINE_BY_DEPTH * (holdM + tipM), tipM).depthM >= holdM
  })
  return { holdsBottom: bottom, holdsDepth, getsDown }
}
