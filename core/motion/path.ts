import type { Path } from './types'
import { LET_OUT } from '../../data/deliveries'
import { itemAt } from '../list'
import { BeatsAlike } from './beats-alike'
import { BowedLine } from './bowed-line'
import { LIFTED_AT_M, applyCountDown, type CastPlan } from './cast-plan'
import { sinkRateMps } from './pull'
import { PathBuffer } from './path-buffer'
import { behindBallPath, driftedPath, swungPath, trolledPath } from './let-out'
import { verticalPath } from './vertical'
import type { DeliveryId } from '../tackle'

/** Steps of a steady wind at most; pieces of a cast over the surface. */
const MAX_STEPS = 600
const PIECES = 26
/**
 * Under the rod, or held off by a current, rests may give back what pulls win: after so many worked beats in a row that win less than this share of what they wind, the cast is
 * over and the lure is reeled in.
 */
const NO_NEARER = { beats: 3, share: 0.1 } as const
const MOVES_HOME = 8

/** Most points that a cast can have. */
const MOST_POINTS = 12_000

export const newTrack = () => new PathBuffer(MOST_POINTS)
const exactTrack = newTrack()

/** The path of a retrieve, point by point. */
export function retrievePath(plan: CastPlan): Path {
  simulateRetrieve(plan, exactTrack, EXACT)
  return exactTrack.path()
}

/** A step covers this at least, m, however near the rod is; */
const LEAST_STEP_M = 0.2
/** and a rest is cut into no more steps than so many, none shorter than this, s. */
const REST_STEPS = 24
const LEAST_STEP_S = 0.2
/** Shorter than this, s, it is none. */
const LEAST_REST_S = 0.02

/** One line for all casts: a ranking makes thousands. */
const oneLine = new BowedLine()

/** Takes the lure of a plan onto the line, counted down and ready to be worked. Answers with the seconds that went by. */
function readyLine(plan: CastPlan, track: PathBuffer, { near, tries }: Grain): { line: BowedLine; seconds: number } {
  const line = oneLine
  line.take(plan)
  line.near = near
  line.tries = tries
  const { x, y, z } = applyCountDown(plan, track)
  line.lay(x, y, z, plan.countDownS > 0)
  return { line, seconds: plan.countDownS }
}

/** How finely a path is worked. */
interface Grain {
  /** Pieces into which a steady wind is cut at least. */
  readonly pieces: number
  /** Beats of pull and rest that are worked at most; those between are like the one before. */
  readonly beats: number
  /** How near a step comes to its own equations, as a share of the speed; and in how many tries at most. None near, and it takes all its tries: then the path
   * changes smoothly with every figure, as a fit asks of it. */
  readonly near: number
  readonly tries: number
  /** Longest step, s: the line must be able to follow. */
  readonly longestS: number
  /** A step covers no more than this share of what is left to the rod. */
  readonly ofTheRest: number
  /** In a rest the lure goes no farther than this in a step, m. */
  readonly restM: number
}
/** To be drawn and fitted; to be ranked. */
export const EXACT: Grain = { pieces: 32, beats: 60, near: 0, tries: 6, longestS: 1, ofTheRest: 1 / 6, restM: 0.5 }
export const QUICK: Grain = { pieces: 20, beats: 9, near: 0, tries: 6, longestS: 2, ofTheRest: 1 / 4, restM: 1 }

/** Ways of fishing that have a path of their own; all others are worked home on the line. */
const OWN_PATHS: Partial<Record<DeliveryId, (plan: CastPlan, track: PathBuffer) => void>> = {
  vertical: (plan, track) => verticalPath(plan, oneLine, track),
  drift: driftedPath,
  swing: swungPath,
  troll: trolledPath,
  downrigger: behindBallPath,
}

/** Follows a retrieve: each pull and each rest in steps of the lure on its line ({@link BowedLine}). The track is written anew. */
export function simulateRetrieve(plan: CastPlan, track: PathBuffer, grain: Grain = QUICK): void {
  track.clear()
  if (plan.heldAboveBottomM !== null) return dropShotPath(plan, plan.heldAboveBottomM, track)
  const own = OWN_PATHS[plan.delivery]
  if (own) return own(plan, track)
  if (plan.surface) return surfacePath(plan, track)
  const { line, seconds } = readyLine(plan, track, grain)
  if (plan.pauseS < LEAST_REST_S) windHome(plan, line, track, seconds, grain)
  else beatHome(plan, line, track, seconds, grain)
}

/** Steps of a pull, s: no longer than a stride, nor than what is left to the rod allows. */
function pullStepS(
  { castM, retrieveSpeedMps, flowMps }: CastPlan,
  line: BowedLine,
  { pieces, longestS, ofTheRest }: Grain,
): number {
  const pace = Math.max(retrieveSpeedMps, Math.hypot(flowMps[0], flowMps[1]))
  return Math.min(longestS, Math.min(castM / pieces, Math.max(LEAST_STEP_M, ofTheRest * line.chordM)) / pace)
}

