import type { BuildMotion } from './types'
import { LINE_TANGENTIAL_DRAG } from './cable-ode'
import { sinkRateMps } from './pull'
import { bisect } from '../bisect'

/**
 * A long fall on slack line: the lure pulls ever more line down behind it, so that its drag area grows by Cₜ·π·d for every metre sunk and
 *
 *   t(z) = √(½ρ/W′) · ∫ √(C·A + Cₜ·π·d·z) dz = √(½ρ/W′) · 2/(3c) · [(C·A + c·z)^{3/2} − (C·A)^{3/2}],   c = Cₜ·π·d
 *
 * The first tenths of a second, in which it gathers way, are left out: at most a hand's breadth.
 */
type Falling = Pick<BuildMotion, 'submergedWeightN' | 'sinkDragAreaM2'>

/** Drag area that each metre of line adds, m. */
const perMetre = (lineDiameterM: number) => LINE_TANGENTIAL_DRAG * Math.PI * lineDiameterM

/**
 * Depth sunk (positive) or risen (negative), m, after some seconds of free fall.
 *
 * @param seconds ≥ 0
 * @param lineDiameterM m, ≥ 0; 0 falls without line
 */
export function sinkDepthM(motion: Falling, density: number, lineDiameterM: number, seconds: number): number {
  const start = sinkRateMps(motion, density)
  const c = perMetre(lineDiameterM)
  if (c * Math.abs(start) * seconds < 1e-6 * motion.sinkDragAreaM2) return start * seconds
  const root = motion.sinkDragAreaM2 ** 1.5
  const pace = Math.sqrt(Math.abs(motion.submergedWeightN) / (0.5 * density))
  const z = (Math.cbrt(root + 1.5 * c * pace * seconds) ** 2 - motion.sinkDragAreaM2) / c
  return Math.sign(start) * z
}

/** Seconds of free fall to a depth, m; Infinity where it does not sink. Inverse of {@link sinkDepthM}. */
export function sinkTimeS(motion: Falling, density: number, lineDiameterM: number, depthM: number): number {
  if (depthM <= 0) return 0
  if (motion.submergedWeightN <= 0) return Infinity
  const pace = Math.sqrt(motion.submergedWeightN / (0.5 * density))
  const c = perMetre(lineDiameterM)
  if (c * depthM < 1e-6 * motion.sinkDragAreaM2) return (depthM * Math.sqrt(motion.sinkDragAreaM2)) / pace
  return ((motion.sinkDragAreaM2 + c * depthM) ** 1.5 - motion.sinkDragAreaM2 ** 1.5) / (1.5 * c * pace)
}

/** Drag area, m², of what fell a depth in so many seconds: inverse of {@link sinkTimeS} in the drag area, by bisection. */
export function dragAreaFromSinkTime(
  submergedWeightN: number,
  density: number,
  lineDiameterM: number,
  depthM: number,
  seconds: number,
): number {
  const tooQuick = (sinkDragAreaM2: number) =>
    sinkTimeS({ submergedWeightN, sinkDragAreaM2 }, density, lineDiameterM, depthM) < seconds
  return bisect(tooQuick, 1e-7, 1, { steps: 60, by: 'ratio' })
}
