import { LIFTED_AT_M, applyCountDown, inWater, isTowed, type CastPlan } from './cast-plan'
import { simulateRetrieve } from './path'
import { GlanceLine } from './glance-line'
import type { PathBuffer } from './path-buffer'

/** Pieces of a coarse path. */
const GLANCES = 8

/**
 * A coarse path: pulls and rests run together into one even movement, in a few long steps. In a steady wind its mean depth is good to
 * 5 cm on most lures and half a metre on heavy spoons, otherwise to a beat's height; the ranking estimates every cast and casts only those
 * that may win. The track is written anew.
 */
export function estimateCast(plan: CastPlan, track: PathBuffer): void {
  track.clear()
  const { castM, retrieveSpeedMps, pullDurationS, pauseS } = plan
  if (plan.surface) {
    track.add(castM, 0, 0)
    track.markRetrieveStart()
    return track.add(LIFTED_AT_M, 0, castM / retrieveSpeedMps)
  }
  if (!isTowed(plan)) return simulateRetrieve(plan, track)
  const begun = applyCountDown(plan, track)
  const beat = new Beat(plan)
  let x = Math.hypot(begun.x, begun.y)
  let z = begun.z - (plan.countDownS > 0 ? beat.line.liftBySlackM(begun.z) : 0)
  let t = plan.countDownS
  const pause = pauseS > 0
  const beats = x / (retrieveSpeedMps * pullDurationS) / GLANCES
  for (let i = 0; i < GLANCES && x > LIFTED_AT_M; i++) {
    // To the middle of the stretch and then, with what holds there, over all of it.
    beat.from(x, z)
    beat.from(Math.max(0.1, x + (beat.dx * beats) / 2), inWater(plan, z + (beat.dz * beats) / 2))
    x += beat.dx * beats
    z = inWater(plan, z + beat.dz * beats)
    // The saw of pull and rest: once at its height, once where the rest ends.
    if (pause) track.add(x, inWater(plan, z - beat.oscillationM), t + (pullDurationS + pauseS / 4) * beats)
    t += (pullDurationS + pauseS) * beats
    track.add(x, z, t)
  }
}

/** What one beat of pull and rest moves a lure, m, and how far its rest falls back of what its pull rose. */
class Beat {
  dx = 0
  dz = 0
  oscillationM = 0
  readonly line: GlanceLine

  constructor(private readonly plan: CastPlan) {
    this.line = new GlanceLine(plan)
  }

  from(x: number, z: number): void {
    const { plan, line } = this
    line.pull(x, z)
    const risenM = -line.vz * plan.pullDurationS
    this.dx = line.vx * plan.pullDurationS
    let restM = line.fallMps * plan.pauseS
    if (!plan.slack && plan.pauseS > 0) {
      line.swing(x, z)
      this.dx += line.x - x
      restM = line.z - z
    }
    this.dz = restM - risenM
    this.oscillationM = restM > 0 === risenM > 0 ? Math.sign(restM) * Math.min(Math.abs(restM), Math.abs(risenM)) : 0
  }
}
