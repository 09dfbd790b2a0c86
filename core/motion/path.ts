import { LIFTED_AT_M, applyCountDown, inWater, type CastPlan } from './cast-plan'
import { sinkRateMps } from './pull'
import { TautLineModel } from './taut-line'
import { PathBuffer } from './path-buffer'

/** The lure's way: `x` m from the rod tip, `z` m deep, `t` s after it touched the water. Equal length. */
export interface Path {
  readonly x: number[]
  readonly z: number[]
  readonly t: number[]
  /** Index at which the count-down ends and the work begins. */
  readonly retrieveStartIndex: number
}

/** Pieces into which a cast is cut at least, and steps at most. */
const PIECES = 26
const MAX_STEPS = 700
const UNDER_ROD_M = 1.2
const DROPS_UNDER_ROD = 12
/** Share of each lift that is kept: the jig climbs some metres and is let down again (common practice). */
const KEPT_BY_LIFT = 0.5
const MOVES_HOME = 8

/** Most points that a cast can have: a step, and where its rest began to lie, and where the rest ended. */
const MOST_POINTS = 3 * MAX_STEPS + 16

export const newTrack = () => new PathBuffer(MOST_POINTS)

/** The path of a retrieve, point by point. */
export function retrievePath(plan: CastPlan, pieces = PIECES): Path {
  const track = newTrack()
  simulateRetrieve(plan, track, pieces)
  return track.path()
}

/**
 * Follows a retrieve (design: one model for divers and sinkers). Each pull is stepped by the midpoint rule with the line's angle at the lure in
 * closed form; a rest is a free fall or rise on slack line, a swing on taut line. The track is written anew.
 */
export function simulateRetrieve(plan: CastPlan, track: PathBuffer, pieces = PIECES): void {
  track.clear()
  if (plan.heldAboveBottomM !== null) return dropShotPath(plan, plan.heldAboveBottomM, track)
  if (plan.delivery === 'vertical') return verticalPath(plan, track)
  const { retrieveSpeedMps, pauseS, surface, slack } = plan
  const line = new TautLineModel(plan)
  let x = plan.castM
  let z = applyCountDown(plan, track)
  let t = surface ? 0 : plan.countDownS
  const stride = plan.castM / pieces
  let steps = 0
  while (x > LIFTED_AT_M && steps < MAX_STEPS) {
    let left = pauseS > 0 ? plan.pullDurationS : Infinity
    while (left > 1e-9 && x > LIFTED_AT_M && steps < MAX_STEPS) {
      // Never half-way past the rod in one step.
      const dt = Math.min(left, Math.min(stride, x / 2) / retrieveSpeedMps)
      if (surface) x -= retrieveSpeedMps * dt
      else {
        line.pull(x, z)
        line.pull(x + (line.vx * dt) / 2, Math.max(0, z + (line.vz * dt) / 2))
        x += line.vx * dt
        z = inWater(plan, z + line.vz * dt)
      }
      t += dt
      left -= dt
      steps += 1
      track.add(x, z, t)
    }
    if (pauseS === 0) continue
    if (!surface && slack) z = restSlack(plan, track, line.fallMps, x, z, t)
    else if (!surface) {
      line.swing(x, z)
      x = line.x
      z = line.z
    }
    t += pauseS
    track.add(x, z, t)
  }
}

/** Free fall or rise; a point where it meets bottom or surface, so that time lying there is counted there. */
function restSlack(plan: CastPlan, track: PathBuffer, fall: number, x: number, z: number, t: number): number {
  const aim = z + fall * plan.pauseS
  const end = Math.min(plan.depthM, Math.max(0, aim))
  if (end !== aim && Math.abs(fall) > 1e-9) track.add(x, end, t + (end - z) / fall)
  return end
}

/** Dropped under the rod, lifted and let fall again from the bottom. */
function verticalPath(plan: CastPlan, track: PathBuffer): void {
  const fall = Math.max(0.02, sinkRateMps(plan.motion, plan.density))
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
    track.add(UNDER_ROD_M, top, t)
    base = Math.min(floor, top + Math.min(lift * (1 - KEPT_BY_LIFT), fall * plan.pauseS))
    t += plan.pauseS
    track.add(UNDER_ROD_M, base, t)
  }
}

/** A bait held over its sinker, drawn home by small moves. */
function dropShotPath(plan: CastPlan, aboveM: number, track: PathBuffer): void {
  const fall = Math.max(0.02, sinkRateMps(plan.motion, plan.density))
  const z = Math.max(0, plan.depthM - aboveM)
  let t = plan.depthM / fall
  track.add(plan.castM, 0, 0)
  track.add(plan.castM, z, t)
  track.markRetrieveStart()
  for (let i = 1; i <= MOVES_HOME; i++) {
    t += plan.pullDurationS + plan.pauseS
    track.add(plan.castM - (i * (plan.castM - LIFTED_AT_M)) / MOVES_HOME, z, t)
  }
}
