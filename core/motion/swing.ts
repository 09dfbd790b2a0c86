import type { BuildMotion } from './build-motion'
import { trollingDepth, type TowLine } from './troll'

/** A lure on a taut line in a river, seen from above: where it is, how fast the water goes past it along its line, and how deep it rides. */
export interface SwingPoint {
  readonly t: number
  /** Across the stream and down it from the rod, m. */
  readonly acrossM: number
  readonly downM: number
  /** Angle of the line to straight across, degrees: 0 across, 90 straight below. */
  readonly angleDeg: number
  readonly flowMps: number
  readonly depthM: number
}

export interface Swing {
  readonly motion: BuildMotion
  readonly density: number
  readonly line: TowLine
  readonly castM: number
  /** Angle of the cast: 0 straight across, positive downstream, negative upstream; degrees, −60 … 80. */
  readonly angleDeg: number
  readonly currentMps: number
  /** Line wound in, m/s; 0 lets it swing. */
  readonly retrieveSpeedMps: number
  readonly tipM: number
}

const STEP_S = 0.25
const LONGEST_S = 180
/** Nearer than this, m, it is lifted out; nearer than this to straight below, degrees, it hangs there. */
const HOME_M = 2
const BELOW_DEG = 86

/**
 * Swing across a current on taut line: the stream carries the lure along the arc at V·cos θ, while the line gives it only what is wound in; so
 * dθ/dt = V·cos θ / R, dR/dt = −r. Along the line the water passes at V·sin θ + r, and the lure rides as deep as a lure trolled at that speed: it begins deep and is lifted as
 * the line comes round. The line's own drag across the stream (its belly) is left out: real swings are a little quicker.
 */
export function swing({
  motion,
  density,
  line,
  castM,
  angleDeg,
  currentMps,
  retrieveSpeedMps,
  tipM,
}: Swing): SwingPoint[] {
  let theta = (angleDeg * Math.PI) / 180
  let r = castM
  const points: SwingPoint[] = []
  for (let t = 0; t <= LONGEST_S && r > HOME_M; t += STEP_S) {
    const flowMps = Math.max(0.05, currentMps * Math.sin(theta) + retrieveSpeedMps)
    points.push({
      t,
      acrossM: r * Math.cos(theta),
      downM: r * Math.sin(theta),
      angleDeg: (theta * 180) / Math.PI,
      flowMps,
      depthM: trollingDepth(motion, density, line, flowMps, r, tipM).depthM,
    })
    if ((theta * 180) / Math.PI >= BELOW_DEG && retrieveSpeedMps === 0) break
    // Midpoint rule: the angle half-way along the step.
    const half = theta + (currentMps * Math.cos(theta) * STEP_S) / (2 * r)
    theta += (currentMps * Math.cos(half) * STEP_S) / r
    r -= retrieveSpeedMps * STEP_S
  }
  return points
}
