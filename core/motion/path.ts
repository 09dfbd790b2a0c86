import type { BuildMotion } from './build-motion'
import { cotAtLure, lineCurvature } from './line-shape'
import { crossSpeed, freeFallMps, lineTensionN } from './pull'

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
  readonly pullMps: number
  readonly pullS: number
  readonly restS: number
  readonly slack: boolean
  readonly where: 'cast' | 'pitch' | 'under-rod'
  /** Height at which a drop-shot bait is held above the bottom, m; null where the lure itself goes down. */
  readonly heldAboveBottomM: number | null
}

/** The lure's way: `x` m from the rod tip, `z` m deep, `t` s after it touched the water. Equal length. */
export interface Path {
  readonly x: number[]
  readonly z: number[]
  readonly t: number[]
  /** Index at which the count-down ends and the work begins. */
  readonly workFrom: number
}

/** The lure is lifted out this near to the rod, m. */
const LIFTED_AT_M = 1.5
/** Pieces into which a cast is cut at least, and steps at most. */
const PIECES = 26
const MAX_STEPS = 700
const UNDER_ROD_M = 1.2
const DROPS_UNDER_ROD = 12
/** Share of each lift that is kept: the jig climbs some metres and is let down again (common practice). */
const KEPT_BY_LIFT = 0.5
const MOVES_HOME = 8

/** Follows a lure from point to point; `begin` is called where the count-down ends and the work begins. */
export interface Follower {
  begin(): void
  add(x: number, z: number, t: number): void
}

class Tracker implements Follower {
  readonly x: number[] = []
  readonly z: number[] = []
  readonly t: number[] = []
  workFrom = 0
  begin() {
    this.workFrom = Math.max(0, this.x.length - 1)
  }
  add(x: number, z: number, t: number) {
    this.x.push(x)
    this.z.push(z)
    this.t.push(t)
  }
}

/** The path of a retrieve, point by point. */
export function retrievePath(plan: CastPlan, pieces = PIECES): Path {
  const track = new Tracker()
  followCast(plan, track, pieces)
  const { x, z, t, workFrom } = track
  return { x, z, t, workFrom }
}

/** What a cast keeps from its first second to its last. */
interface Steady {
  readonly fall: number
  readonly k: number
  readonly g: number
}

function steadyOf(plan: CastPlan): Steady {
  const flow = Math.hypot(plan.pullMps, plan.currentMps)
  return {
    fall: freeFallMps(plan.motion, plan.density),
    k: lineCurvature(plan.density, plan.lineDiameterM, flow, lineTensionN(plan.motion, plan.density, flow)),
    g: plan.motion.weightN / (0.5 * plan.density * plan.motion.pullDragM2),
  }
}

const inWater = (plan: CastPlan, z: number) => Math.min(plan.depthM, Math.max(0, z))

/**
 * Follows a retrieve (design: one model for divers and sinkers). Each pull is stepped by the midpoint rule with the line's angle at the lure in
 * closed form; a rest is a free fall or rise on slack line, a swing on taut line. The line is taken as towed at the speed of the pull, which
 * overstates its sag while it is wound: thick line and long casts come out a little shallow.
 */
export function followCast(plan: CastPlan, track: Follower, pieces = PIECES): void {
  if (plan.heldAboveBottomM !== null) return held(plan, plan.heldAboveBottomM, track)
  if (plan.where === 'under-rod') return underRod(plan, track)
  const steady = steadyOf(plan)
  let x = plan.castM
  let z = countedDown(plan, steady.fall, track)
  let t = plan.surface ? 0 : plan.countDownS
  const stride = plan.castM / pieces
  let steps = 0
  while (x > LIFTED_AT_M && steps < MAX_STEPS) {
    let left = plan.restS > 0 ? plan.pullS : Infinity
    while (left > 1e-9 && x > LIFTED_AT_M && steps < MAX_STEPS) {
      // Never half-way past the rod in one step.
      const dt = Math.min(left, Math.min(stride, x / 2) / plan.pullMps)
      const next = plan.surface ? { x: x - plan.pullMps * dt, z: 0 } : pulled(plan, steady, x, z, dt)
      x = next.x
      z = inWater(plan, next.z)
      t += dt
      left -= dt
      steps += 1
      track.add(x, z, t)
    }
    if (plan.restS === 0) continue
    if (!plan.surface && plan.slack) z = restSlack(plan, track, steady.fall, x, z, t)
    else if (!plan.surface) {
      const next = swung(plan, steady, x, z)
      x = next.x
      z = next.z
    }
    t += plan.restS
    track.add(x, z, t)
  }
}

/** The fall on slack line while the angler counts, and the time lying on the bottom that still belongs to the count. */
function countedDown(plan: CastPlan, fall: number, track: Follower): number {
  track.add(plan.castM, 0, 0)
  if (plan.countDownS <= 0 || plan.surface) {
    track.begin()
    return 0
  }
  const z = inWater(plan, fall * plan.countDownS)
  const untilBottom = Math.min(plan.countDownS, plan.depthM / Math.max(fall, 1e-6))
  track.add(plan.castM, z, untilBottom)
  if (untilBottom < plan.countDownS) track.add(plan.castM, z, plan.countDownS)
  track.begin()
  return z
}

/** Pieces of a glance. */
const GLANCES = 8

/**
 * A glance at the path: pulls and rests run together into one even movement, in a few long steps. Good to some centimetres for a steady
 * wind and to a beat's height otherwise; the ranking glances at every cast and throws only those that may win.
 */
