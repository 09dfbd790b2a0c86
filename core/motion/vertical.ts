import { itemAt } from '../list'
import type { BuildMotion } from './types'
import type { BowedLine } from './bowed-line'
import { integrateCable } from './cable-ode'
import type { CastPlan } from './cast-plan'
import { sinkTimeS } from './fall'
import type { PathBuffer } from './path-buffer'
import type { Fluid } from './line-drag'
import { sinkRateMps } from './pull'
import { cableOf, trimOf, type TowLine } from './troll'

/** How far from the rod tip a drop is made, m, and how often it is lifted there. */
const UNDER_ROD_M = 1.2
const DROPS_UNDER_ROD = 12
/** Share of each lift that is kept: the jig climbs some metres and is let down again (common practice). */
const KEPT_BY_LIFT = 0.5
const LEAST_FALL_MPS = 0.02
/** Steps of a pull or rest, s at most. */
const STEP_S = 0.5

/** Dropped under the rod, lifted and let fall again from the bottom. Where water or boat moves, it trails away on its line. */
export function verticalPath(plan: CastPlan, line: BowedLine, track: PathBuffer): void {
  const moves = [...plan.flowMps, ...plan.groundMps].some((speed) => speed !== 0)
  if (moves && !plan.surface && sinkRateMps(plan.motion, plan.density) > LEAST_FALL_MPS)
    return trailing(plan, line, track)
  const fall = Math.max(LEAST_FALL_MPS, sinkRateMps(plan.motion, plan.density))
  const floor = plan.depthM
  const lift = plan.retrieveSpeedMps * plan.pullDurationS
  let t = floor / fall
  let base = floor
  track.add(UNDER_ROD_M, 0, 0)
  track.add(UNDER_ROD_M, floor, t)
  track.markRetrieveStart()
  for (let i = 0; i < DROPS_UNDER_ROD; i++) {
    const top = Math.max(0, base - lift)
    t += plan.pullDurationS
    track.add(UNDER_ROD_M, top, t, 1)
    base = Math.min(floor, top + Math.min(lift * (1 - KEPT_BY_LIFT), fall * plan.pauseS))
    t += plan.pauseS
    track.add(UNDER_ROD_M, base, t)
  }
}

/** The same on a line that the water draws aside: the fall on free line, then lifts and drops on what is out ({@link BowedLine}). */
function trailing(plan: CastPlan, line: BowedLine, track: PathBuffer): void {
  const { motion, density, lineDiameterM, depthM, flowMps, retrieveSpeedMps, pullDurationS, pauseS } = plan
  line.take(plan)
  line.near = 0.03
  let t = sinkTimeS(motion, density, lineDiameterM, depthM)
  track.add(UNDER_ROD_M, 0, 0)
  const x = UNDER_ROD_M + flowMps[0] * t
  const y = flowMps[1] * t
  track.add(Math.hypot(x, y), depthM, t)
  track.markRetrieveStart()
  line.lay(x, y, depthM, false)
  const work = (seconds: number, windMps: number, pulled: 0 | 1) => {
    for (let left = seconds; left > 1e-9;) {
      const dt = Math.min(left, STEP_S)
      line.step(dt, windMps)
      left -= dt
      t += dt
      track.add(line.awayM, line.z, t, pulled)
    }
  }
  for (let i = 0; i < DROPS_UNDER_ROD; i++) {
    work(pullDurationS, retrieveSpeedMps, 1)
    line.lengthM += retrieveSpeedMps * pullDurationS * (1 - KEPT_BY_LIFT)
    work(pauseS, 0, 0)
  }
}

/** A lure that hangs on its line in a flow: under a boat that drifts, under ice over a current. */
export interface Hanging {
  /** Line from the rod tip, m; how far the lure trails behind the tip, m. */
  readonly lineOutM: number
  readonly trailM: number
  /** Angle of the line at the rod tip, degrees from straight down. */
  readonly angleDeg: number
  readonly pullN: number
}

/** Line longer than so many depths hangs behind, not below. */
const MOST_LINE = 4

/**
 * Line that hangs a lure at a depth while water goes by: its own weight and drag, and the line's along and across ({@link integrateCable}).
 *
 * @param flowMps speed through the water, m/s, ≥ 0
 * @param tipM rod tip above the surface, m; under ice, below it: negative
 * @returns null where no length of line up to four depths gets it there
 */
export function hangAt(
  motion: BuildMotion,
  fluid: Fluid,
  line: TowLine,
  flowMps: number,
  depthM: number,
  tipM: number,
): Hanging | null {
  if (motion.submergedWeightN <= 0) return null
  const straight = Math.max(0, tipM)
  const upM = depthM - Math.max(0, -tipM)
  if (upM <= 0) return null
  if (flowMps === 0)
    return {
      lineOutM: upM + straight,
      trailM: 0,
      angleDeg: 0,
      pullN: motion.submergedWeightN,
    }
  const trim = trimOf(motion, fluid.density, flowMps)
  if (trim.angle <= 0) return null
  const points = integrateCable(
    cableOf(line, fluid, flowMps),
    trim,
    MOST_LINE * upM,
    (p) => p.upM >= upM || p.angle <= 0.02,
  )
  const top = itemAt(points, points.length - 1)
  const before = itemAt(points, Math.max(0, points.length - 2))
  if (top.upM < upM) return null
  const share = (upM - before.upM) / (top.upM - before.upM || 1)
  const mix = (of: (p: typeof top) => number) => of(before) + share * (of(top) - of(before))
  const angle = mix((p) => p.angle)
  return {
    lineOutM: mix((p) => p.alongM) + straight / Math.sin(angle),
    trailM: mix((p) => p.towardsM) + straight / Math.tan(angle),
    angleDeg: 90 - (angle * 180) / Math.PI,
    pullN: mix((p) => p.tensionN),
  }
}
