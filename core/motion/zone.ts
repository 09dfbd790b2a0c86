import type { Follower, Path } from './path'

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

/** Counts time and metres in the zone, on the bottom and in the cover while a lure goes by. */
export class ZoneTally implements Follower {
  private x = 0
  private z = 0
  private t = 0
  private working = false
  private all = 0
  private inside = 0
  private reach = 0
  private metres = 0
  private bottom = 0
  private touch = 0
  private cover = 0

  constructor(
    private readonly zone: Reach,
    private readonly depthM: number,
    private readonly coverTopM: number | null,
  ) {}

  begin() {
    this.working = true
  }

  add(x: number, z: number, t: number) {
    if (this.working) this.leg(this.z, z, t - this.t, Math.abs(x - this.x))
    this.x = x
    this.z = z
    this.t = t
  }

  private leg(z0: number, z1: number, seconds: number, metres: number) {
    const { zone, coverTopM } = this
    const pieces = Math.min(MOST_PIECES, Math.ceil(Math.abs(z1 - z0) / PIECE_M) || 1)
    const dt = seconds / pieces
    for (let j = 0; j < pieces; j++) {
      const z = z0 + ((z1 - z0) * (j + 0.5)) / pieces
      this.all += dt
      if (z >= zone.topM && z <= zone.bottomM) {
        this.inside += dt
        this.metres += metres / pieces
        this.reach += dt
      } else if (z < zone.topM) this.reach += dt * Math.max(0, 1 - (zone.topM - z) / zone.upM)
      else this.reach += dt * Math.max(0, 1 - (z - zone.bottomM) / zone.downM)
      if (z >= this.depthM - ON_BOTTOM_M) this.bottom += dt
      if (coverTopM !== null) {
        if (Math.abs(z - coverTopM) <= TOUCH_M) this.touch += dt
        if (z > coverTopM + TOUCH_M) this.cover += dt
      }
    }
  }

  share(): ZoneShare {
    const of = (part: number) => (this.all > 0 ? part / this.all : 0)
    return {
      inZone: of(this.inside),
      withinReach: of(this.reach),
      metres: this.metres,
      seconds: this.inside,
      onBottom: of(this.bottom),
      touching: of(this.touch),
      inCover: of(this.cover),
    }
  }
}

/** The share of a path already drawn. */
export function shareInZone(path: Path, zone: Reach, depthM: number, coverTopM: number | null): ZoneShare {
  const tally = new ZoneTally(zone, depthM, coverTopM)
  for (let i = path.workFrom; i < path.x.length; i++) {
    tally.add(path.x[i] ?? 0, path.z[i] ?? 0, path.t[i] ?? 0)
    tally.begin()
  }
  return tally.share()
}
