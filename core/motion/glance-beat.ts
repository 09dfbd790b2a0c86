import type { CastPlan } from './cast-plan'
import { GlanceLine } from './glance-line'

/** Nearer to the bottom than this, m, it lies there. */
const LIES_M = 0.01

/** One beat of pull and rest at a glance, left in its own fields. */
export class GlanceBeat {
  /** What it moves the lure: away from the rod, across and down, m. */
  dx = 0
  dy = 0
  dz = 0
  /** How far its rest falls back of what its pull rose (or rises back of what it dived), m, and after how many seconds of rest. */
  backM = 0
  backS = 0

  readonly line: GlanceLine

  constructor(private readonly plan: CastPlan) {
    this.line = new GlanceLine(plan)
  }

  from(x: number, y: number, z: number): void {
    const { line } = this
    const { pullDurationS, pauseS, groundMps, depthM } = this.plan
    line.pull(x, y, z)
    const pulledM = line.vz * pullDurationS
    this.dx = line.vx * pullDurationS
    this.dy = line.vy * pullDurationS
    line.rest(x, y, z)
    const restM = line.vz * pauseS
    const goesBack = restM > 0 !== pulledM > 0 && restM !== 0
    this.backM = goesBack ? Math.sign(restM) * Math.min(Math.abs(restM), Math.abs(pulledM)) : 0
    this.backS = goesBack ? this.backM / line.vz : 0
    // What has fallen back to the bottom lies there until the next pull.
    const liesS = z >= depthM - LIES_M && restM > 0 ? pauseS - this.backS : 0
    this.dx += line.vx * (pauseS - liesS) + groundMps[0] * liesS
    this.dy += line.vy * (pauseS - liesS) + groundMps[1] * liesS
    this.dz = pulledM + restM
  }
}
