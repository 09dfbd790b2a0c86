import { BowedLine } from './bowed-line'
import type { Fluid } from './line-drag'
import type { BuildMotion } from './types'
import type { TowLine } from './troll'

/** A lure on a taut line in a river, seen from above: where it is, and how deep it rides. */
export interface SwingPoint {
  readonly t: number
  /** Across the stream and down it from the rod, m. */
  readonly acrossM: number
  readonly downM: number
  /** Angle of the line to straight across, degrees: 0 across, 90 straight below. */
  readonly angleDeg: number
  readonly depthM: number
}

export interface Swing extends Fluid {
  readonly motion: BuildMotion
  readonly line: TowLine
  readonly castM: number
  /** Angle of the cast: 0 straight across, positive downstream, negative upstream; degrees, −60 … 80. */
  readonly angleDeg: number
  readonly currentMps: number
  /** Line wound in, m/s; 0 lets it swing. */
  readonly retrieveSpeedMps: number
  readonly tipM: number
  readonly depthM: number
  /** Swung on along the bottom where it comes down; otherwise its way ends there. */
  readonly alongBottom?: boolean
  /** Steps of its way, s; a quarter where nothing is said. */
  readonly stepS?: number
}

const LONGEST_S = 180
/** What lies on the bottom moves evenly: steps are so much longer there. */
const BOTTOM_STEPS = 4
/** Nearer than this, m, it is lifted out; nearer than this to straight below, degrees, it hangs there. */
export const SWING_HOME_M = 2
const BELOW_DEG = 86

/**
 * Swing across a current: the lure lands at the surface, sinks and is carried down while its line bellies in the stream and swings it round
 * ({@link BowedLine}), until it hangs below the rod, comes home or lies on the bottom. The current is taken as the same at every depth.
 */
export function swing(given: Swing): SwingPoint[] {
  const {
    motion,
    density,
    viscosity,
    line,
    castM,
    angleDeg,
    currentMps,
    retrieveSpeedMps,
    tipM,
    depthM,
    alongBottom = false,
    stepS = 0.25,
  } = given
  const bowed = new BowedLine()
  bowed.take({
    motion,
    density,
    viscosity,
    lineDiameterM: line.diameterM,
    lineDensityKgM3: line.densityKgM3,
    depthM,
    rodTipM: tipM,
    flowMps: [0, currentMps],
    groundMps: [0, 0],
  })
  const angle = (angleDeg * Math.PI) / 180
  bowed.lay(castM * Math.cos(angle), castM * Math.sin(angle), 0, false)
  const points: SwingPoint[] = []
  for (let t = 0; t <= LONGEST_S && bowed.awayM > SWING_HOME_M;) {
    const below = (Math.atan2(bowed.y, bowed.x) * 180) / Math.PI
    points.push({ t, acrossM: bowed.x, downM: bowed.y, angleDeg: below, depthM: bowed.z })
    // It hangs below the rod, or has come down to the bottom.
    if ((below >= BELOW_DEG && retrieveSpeedMps === 0) || (!alongBottom && bowed.z >= depthM)) break
    const lies = points.length > 1 && bowed.z >= depthM
    const dt = lies ? BOTTOM_STEPS * stepS : stepS
    bowed.step(dt, retrieveSpeedMps)
    t += dt
  }
  return points
}
