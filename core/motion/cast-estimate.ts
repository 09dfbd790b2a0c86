import { LIFTED_AT_M, applyCountDown, inWater, isTowed, type CastPlan } from './cast-plan'
import { GlanceLine } from './glance-line'
import { readyLine, simulateRetrieve } from './path'
import type { PathBuffer } from './path-buffer'

/** Pieces of a steady wind, and places in which a beat is worked. */
const PIECES = 8
const MOST_PIECES = 12
const PLACES = 4
const SUM_OF_PLACES = (PLACES * (PLACES + 1)) / 2
/** How near a step of a coarse path comes to its own equations, as a share of the speed. */
const ROUGH = 0.3

/**
 * A coarse path. A steady wind goes by a line whose bow has settled ({@link GlanceLine}); of
 * pulls and rests one beat is worked in a few places, and the beats up to the next are taken to be like it. How far it may be out is measured in the tests:
 * the ranking estimates every cast, and works only those that may win. The track is written anew.
 */
export function estimateCast(plan: CastPlan, track: PathBuffer): void {
  track.clear()
  const { castM, retrieveSpeedMps, pauseS } = plan
  if (plan.surface) {
    track.add(castM, 0, 0)
    track.markRetrieveStart()
    return track.add(LIFTED_AT_M, 0, castM / retrieveSpeedMps)
  }
  if (!isTowed(plan)) return simulateRetrieve(plan, track)
  if (pauseS > 0) return estimateBeats(plan, track)
  estimateWind(plan, track)
}

function estimateWind(plan: CastPlan, track: PathBuffer): void {
  const line = new GlanceLine(plan)
  const begun = applyCountDown(plan, track)
  let { x, y } = begun
  let z = begun.z - (plan.countDownS > 0 ? line.liftBySlackM(begun.z) : 0)
  let t = plan.countDownS
  const dt = plan.castM / plan.retrieveSpeedMps / PIECES
  for (let i = 0; i < MOST_PIECES && Math.hypot(x, y) > LIFTED_AT_M; i++) {
    // To the middle of the stretch and then, with what holds there, over all of it.
    line.pull(x, y, z)
    line.pull(x + (line.vx * dt) / 2, y + (line.vy * dt) / 2, inWater(plan, z + (line.vz * dt) / 2))
    x += line.vx * dt
    y += line.vy * dt
    z = inWater(plan, z + line.vz * dt)
    t += dt
    track.add(Math.hypot(x, y), z, t)
  }
}

function estimateBeats(plan: CastPlan, track: PathBuffer): void {
  const { castM, retrieveSpeedMps, pullDurationS, pauseS } = plan
  const { line, seconds } = readyLine(plan, track, ROUGH)
  const all = Math.max(1, castM / (retrieveSpeedMps * pullDurationS))
  let t = seconds
  for (let i = 0; i < 2 * PLACES && line.awayM > LIFTED_AT_M; i++) {
    // Few beats are alike at first, while the lure finds its depth.
    const beats = Math.max(1, (all * (i + 1)) / SUM_OF_PLACES)
    const [x, y, z] = [line.x, line.y, line.z]
    line.step(pullDurationS, retrieveSpeedMps)
    const pulledZ = line.z
    if (plan.slack) line.follow(pauseS)
    else line.step(pauseS, 0)
    const drop = line.z - pulledZ
    const more = beats - 1
    line.shift((line.x - x) * more, (line.y - y) * more, (line.z - z) * more)
    // The saw of pull and rest: once at its height, once where the rest ends.
    track.add(line.awayM, inWater(plan, line.z - drop), t + (pullDurationS + pauseS / 4) * beats)
    t += (pullDurationS + pauseS) * beats
    track.add(line.awayM, line.z, t)
  }
}
