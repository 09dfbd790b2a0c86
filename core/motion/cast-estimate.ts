import { LIFTED_AT_M, applyCountDown, inWater, isTowed, type CastPlan } from './cast-plan'
import { GlanceBeat } from './glance-beat'
import { GlanceLine } from './glance-line'
import { simulateRetrieve } from './path'
import { sinkRateMps } from './pull'
import type { PathBuffer } from './path-buffer'

/** Pieces of a steady wind, and places in which a beat is worked. */
const PIECES = 32
const MOST_PIECES = 48
const PLACES = 5
const MOST_PLACES = 14
/** A stretch covers no more than this share of what is left to the rod. */
const OF_THE_REST = 0.5
/** Rests from which a glance no longer holds, s, for what sinks or rises more slowly than this, m/s. */
export const LONG_REST_S = 5
const HARDLY_SINKS_MPS = 0.06
const SUM_OF_PLACES = (PLACES * (PLACES + 1)) / 2

/**
 * A coarse path. The line's bow is taken as settled ({@link GlanceLine}); of
 * pulls and rests one beat is worked in a few places, and the beats up to the next are taken to be like it. How far it may be out is measured in the tests:
 * the ranking estimates every cast, and works only those that may win. The track is written anew.
 */
export function estimateCast(plan: CastPlan, track: PathBuffer): void {
  track.clear()
  const { castM, retrieveSpeedMps, pauseS } = plan
  if (plan.surface && isTowed(plan)) {
    track.add(castM, 0, 0)
    track.markRetrieveStart()
    return track.add(LIFTED_AT_M, 0, castM / retrieveSpeedMps, 1)
  }
  if (!isTowed(plan) || hangsOnLine(plan)) return simulateRetrieve(plan, track)
  if (pauseS > 0) return estimateBeats(plan, track)
  estimateWind(plan, track)
}

/**
 * Left still for long, a lure of hardly any weight goes where its line takes it, by metres: no glance tells that.
 */
function hangsOnLine({ motion, density, pauseS, slack }: CastPlan): boolean {
  return slack && pauseS >= LONG_REST_S && Math.abs(sinkRateMps(motion, density)) < HARDLY_SINKS_MPS
}

/** As Math.hypot, which is slow: thousands of casts are asked. */
const far = (x: number, y: number) => Math.sqrt(x * x + y * y)

function estimateWind(plan: CastPlan, track: PathBuffer): void {
  const line = new GlanceLine(plan)
  let { x, y, z } = begun(plan, line, track)
  let t = plan.countDownS
  const dt = plan.castM / plan.retrieveSpeedMps / PIECES
  for (let i = 0; i < MOST_PIECES && far(x, y) > LIFTED_AT_M; i++) {
    // To the middle of the stretch and then, with what holds there, over all of it.
    line.pull(x, y, z)
    line.pull(x + (line.vx * dt) / 2, y + (line.vy * dt) / 2, inWater(plan, z + (line.vz * dt) / 2))
    const part = shareToRod(x, y, line.vx * dt, line.vy * dt)
    x += line.vx * dt * part
    y += line.vy * dt * part
    z = inWater(plan, z + line.vz * dt * part)
    t += dt * part
    track.add(far(x, y), z, t, 1)
  }
}

function estimateBeats(plan: CastPlan, track: PathBuffer): void {
  const beat = new GlanceBeat(plan)
  const drifts = plan.flowMps[0] !== 0 || plan.flowMps[1] !== 0
  const { castM, retrieveSpeedMps, pullDurationS, pauseS } = plan
  let { x, y, z } = begun(plan, beat.line, track)
  let t = plan.countDownS
  const all = Math.max(1, castM / (retrieveSpeedMps * pullDurationS))
  let lineM = far(far(x, y), z + plan.rodTipM)
  for (let i = 0; i < MOST_PLACES && far(x, y) > LIFTED_AT_M; i++) {
    beat.from(x, y, z)
    // Few beats are alike at first, while the lure finds its depth, and few near the rod, which lifts it.
    const beats = Math.max(1, Math.min((all * (i + 1)) / SUM_OF_PLACES, beatsLeft(x, y, beat) * OF_THE_REST))
    // To the middle of the stretch and then, with what holds there, over all of it.
    beat.from(x + (beat.dx * beats) / 2, y + (beat.dy * beats) / 2, inWater(plan, z + (beat.dz * beats) / 2))
    const part = shareToRod(x, y, beat.dx * beats, beat.dy * beats)
    x += beat.dx * beats * part
    y += beat.dy * beats * part
    z = inWater(plan, z + beat.dz * beats * part)
    const beatsGone = beats * part
    // No farther than the line that is out, however the water carries it.
    lineM -= retrieveSpeedMps * pullDurationS * beatsGone
    const most = Math.sqrt(Math.max(LIFTED_AT_M ** 2, lineM * lineM - (z + plan.rodTipM) ** 2))
    const held = drifts ? Math.min(1, most / Math.max(LIFTED_AT_M, far(x, y))) : 1
    x *= held
    y *= held
    // The saw of pull and rest as one tooth: to its point, back, and what is left of the rest.
    const away = far(x, y)
    track.add(away, inWater(plan, z - beat.backM), t + pullDurationS * beatsGone, 1)
    track.add(away, z, t + (pullDurationS + beat.backS) * beatsGone)
    t += (pullDurationS + pauseS) * beatsGone
    track.add(away, z, t)
  }
}

/** Beats to the rod if each brings the lure as much nearer as this one; without end where it does not. */
function beatsLeft(x: number, y: number, { dx, dy }: Pick<GlanceBeat, 'dx' | 'dy'>): number {
  const away = far(x, y)
  const nearer = -(x * dx + y * dy) / away
  return nearer > 0 ? away / nearer : Infinity
}

/** Share of a way that is gone when it passes the rod, or all of it. */
function shareToRod(x: number, y: number, dx: number, dy: number): number {
  const square = dx * dx + dy * dy
  const nearest = square > 0 ? -(x * dx + y * dy) / square : 1
  return nearest > 0 && nearest < 1 && far(x + nearest * dx, y + nearest * dy) < LIFTED_AT_M ? nearest : 1
}

/** Where the work begins: slack that is wound in has lifted the lure. */
function begun(plan: CastPlan, line: GlanceLine, track: PathBuffer) {
  const { x, y, z } = applyCountDown(plan, track)
  return { x, y, z: z - (plan.countDownS > 0 ? line.liftBySlackM(z) : 0) }
}
