import type { Path } from './path'

/** Where the fish hold, and how far they will come for a lure. m. */
export interface Reach {
  readonly topM: number
  readonly bottomM: number
  /** They rise this far above the top of the zone, and go this far below its bottom. */
  readonly upM: number
  readonly downM: number
}

export interface ZoneShare {
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


/** Follows a path and counts time and metres in the zone, on the bottom and in the cover. */
export function shareInZone(path: Path, zone: Reach, depthM: number, coverTopM: number | null): ZoneShare {
  let all = 0
  let inside = 0
  let reach = 0
  let metres = 0
  let bottom = 0
  let touch = 0
  let cover = 0
  for (let i = path.workFrom + 1; i < path.x.length; i++) {
    const z0 = path.z[i - 1] ?? 0
    const z1 = path.z[i] ?? 0
    const pieces = Math.min(MOST_PIECES, Math.ceil(Math.abs(z1 - z0) / PIECE_M) || 1)
    const dt = ((path.t[i] ?? 0) - (path.t[i - 1] ?? 0)) / pieces
    const dx = Math.abs((path.x[i] ?? 0) - (path.x[i - 1] ?? 0)) / pieces
    for (let j = 0; j < pieces; j++) {
      const z = z0 + ((z1 - z0) * (j + 0.5)) / pieces
      all += dt
      if (z >= zone.topM && z <= zone.bottomM) {
        inside += dt
        metres += dx
        reach += dt
      } else if (z < zone.topM) reach += dt * Math.max(0, 1 - (zone.topM - z) / zone.upM)
      else reach += dt * Math.max(0, 1 - (z - zone.bottomM) / zone.downM)
      if (z >= depthM - ON_BOTTOM_M) bottom += dt
      if (coverTopM !== null) {
        if (Math.abs(z - coverTopM) <= TOUCH_M) touch += dt
        if (z > coverTopM + TOUCH_M) cover += dt
      }
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
