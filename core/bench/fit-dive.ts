import { itemAt } from '../list'
import { PRIOR_SD, READING_SD } from '../../data/bench'
import { LINE_DENSITY } from '../../data/tackle-limits'
import type { Lure } from '../tackle'
import { testsOf } from './tests/tests-of'
import type { BenchTest } from './tests/kinds'
import { STEADY_WIND, retrievePath, type BuildMotion, type CastPlan, type Fluid } from '../motion'
import { waterFluid } from '../water'
import { motionAsTested } from './as-tested'
import { priorOnly, type Posterior } from './estimate'
import type { Fitted } from './fit-fall'
import { predictWithInterval, fit } from './least-squares'

/** A steady retrieve over deep water, as running depth is measured. */
export interface DiveCast extends Fluid {
  readonly castM: number
  readonly rodTipM: number
  readonly retrieveSpeedMps: number
  readonly lineDiameterM: number
  /** kg/m³; mono where it is not told. */
  readonly lineDensityKgM3?: number
}

/** Bottomless, as far as running depth goes, m. */
const DEEP_M = 100

/** Deepest point of a steady retrieve, m. */
export function runningDepthM(motion: BuildMotion, cast: DiveCast): number {
  const plan: CastPlan = {
    ...STEADY_WIND,
    lineDensityKgM3: LINE_DENSITY.mono,
    ...cast,
    motion,
    depthM: DEEP_M,
  }
  return retrievePath(plan).z.reduce((deepest, z) => Math.max(deepest, z), 0)
}

/** A motion with fitted planing angle and drag: parameters [ln tan φ₀, ln C·A]. */
export function withDive(motion: BuildMotion, [lnTan = 0, lnArea = 0]: readonly number[]): BuildMotion {
  return { ...motion, diveAngleTan: Math.exp(lnTan), towDragAreaM2: Math.exp(lnArea) }
}

/** Shallower than this no eye tells the depth, m; keeps the logarithm in bounds. */
const LEAST_M = 0.02

/**
 * Planing angle and drag area of a diver from running-depth tests. Depths are fitted as logarithms; the packet's depth and the family's drag are believed to
 * begin with, so that even one test helps and none is over-trusted.
 *
 * @param motion as labels and rest tests have it; `lure` as it is now
 */
export function fitDive(lure: Lure, tests: readonly BenchTest[], motion: BuildMotion): Fitted {
  const believed = [
    { at: Math.log(Math.max(motion.diveAngleTan, 1e-3)), sd: PRIOR_SD.trim },
    { at: Math.log(motion.towDragAreaM2), sd: PRIOR_SD.drag },
  ]
  const dives = testsOf(tests, lure.id, 'depth').flatMap((test) => {
    const { motion: then } = motionAsTested(lure, test)
    const { lineDiameterM, rodTipM, retrieveSpeedMps } = test
    const fluid = waterFluid(test.tempC, test.salinity)
    return test.readings.map(({ castM, depthM }) => ({
      test,
      depthM,
      cast: { castM, lineDiameterM, rodTipM, retrieveSpeedMps, ...fluid },
      submergedWeightN: then.submergedWeightN,
    }))
  })
  if (dives.length === 0) return { ...priorOnly(believed, 'labelled'), residuals: [] }
  const found = fit({
    believed,
    predict: (p) => {
      // Readings of one cast length share one path.
      const known = new Map<string, number>()
      return dives.map(({ cast, submergedWeightN }) => {
        const key = `${Object.values(cast).join('|')}|${submergedWeightN}`
        const depth = known.get(key) ?? runningDepthM({ ...withDive(motion, p), submergedWeightN }, cast)
        known.set(key, depth)
        return Math.log(Math.max(LEAST_M, depth))
      })
    },
    observed: dives.map((d) => Math.log(d.depthM)),
    readingSd: dives.map((d) => Math.hypot(READING_SD.depth, READING_SD.depthM / d.depthM)),
  })
  return {
    ...found,
    basis: 'fitted',
    n: dives.length,
    residuals: dives.map((d, i) => ({
      label: `${d.test.date}, ${d.cast.castM} m`,
      observed: d.depthM,
      fitted: d.depthM / Math.exp(itemAt(found.residuals, i)),
    })),
  }
}

/** Running depth with its band, m: in metres and not in shares, because a short cast may not dive at all. */
export function diveDepth(posterior: Posterior, motion: BuildMotion, cast: DiveCast) {
  const depth = predictWithInterval(posterior, (p) => runningDepthM(withDive(motion, p), cast))
  return { ...depth, low: Math.max(0, depth.low) }
}
