import { itemAt } from '../list'
import type { Path } from './path'
import type { PathBuffer } from './path-buffer'

/** Where the fish hold, and how far they will come for a lure. m. */
export interface StrikeRange {
  readonly topM: number
  readonly bottomM: number
  /** They rise this far above the top of the zone, and go this far below its bottom. */
  readonly upM: number
  readonly downM: number
}

export interface ZoneExposure {
  /** Share of the worked cast, by time, inside the zone itself, 0 … 1. */
  readonly inZone: number
  /** The same with the water counted to which fish will come, fading with distance. */
  readonly withinReach: number
  /** Metres of the cast inside the zone. */
  readonly metres: number
  readonly seconds: number
  /** Share of the worked cast on the bottom; within a hand of the cover's top; below that top. */
  readonly onBottom: number
  readonly touching: number
  readonly inCover: number
}

/** A lure this near to the cover's top touches it now and then, m. */
const TOUCH_M = 0.25
const ON_BOTTOM_M = 0.05
/** Legs of the path are counted in pieces no higher than this, m, up to a few. */
const PIECE_M = 0.15
const MOST_PIECES = 8

/** A stretch of a way through the water: points `from` up to, not including, `to`. */
interface Way {
  readonly x: ArrayLike<number>
  readonly z: ArrayLike<number>
  readonly t: ArrayLike<number>
}

/** Counts time and metres in the zone, on the bottom and in the cover, leg by leg. */
function share(
  way: Way,
  from: number,
  to: number,
  zone: StrikeRange,
  depthM: number,
  coverTopM: number | null,
): ZoneExposure {
  const { x, z, t } = way
  const coverM = coverTopM ?? Infinity
  let all = 0
  let inside = 0
  let reach = 0
  let metres = 0
  let bottom = 0
  let touch = 0
  let cover = 0
  for (let i = from + 1; i < to; i++) {
    const z0 = itemAt(z, i - 1)
    const rise = itemAt(z, i) - z0
    const pieces = Math.min(MOST_PIECES, Math.ceil(Math.abs(rise) / PIECE_M) || 1)
    const dt = (itemAt(t, i) - itemAt(t, i - 1)) / pieces
    const dx = Math.abs(itemAt(x, i) - itemAt(x, i - 1)) / pieces
    for (let j = 0; j < pieces; j++) {
      const at = z0 + (rise * (j + 0.5)) / pieces
      all += dt
      if (at < zone.topM) reach += dt * Math.max(0, 1 - (zone.topM - at) / zone.upM)
      else if (at > zone.bottomM) reach += dt * Math.max(0, 1 - (at - zone.bottomM) / zone.downM)
      else {
        reach += dt
        inside += dt
        metres += dx
      }
      if (at >= depthM - ON_BOTTOM_M) bottom += dt
      if (Math.abs(at - coverM) <= TOUCH_M) touch += dt
      if (at > coverM + TOUCH_M) cover += dt
    }
  }
  const of = (part: number) => (all > 0 ? part / all : 0)
  return {
    inZone: of(inside),
    withinReach: of(reach),
    metres,
    seconds: inside,
    onBottom: of(bottom),
    touching: of(touch),
    inCover: of(cover),
  }
}

/** The share of a path, from where its work begins. `coverTopM` null: open water. */
export function zoneExposure(path: Path, zone: StrikeRange, depthM: number, coverTopM: number | null): ZoneExposure {
  return share(path, path.retrieveStartIndex, path.x.length, zone, depthM, coverTopM)
}

/** The same of a track. */
export function trackShare(
  track: PathBuffer,
  zone: StrikeRange,
  depthM: number,
  coverTopM: number | null,
): ZoneExposure {
  return share(track, track.retrieveStartIndex, track.count, zone, depthM, coverTopM)
}
