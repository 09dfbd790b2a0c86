import { LET_OUT } from '../../data/deliveries'
import { itemAt } from '../list'
import type { BuildMotion } from './types'
import { integrateCable } from './cable-ode'
import type { Fluid } from './line-drag'
import { inWater, type CastPlan } from './cast-plan'
import type { PathBuffer } from './path-buffer'
import { sinkRateMps } from './pull'
import { SWING_HOME_M, swing } from './swing'
import { behindBall, cableOf, trimOf, trollingDepth, type TowLine } from './troll'

/** What hangs on a line of a fixed length: behind a boat that goes or slides, behind a downrigger's ball, on a swing across a river. */

const lineOf = ({ lineDiameterM, lineDensityKgM3 }: CastPlan): TowLine => ({
  diameterM: lineDiameterM,
  densityKgM3: lineDensityKgM3,
})

/** Slower than this, m/s, a line hangs straight down. */
const HANGS_MPS = 0.01

/** Where a lure rides behind a boat with so much line out, m. In water that hardly moves it hangs straight down, or floats. */
function rides(plan: CastPlan, speedMps: number): { depthM: number; behindM: number } {
  const { motion, castM, rodTipM } = plan
  if (speedMps >= HANGS_MPS) return trollingDepth(motion, plan, lineOf(plan), speedMps, castM, Math.max(0, rodTipM))
  return motion.submergedWeightN > 0
    ? { depthM: Math.max(0, castM - rodTipM), behindM: 0 }
    : { depthM: 0, behindM: castM }
}

/** A pass behind a boat: line of the plan's length, at its pace. */
export function trolledPath(plan: CastPlan, track: PathBuffer): void {
  const { depthM, behindM } = plan.surface ? { depthM: 0, behindM: plan.castM } : rides(plan, plan.retrieveSpeedMps)
  pass(behindM, inWater(plan, depthM), track)
}

/** A pass behind a downrigger's ball: the plan's length is the lead from the clip. */
export function behindBallPath(plan: CastPlan, track: PathBuffer): void {
  const { motion, retrieveSpeedMps, castM, ballM } = plan
  const { belowM, behindM } = behindBall(motion, plan, lineOf(plan), retrieveSpeedMps, castM)
  pass(behindM, inWater(plan, (ballM ?? 0) + belowM), track)
}

/** A short heavy line may sag a hair ahead of where it is held: nothing is drawn ahead of the rod. */
const notAhead = (behindM: number): number => Math.max(0, behindM)

function pass(atM: number, z: number, track: PathBuffer): void {
  const behindM = notAhead(atM)
  track.add(behindM, z, 0)
  track.markRetrieveStart()
  track.add(behindM, z, LET_OUT.passS, 1)
}

/** Drifted: the lure hangs behind the boat that slides, held or lifted and let fall. */
export function driftedPath(plan: CastPlan, track: PathBuffer): void {
  const { flowMps, retrieveSpeedMps, pullDurationS, pauseS, motion, density } = plan
  const { depthM, behindM: atM } = rides(plan, Math.hypot(flowMps[0], flowMps[1]))
  const behindM = notAhead(atM)
  const z = inWater(plan, depthM)
  if (pauseS === 0) return pass(behindM, z, track)
  const top = inWater(plan, z - retrieveSpeedMps * pullDurationS)
  const fall = Math.max(LEAST_FALL_MPS, sinkRateMps(motion, density))
  const falling = Math.min(pauseS, (z - top) / fall)
  const down = Math.min(z, top + fall * falling)
  track.add(behindM, z, 0)
  track.markRetrieveStart()
  for (let t = 0; t < LET_OUT.passS; t += pullDurationS + pauseS) {
    track.add(behindM, top, t + pullDurationS, 1)
    track.add(behindM, down, t + pullDurationS + falling)
    track.add(behindM, down, t + pullDurationS + pauseS)
  }
}
const LEAST_FALL_MPS = 0.02

/** A way across the stream is followed in such steps, s: its mean depth is within an eighth of that in quarters of a second (40 lures in streams of 0.1 to 1.5 m/s). */
const SWING_STEP_S = 0.5

/** Cast across and a little down, held, swung round below the rod and left hanging there. */
export function swungPath(plan: CastPlan, track: PathBuffer): void {
  const { motion, density, viscosity, castM, rodTipM, depthM, flowMps } = plan
  const points = swing({
    motion,
    density,
    viscosity,
    line: lineOf(plan),
    castM: Math.max(castM, SWING_HOME_M + 1),
    angleDeg: LET_OUT.swingDeg,
    currentMps: Math.hypot(flowMps[0], flowMps[1]),
    retrieveSpeedMps: 0,
    tipM: rodTipM,
    depthM,
    alongBottom: true,
    stepS: SWING_STEP_S,
  })
  for (const { acrossM, downM, depthM: z, t } of points) {
    track.add(Math.hypot(acrossM, downM), inWater(plan, z), t, t > 0 ? 1 : 0)
    if (t === 0) track.markRetrieveStart()
  }
  const end = itemAt(points, points.length - 1)
  track.add(Math.hypot(end.acrossM, end.downM), inWater(plan, end.depthM), end.t + LET_OUT.hangS)
}

/** Line from the rod tip with which a lure rides at a depth behind a boat, m; null where no line up to `mostM` gets it there. */
export function lineForDepth(
  motion: BuildMotion,
  fluid: Fluid,
  line: TowLine,
  speedMps: number,
  depthM: number,
  tipM: number,
  mostM: number,
): number | null {
  const air = Math.max(0, tipM)
  if (speedMps < HANGS_MPS) return motion.submergedWeightN > 0 && depthM + air <= mostM ? depthM + air : null
  const trim = trimOf(motion, fluid.density, speedMps)
  if (trim.angle <= 0) return null
  const points = integrateCable(cableOf(line, fluid, speedMps), trim, mostM, (p) => p.upM >= depthM || p.angle <= FLAT)
  const top = itemAt(points, points.length - 1)
  const before = itemAt(points, Math.max(0, points.length - 2))
  if (top.upM < depthM) return null
  const share = (depthM - before.upM) / (top.upM - before.upM || 1)
  const angle = before.angle + share * (top.angle - before.angle)
  const out = before.alongM + share * (top.alongM - before.alongM) + air / Math.sin(Math.max(FLAT, angle))
  return out <= mostM ? out : null
}
/** A line as flat as this, rad, no longer comes up. */
const FLAT = 0.02

/** The line from lure to surface or ball as it is drawn: metres behind the rod tip and down, from the lure upwards. Empty where it is no towed line. */
export function towedLine(plan: CastPlan, at: { readonly x: number; readonly z: number }): { x: number; z: number }[] {
  const { motion, density, retrieveSpeedMps, castM, delivery, ballM } = plan
  if (delivery !== 'troll' && delivery !== 'downrigger' && delivery !== 'drift') return []
  const speed = Math.max(HANGS_MPS, retrieveSpeedMps)
  const trim = trimOf(motion, density, speed)
  const up = delivery === 'downrigger' ? at.z - (ballM ?? 0) : at.z
  const points = integrateCable(
    cableOf(lineOf(plan), plan, speed),
    trim,
    castM,
    (p) => p.towardsM >= at.x || (up > 0 && p.upM >= up),
  )
  return points.map((p) => ({ x: Math.max(0, at.x - p.towardsM), z: Math.max(0, at.z - p.upM) }))
}