export function glanceCast(plan: CastPlan, track: Follower): void {
  if (plan.surface) {
    track.add(plan.castM, 0, 0)
    track.begin()
    return track.add(LIFTED_AT_M, 0, plan.castM / plan.pullMps)
  }
  if (plan.restS === 0 || plan.heldAboveBottomM !== null || plan.where === 'under-rod')
    return followCast(plan, track, GLANCES)
  const steady = steadyOf(plan)
  const beatS = plan.pullS + plan.restS
  let x = plan.castM
  let z = countedDown(plan, steady.fall, track)
  let t = plan.countDownS
  const beats = plan.castM / (plan.pullMps * plan.pullS) / GLANCES
  for (let i = 0; i < GLANCES && x > LIFTED_AT_M; i++) {
    // To the middle of the stretch and then, with what holds there, over all of it.
    const first = beatMove(plan, steady, x, z)
    const middle = beatMove(
      plan,
      steady,
      Math.max(0.1, x + (first.x * beats) / 2),
      inWater(plan, z + (first.z * beats) / 2),
    )
    x += middle.x * beats
    z = inWater(plan, z + middle.z * beats)
    // The saw of pull and rest: once at its height, once where the rest ends.
    track.add(x, inWater(plan, z - middle.sawM), t + (plan.pullS + plan.restS / 4) * beats)
    t += beatS * beats
    track.add(x, z, t)
  }
}

/** What one beat of pull and rest moves a lure, and how far its rest falls back of what its pull rose. */
function beatMove(plan: CastPlan, steady: Steady, x: number, z: number) {
  const v = velocity(plan, steady, x, z)
  const rest = plan.slack ? { x, z: z + steady.fall * plan.restS } : swung(plan, steady, x, z)
  const dropM = rest.z - z
  const riseM = -v.z * plan.pullS
  const sawM = Math.sign(dropM) === Math.sign(riseM) ? Math.sign(dropM) * Math.min(Math.abs(dropM), Math.abs(riseM)) : 0
  return { x: v.x * plan.pullS + rest.x - x, z: v.z * plan.pullS + dropM, sawM }
}

function pulled(plan: CastPlan, steady: Steady, x: number, z: number, dt: number) {
  const a = velocity(plan, steady, x, z)
  const b = velocity(plan, steady, x + (a.x * dt) / 2, Math.max(0, z + (a.z * dt) / 2))
  return { x: x + b.x * dt, z: z + b.z * dt }
}

function velocity(plan: CastPlan, { k, g }: Steady, x: number, z: number) {
  const { cos, sin } = lineAngle(plan, k, x, z)
  const v = crossSpeed(plan.pullMps, plan.motion.planeTan, g, cos)
  return { x: -(plan.pullMps * cos + v * sin), z: v * cos - plan.pullMps * sin }
}

/**
 * A towed line may hang in a bight that leads away from the rod; a line that is wound in does not. Its angle at the lure is held to no steeper
 * than this share of the straight line's cotangent.
 */
const LEAST_COT = 0.3

function lineAngle(plan: CastPlan, k: number, atX: number, atZ: number) {
  const x = Math.max(atX, 0.05)
  const z = Math.max(atZ, 1e-4)
  const h = Math.max(plan.rodTipM, 0)
  const cot = Math.max(cotAtLure(k, x, z, h), (LEAST_COT * x) / (z + h))
  const sin = 1 / Math.sqrt(1 + cot * cot)
  return { cos: cot * sin, sin }
}

/** Free fall or rise; a point where it meets bottom or surface, so that time lying there is counted there. */
function restSlack(plan: CastPlan, track: Follower, fall: number, x: number, z: number, t: number): number {
  const aim = z + fall * plan.restS
  const end = Math.min(plan.depthM, Math.max(0, aim))
  if (end !== aim && Math.abs(fall) > 1e-9) track.add(x, end, t + (end - z) / fall)
  return end
}

/** A rest on taut line: it swings down towards the rod along an arc, or rises along one. */
function swung(plan: CastPlan, { k, g }: Steady, x: number, z: number) {
  const { cos, sin } = lineAngle(plan, k, x, z)
  const v = crossSpeed(0, 0, g, cos)
  const goal = z + v * cos * plan.restS
  const end = Math.min(plan.depthM, Math.max(0, goal))
  const share = goal === z ? 0 : (end - z) / (goal - z)
  return { x: x - v * sin * plan.restS * share, z: end }
}

/** Dropped under the rod, lifted and let fall again from the bottom. */
function underRod(plan: CastPlan, track: Follower): void {
  const fall = Math.max(0.02, freeFallMps(plan.motion, plan.density))
  const floor = plan.depthM
  const lift = plan.pullMps * plan.pullS
  let t = floor / fall
  let base = floor
  track.add(UNDER_ROD_M, 0, 0)
  track.add(UNDER_ROD_M, floor, t)
  track.begin()
  for (let i = 0; i < DROPS_UNDER_ROD; i++) {
    const top = Math.max(0, base - lift)
    t += plan.pullS
    track.add(UNDER_ROD_M, top, t)
    base = Math.min(floor, top + Math.min(lift * (1 - KEPT_BY_LIFT), fall * plan.restS))
    t += plan.restS
    track.add(UNDER_ROD_M, base, t)
  }
}

/** A bait held over its sinker, drawn home by small moves. */
function held(plan: CastPlan, aboveM: number, track: Follower): void {
  const fall = Math.max(0.02, freeFallMps(plan.motion, plan.density))
  const z = Math.max(0, plan.depthM - aboveM)
  let t = plan.depthM / fall
  track.add(plan.castM, 0, 0)
  track.add(plan.castM, z, t)
  track.begin()
  for (let i = 1; i <= MOVES_HOME; i++) {
    t += plan.pullS + plan.restS
    track.add(plan.castM - (i * (plan.castM - LIFTED_AT_M)) / MOVES_HOME, z, t)
  }
}
