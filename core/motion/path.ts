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
const DROPS_UNDER_ROD = 6

class Track {
  readonly x: number[] = []
  readonly z: number[] = []
  readonly t: number[] = []
  constructor(private readonly plan: CastPlan) {}
  add(x: number, z: number, t: number) {
    this.x.push(x)
    this.z.push(Math.min(this.plan.depthM, Math.max(0, z)))
    this.t.push(t)
  }
}

/**
 * The path of a retrieve (design: one model for divers and sinkers). Each pull is stepped by the midpoint rule with the line's angle at
 * the lure in closed form; a rest is a free fall or rise on slack line, a swing on taut line. The line is taken as towed at the speed of the
 * pull, which overstates its sag while it is wound: thick line and long casts come out a little shallow.
 */
export function retrievePath(plan: CastPlan, pieces = PIECES): Path {
  const track = new Track(plan)
  if (plan.heldAboveBottomM !== null) return held(plan, track)
  if (plan.where === 'under-rod') return underRod(plan, track)
  const fall = freeFallMps(plan.motion, plan.density)
  let x = plan.castM
  let z = plan.surface ? 0 : Math.min(plan.depthM, Math.max(0, fall * plan.countDownS))
  let t = 0
  track.add(x, 0, 0)
  if (plan.countDownS > 0 && !plan.surface) {
    // Time lying on the bottom before the first pull still belongs to the count.
    const untilBottom = Math.min(plan.countDownS, plan.depthM / Math.max(fall, 1e-6))
    t = plan.countDownS
    track.add(x, z, untilBottom)
    if (untilBottom < t) track.add(x, z, t)
  }
  const workFrom = track.x.length - 1
  const flow = Math.hypot(plan.pullMps, plan.currentMps)
  const k = lineCurvature(plan.density, plan.lineDiameterM, flow, lineTensionN(plan.motion, plan.density, flow))
  const g = plan.motion.weightN / (0.5 * plan.density * plan.motion.pullDragM2)
  const beats = plan.restS > 0
  const stride = plan.castM / pieces
  while (x > LIFTED_AT_M && track.x.length < MAX_STEPS) {
    let left = beats ? plan.pullS : Infinity
    while (left > 1e-9 && x > LIFTED_AT_M && track.x.length < MAX_STEPS) {
      // Never half-way past the rod in one step.
      const dt = Math.min(left, Math.min(stride, x / 2) / plan.pullMps)
      const next = plan.surface ? { x: x - plan.pullMps * dt, z: 0 } : pulled(plan, k, g, x, z, dt)
      x = next.x
      z = Math.min(plan.depthM, Math.max(0, next.z))
      t += dt
      left -= dt
      track.add(x, z, t)
    }
    if (!beats) continue
    if (!plan.surface) {
      if (plan.slack) {
        z = restSlack(plan, track, fall, x, z, t)
      } else {
        const next = swung(k, g, plan, x, z)
        x = next.x
        z = next.z
      }
    }
    t += plan.restS
    track.add(x, z, t)
  }
  return { x: track.x, z: track.z, t: track.t, workFrom }
}

/** Pieces of a glance. */
const GLANCES = 7

/**
 * A glance at the path: pulls and rests run together into one even movement, in a few long steps. Good to some centimetres for a steady
 * wind and to a beat's height otherwise; the ranking glances at every cast and throws only those that may win.
 */
