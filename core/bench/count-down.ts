import { itemAt } from '../list'
import { sinkTimeS, type BuildMotion } from '../motion'
import { predictWithInterval } from './least-squares'
import type { Posterior } from './estimate'

export interface Count {
  readonly depthM: number
  /** Seconds to that depth, and the band in which the true count lies 19 times in 20. */
  readonly seconds: number
  readonly low: number
  readonly high: number
}

/** Seconds to each depth on a line: what to count. Empty where it does not sink. The belief in the fall carries its spread into every count. */
export function countDownTable(
  motion: BuildMotion,
  fall: Posterior,
  density: number,
  lineDiameterM: number,
  depthsM: readonly number[],
): Count[] {
  if (motion.submergedWeightN <= 0) return []
  // A trailer or head adds its own drag beside the body's, which alone was fitted.
  const added = motion.sinkDragAreaM2 - Math.exp(itemAt(fall.parameters, 0))
  return depthsM.map((depthM) => {
    const ln = predictWithInterval(fall, ([lnArea = 0]) =>
      Math.log(
        sinkTimeS(
          { submergedWeightN: motion.submergedWeightN, sinkDragAreaM2: Math.max(1e-7, Math.exp(lnArea) + added) },
          density,
          lineDiameterM,
          depthM,
        ),
      ),
    )
    return { depthM, seconds: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
  })
}
