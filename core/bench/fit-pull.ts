import { itemAt } from '../list'
import { PRIOR_SD, READING_SD } from '../../data/bench'
import { LINE_DENSITY } from '../../data/tackle-limits'
import type { Lure } from '../tackle'
import { testsOf } from './tests/tests-of'
import type { BenchTest, TestOf } from './tests/kinds'
import { depthOnPath, retrievePath, trollingDepth, STEADY_WIND, type BuildMotion } from '../motion'
import { motionAsTested } from './as-tested'
import { priorOnly } from './estimate'
import type { Fitted } from './fit-fall'
import { fit } from './least-squares'
import { withDive } from './fit-dive'

/** Shallower than this no eye and no sounder tells the depth, m; keeps the logarithm in bounds. */
const LEAST_M = 0.02
/** Bottomless, as far as such depths go, m. */
const DEEP_M = 100

/** A reading of a depth while the lure was drawn, and what a motion would make of it. */
interface Drawn {
  readonly label: string
  readonly depthM: number
  readonly at: (change: (motion: BuildMotion) => BuildMotion) => number
}

/** Depths behind a boat: line out and speed through the water. */
function behindBoat(lure: Lure, tests: readonly BenchTest[]): Drawn[] {
  return testsOf(tests, lure.id, 'trolled').flatMap((test: TestOf<'trolled'>) => {
    const { motion, density, viscosity } = motionAsTested(lure, test)
    const line = { diameterM: test.lineDiameterM, densityKgM3: LINE_DENSITY.mono }
    return test.readings.map(({ speedMps, lineOutM, depthM }) => ({
      label: `${test.date}, ${lineOutM} m`,
      depthM,
      at: (change) =>
        trollingDepth(change(motion), { density, viscosity }, line, speedMps, lineOutM, test.rodTipM).depthM,
    }))
  })
}

/** Ledges met from the shore: counted down, wound at a pace, and met at a distance from the rod. */
function overLedges(lure: Lure, tests: readonly BenchTest[]): Drawn[] {
  return testsOf(tests, lure.id, 'wound').flatMap((test: TestOf<'wound'>) => {
    const { motion, density, viscosity } = motionAsTested(lure, test)
    return test.readings.map(({ castM, countS, awayM, depthM }) => ({
      label: `${test.date}, ${countS} s`,
      depthM,
      at: (change) => {
        const path = retrievePath({
          ...STEADY_WIND,
          motion: change(motion),
          density,
          viscosity,
          castM,
          lineDiameterM: test.lineDiameterM,
          lineDensityKgM3: LINE_DENSITY.mono,
          rodTipM: test.rodTipM,
          depthM: DEEP_M,
          countDownS: countS,
          retrieveSpeedMps: test.retrieveSpeedMps,
        })
        return depthOnPath(path, awayM)
      },
    }))
  })
}

/** A motion with fitted drag while it is pulled: parameter [ln C·A]. */
export function withPull(motion: BuildMotion, [lnArea = 0]: readonly number[]): BuildMotion {
  return { ...motion, towDragAreaM2: Math.exp(lnArea) }
}

function fitDrawn(
  readings: readonly Drawn[],
  believed: readonly { at: number; sd: number }[],
  change: (p: readonly number[]) => (motion: BuildMotion) => BuildMotion,
): Fitted {
  if (readings.length === 0) return { ...priorOnly(believed, 'assumed'), residuals: [] }
  const found = fit({
    believed,
    predict: (p) => readings.map((r) => Math.log(Math.max(LEAST_M, r.at(change(p))))),
    observed: readings.map((r) => Math.log(Math.max(LEAST_M, r.depthM))),
    readingSd: readings.map((r) => Math.hypot(READING_SD.depth, READING_SD.depthM / r.depthM)),
  })
  return {
    ...found,
    basis: 'fitted',
    n: readings.length,
    residuals: readings.map((r, i) => ({
      label: r.label,
      observed: r.depthM,
      fitted: r.depthM / Math.exp(itemAt(found.residuals, i)),
    })),
  }
}

/**
 * Drag area of a sinker while it is pulled, as its logarithm, from depths behind a boat or wound over a ledge. What its family has is believed to begin with.
 *
 * @param motion as labels and falls have it
 */
export function fitPull(lure: Lure, tests: readonly BenchTest[], motion: BuildMotion): Fitted {
  const fallen = motion.sinkDragAreaM2
  return fitDrawn(
    [...behindBoat(lure, tests), ...overLedges(lure, tests)],
    [{ at: Math.log(motion.towDragAreaM2), sd: PRIOR_SD.drag }],
    (p) => (then) => ({ ...withPull(then, p), sinkDragAreaM2: fallen }),
  )
}

/** Casts tell a diver's planing angle behind a boat only so well: practice and the sum differ by half, as the logarithm. */
const CAST_TELLS_SD = 0.35

/**
 * Planing angle and drag of a diver behind a boat, [ln tan φ₀, ln C·A], from its depths there; begun from what its casts told. Kept beside those: the sum
 * takes a trolled plug deeper than practice finds it, and its own tests settle that for it.
 */
export function fitTrolled(lure: Lure, tests: readonly BenchTest[], dive: Fitted): Fitted {
  const sdOf = (i: number) => Math.sqrt(itemAt(itemAt(dive.covariance, i), i))
  return fitDrawn(
    behindBoat(lure, tests),
    [
      { at: itemAt(dive.parameters, 0), sd: Math.hypot(sdOf(0), CAST_TELLS_SD) },
      { at: itemAt(dive.parameters, 1), sd: Math.max(sdOf(1), PRIOR_SD.drag / 2) },
    ],
    (p) => (then) => withDive(then, p),
  )
}