function windHome(plan: CastPlan, line: BowedLine, track: PathBuffer, from: number, grain: Grain): void {
  let t = from
  for (let i = 0; line.awayM > LIFTED_AT_M && i < MAX_STEPS; i++) {
    const dt = pullStepS(plan, line, grain)
    line.step(dt, plan.retrieveSpeedMps)
    t += dt
    track.add(line.awayM, line.z, t, 1)
  }
}

function beatHome(plan: CastPlan, line: BowedLine, track: PathBuffer, from: number, grain: Grain): void {
  const { castM, retrieveSpeedMps, pullDurationS } = plan
  const all = castM / (retrieveSpeedMps * pullDurationS)
  const alike = new BeatsAlike(line, track, plan)
  let t = from
  let [nearestM, shortestM, noNearer] = [line.awayM, line.lengthM, 0]
  const winsM = NO_NEARER.share * retrieveSpeedMps * pullDurationS
  const most = plan.delivery === 'still' ? LET_OUT.waits : Infinity
  for (let i = 0; i < most && noNearer < NO_NEARER.beats && line.awayM > LIFTED_AT_M && !track.isFull; i++) {
    alike.begin()
    let end = t
    for (let left = pullDurationS; left > 1e-9 && line.awayM > LIFTED_AT_M;) {
      const dt = Math.min(left, pullStepS(plan, line, grain))
      line.step(dt, retrieveSpeedMps)
      end += dt
      left -= dt
      track.add(line.awayM, line.z, end, 1)
    }
    end = restOut(plan, line, track, end, grain)
    // Few beats are alike at first, while the lure finds its depth.
    const alikeAtMost = Math.round((2 * all * (i + 1)) / (grain.beats * (grain.beats + 1))) - 1
    const more = plan.delivery === 'still' ? 0 : alike.carry(alikeAtMost, end - t)
    t += (1 + more) * (end - t)
    const nearer = line.awayM < nearestM - winsM || line.lengthM < shortestM - winsM
    noNearer = nearer ? 0 : noNearer + 1
    nearestM = Math.min(nearestM, line.awayM)
    shortestM = Math.min(shortestM, line.lengthM)
  }
}

/** A rest in steps over which the lure goes no farther than the bow can follow. Answers with the time after it, s. */
function restOut(plan: CastPlan, line: BowedLine, track: PathBuffer, from: number, { restM }: Grain): number {
  let t = from
  let pace = Math.abs(line.fallMps)
  const until = from + plan.pauseS
  for (let i = 1; until - t > LEAST_REST_S; i++) {
    const stride = i < REST_STEPS ? Math.max(LEAST_STEP_S, restM / pace) : Infinity
    t = rest(plan, line, track, t, Math.min(until - t, stride))
    pace = line.speedMps
  }
  return t
}

/** A part of a rest; a point where it meets the bottom, so that time lying there is counted there. Answers with the time after it, s. */
function rest({ slack, depthM }: CastPlan, line: BowedLine, track: PathBuffer, t: number, dt: number): number {
  const before = line.z
  if (slack) line.follow(dt)
  else line.step(dt, 0)
  if (line.z >= depthM && before < depthM && line.sinkingMps > 0) {
    const falling = (depthM - before) / line.sinkingMps
    if (falling < dt) track.add(line.awayM, depthM, t + falling)
  }
  track.add(line.awayM, line.z, t + dt)
  return t + dt
}

/** Drawn over the surface, pull by pull. */
function surfacePath(plan: CastPlan, track: PathBuffer): void {
  const { castM, retrieveSpeedMps, pauseS, pullDurationS } = plan
  track.add(castM, 0, 0)
  track.markRetrieveStart()
  let x = castM
  let t = 0
  for (let i = 0; x > LIFTED_AT_M && i < MAX_STEPS; i++) {
    const seconds = pauseS > 0 ? pullDurationS : castM / PIECES / retrieveSpeedMps
    x = Math.max(0, x - retrieveSpeedMps * seconds)
    t += seconds
    track.add(x, 0, t, 1)
    if (pauseS === 0) continue
    t += pauseS
    track.add(x, 0, t)
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

/** Depth of the worked part of a path where it passes a distance from the rod, m; where it does not, its nearest end's. */
export function depthOnPath(
  { x, z, retrieveStartIndex }: Pick<Path, 'x' | 'z' | 'retrieveStartIndex'>,
  awayM: number,
): number {
  for (let i = retrieveStartIndex + 1; i < x.length; i++) {
    const [a, b] = [itemAt(x, i - 1), itemAt(x, i)]
    if ((a >= awayM && b <= awayM) || (a <= awayM && b >= awayM))
      return itemAt(z, i - 1) + (itemAt(z, i) - itemAt(z, i - 1)) * (a === b ? 0 : (awayM - a) / (b - a))
  }
  return awayM > itemAt(x, retrieveStartIndex) ? itemAt(z, retrieveStartIndex) : itemAt(z, z.length - 1)
}
