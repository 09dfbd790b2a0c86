import { itemAt } from '../list'
import type { CastPlan } from './cast-plan'
import type { Path } from './types'
import type { PathBuffer } from './path-buffer'

/** Where the fish hold, and how far they will come for a lure. m. */
export interface StrikeRange {
  readonly topM: number
  readonly bottomM: number
  /** They rise this far above the top of the zone, and go this far below its bottom. */
  readonly upM: number
  readonly downM: number
}

/** The water that a path runs through, and how the lure on it fishes. */
export interface Fished extends Pick<CastPlan, 'depthM' | 'fallTaken' | 'blowsOut'> {
  readonly zone: StrikeRange
  /** null: open water. */
  readonly coverTopM: number | null
}

/** What a lure does within the reach of fish, s. */
export interface TimeByDuty {
  /** Sinking: after the cast, and in the rests. */
  readonly fall: number
  readonly pull: number
  /** Hanging, rising or lying still. */
  readonly rest: number
}

export interface ZoneExposure {
  /** Share of the fished time inside the zone itself, 0 … 1: the worked cast, and what of the fall before it fishes in the zone. */
  readonly inZone: number
  /** The same with the water counted to which fish will come, fading with distance. */
  readonly withinReach: number
  /** Share of all the time that a cast takes, its fall through empty water too, in which it fishes within reach of fish. */
  readonly ofAllTime: number
  /** Metres of the cast and of its fall inside the zone. */
  readonly metres: number
  readonly seconds: number
  /** What it does in that reach. */
  readonly byDuty: TimeByDuty
  /** Share of the pulls in which it is drawn along the surface instead of swimming. */
  readonly blownOut: number
  /** Share of the worked cast on the bottom; within a hand of the cover's top; below that top. */
  readonly onBottom: number
  readonly touching: number
  readonly inCover: number
}

/** A lure this near to the cover's top touches it now and then, m. */
const TOUCH_M = 0.25
const ON_BOTTOM_M = 0.05
/** A sinker that is drawn along no deeper than this is on the surface, m. */
const SURFACE_M = 0.04
/** It does not lie still while it sinks faster than this, m/s. */
const SINKING_MPS = 0.02

/** A stretch of a way through the water: points `from` up to, not including, `to`; its work begins at `work`. */
interface Way {
  readonly x: ArrayLike<number>
  readonly z: ArrayLike<number>
  readonly t: ArrayLike<number>
  readonly pulled: ArrayLike<number>
  readonly work: number
  readonly count: number
}

/** Share of a leg from depth `a` to `b`, evenly gone through, that lies between `low` and `high`. */
function between(a: number, b: number, low: number, high: number): number {
  if (a === b) return a >= low && a <= high ? 1 : 0
  const top = a < b ? a : b
  const end = a < b ? b : a
  const inside = (end < high ? end : high) - (top > low ? top : low)
  return inside > 0 ? inside / (end - top) : 0
}

/** Mean over a leg of what grows evenly from 0 at `none` to 1 at `full`, and is none outside the two. */
function slope(a: number, b: number, none: number, full: number): number {
  if (none === full) return 0
  const low = none < full ? none : full
  const high = none < full ? full : none
  if (a === b) return a > low && a < high ? (a - none) / (full - none) : 0
  const top = a < b ? a : b
  const end = a < b ? b : a
  const from = top > low ? top : low
  const to = end < high ? end : high
  return to > from ? (((from + to) / 2 - none) / (full - none)) * ((to - from) / (end - top)) : 0
}

/** Counts time and metres in the zone, on the bottom and in the cover, leg by leg. */
function share({ x, z, t, pulled, work, count }: Way, fished: Fished): ZoneExposure {
  const { zone, depthM, coverTopM, fallTaken, blowsOut } = fished
  const { topM, bottomM, upM, downM } = zone
  const coverM = coverTopM ?? Infinity
  let worked = 0
  let fell = 0
  let inside = 0
  let reach = 0
  let metres = 0
  let bottom = 0
  let touch = 0
  let cover = 0
  let pull = 0
  let blown = 0
  let fallTime = 0
  let pullTime = 0
  let a = 0
  let b = itemAt(z, 0)
  let at = 0
  let till = itemAt(t, 0)
  for (let i = 1; i < count; i++) {
    a = b
    b = itemAt(z, i)
    at = till
    till = itemAt(t, i)
    const dt = till - at
    const low = a < b ? a : b
    const deep = a < b ? b : a
    const isPull = pulled[i] === 1
    const isFall = i <= work
    if (!isFall) {
      worked += dt
      if (deep >= depthM - ON_BOTTOM_M) bottom += dt * between(a, b, depthM - ON_BOTTOM_M, Infinity)
      if (deep >= coverM - TOUCH_M) {
        touch += dt * between(a, b, coverM - TOUCH_M, coverM + TOUCH_M)
        cover += dt * between(a, b, coverM + TOUCH_M, Infinity)
      }
    }
    let fishes = isFall ? fallTaken * dt : dt
    if (isPull) {
      pull += dt
      if (blowsOut && low < SURFACE_M) {
        const up = between(a, b, -Infinity, SURFACE_M)
        blown += dt * up
        fishes *= 1 - up
      }
    }
    if (fishes <= 0 || deep < topM - upM || low > bottomM + downM) continue
    let within = 1
    let near = 1
    if (low < topM || deep > bottomM) {
      within = between(a, b, topM, bottomM)
      near = within + slope(a, b, topM - upM, topM) + slope(a, b, bottomM + downM, bottomM)
    }
    const met = fishes * (near < 1 ? near : 1)
    inside += fishes * within
    reach += met
    // The fall through empty water is no part of the fishing: it costs nothing but time.
    if (isFall) fell += met
    if (within > 0)
      metres += within * (isFall ? Math.abs(b - a) * fallTaken : Math.abs(itemAt(x, i) - itemAt(x, i - 1)))
    if (isPull) pullTime += met
    else if (b - a > SINKING_MPS * dt) fallTime += met
  }
  const all = worked + fell
  const of = (part: number, whole: number) => (whole > 0 ? Math.min(1, part / whole) : 0)
  return {
    inZone: of(inside, all),
    withinReach: of(reach, all),
    ofAllTime: of(reach, till - itemAt(t, 0)),
    metres,
    seconds: inside,
    byDuty: { fall: fallTime, pull: pullTime, rest: Math.max(0, reach - fallTime - pullTime) },
    blownOut: of(blown, pull),
    onBottom: of(bottom, worked),
    touching: of(touch, worked),
    inCover: of(cover, worked),
  }
}

/** How a path meets fish, bottom and cover. */
export function zoneExposure(path: Path, fished: Fished): ZoneExposure {
  return share({ ...path, work: path.retrieveStartIndex, count: path.x.length }, fished)
}

/** The same of a track. */
export function trackShare({ x, z, t, pulled, retrieveStartIndex, count }: PathBuffer, fished: Fished): ZoneExposure {
  return share({ x, z, t, pulled, work: retrieveStartIndex, count }, fished)
}