export function glancePath(plan: CastPlan): Path {
  if (plan.surface) return { x: [plan.castM, LIFTED_AT_M], z: [0, 0], t: [0, plan.castM / plan.pullMps], workFrom: 0 }
  if (plan.restS === 0) return retrievePath(plan, GLANCES)
  if (plan.heldAboveBottomM !== null || plan.where === 'under-rod') return retrievePath(plan)
  const track = new Track(plan)
  const fall = freeFallMps(plan.motion, plan.density)
  const flow = Math.hypot(plan.pullMps, plan.currentMps)
  const k = lineCurvature(plan.density, plan.lineDiameterM, flow, lineTensionN(plan.motion, plan.density, flow))
  const g = plan.motion.weightN / (0.5 * plan.density * plan.motion.pullDragM2)
  const beat = plan.pullS + plan.restS
  let x = plan.castM
  let z = Math.min(plan.depthM, Math.max(0, fall * plan.countDownS))
  let t = plan.countDownS
  track.add(x, z, t)
  const beats = plan.castM / (plan.pullMps * plan.pullS) / GLANCES
  for (let i = 0; i < GLANCES && x > LIFTED_AT_M; i++) {
    const v = velocity(plan, k, g, x, z)
    const rest = plan.slack ? { x, z: z + fall * plan.restS } : swung(k, g, plan, x, z)
    const dropM = rest.z - z
    x += (v.x * plan.pullS + rest.x - x) * beats
    z = Math.min(plan.depthM, Math.max(0, z + (v.z * plan.pullS + dropM) * beats))
    // The saw of pull and rest, once up and once down about the mean.
    track.add(x, z - dropM / 2, t + (beat * beats) / 2)
    t += beat * beats
    track.add(x, z + dropM / 2, t)
  }
  return { x: track.x, z: track.z, t: track.t, workFrom: 0 }
}

function pulled(plan: CastPlan, k: number, g: number, x: number, z: number, dt: number) {
  const a = velocity(plan, k, g, x, z)
  const b = velocity(plan, k, g, x + (a.x * dt) / 2, Math.max(0, z + (a.z * dt) / 2))
  return { x: x + b.x * dt, z: z + b.z * dt }
}

function velocity(plan: CastPlan, k: number, g: number, x: number, z: number) {
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
function restSlack(plan: CastPlan, track: Track, fall: number, x: number, z: number, t: number): number {
  const aim = z + fall * plan.restS
  const end = Math.min(plan.depthM, Math.max(0, aim))
  if (end !== aim && Math.abs(fall) > 1e-9) track.add(x, end, t + (end - z) / fall)
  return end
}

/** A rest on taut line: it swings down towards the rod along an arc, or rises along one. */
function swung(k: number, g: number, plan: CastPlan, x: number, z: number) {
  const { cos, sin } = lineAngle(plan, k, x, z)
  const v = crossSpeed(0, 0, g, cos)
  const goal = z + v * cos * plan.restS
  const end = Math.min(plan.depthM, Math.max(0, goal))
  const share = goal === z ? 0 : (end - z) / (goal - z)
  return { x: x - v * sin * plan.restS * share, z: end }
}

/** Dropped under the rod, lifted and let fall again from the bottom. */
function underRod(plan: CastPlan, track: Track): Path {
  const fall = Math.max(0.02, freeFallMps(plan.motion, plan.density))
  const floor = plan.depthM
  let t = floor / fall
  track.add(UNDER_ROD_M, 0, 0)
  track.add(UNDER_ROD_M, floor, t)
  const lift = plan.pullMps * plan.pullS
  const gain = 0.25
  let base = floor
  for (let i = 0; i < DROPS_UNDER_ROD; i++) {
    const top = Math.max(0, base - lift)
    t += plan.pullS
    track.add(UNDER_ROD_M, top, t)
    base = Math.min(floor, top + Math.min(lift * (1 - gain), fall * plan.restS))
    t += plan.restS
    track.add(UNDER_ROD_M, base, t)
  }
  return { x: track.x, z: track.z, t: track.t, workFrom: 1 }
}

/** A bait held over its sinker, drawn home by small moves. */
function held(plan: CastPlan, track: Track): Path {
  const fall = Math.max(0.02, freeFallMps(plan.motion, plan.density))
  const above = plan.heldAboveBottomM ?? 0
  const z = Math.max(0, plan.depthM - above)
  track.add(plan.castM, 0, 0)
  let t = plan.depthM / fall
  track.add(plan.castM, z, t)
  const beats = 8
  for (let i = 1; i <= beats; i++) {
    t += plan.pullS + plan.restS
    track.add(plan.castM - (i * (plan.castM - LIFTED_AT_M)) / beats, z, t)
  }
  return { x: track.x, z: track.z, t: track.t, workFrom: 1 }
}
