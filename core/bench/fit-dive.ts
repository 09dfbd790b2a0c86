import { itemAt } from '../list'
import { BELIEF_SD, READING_SD } from '../../data/bench'
import { testsOf, type BenchTest, type Lure } from '../tackle'
import { retrievePath, type BuildMotion, type CastPlan } from '../motion'
import { waterDensity } from '../water'
import { motionAsTested } from './as-tested'
import { beliefOnly, type Posterior } from './figure'
import type { Fitted } from './fit-fall'
import { carried, fit } from './least-squares'

/** A steady retrieve over deep water, as running depth is measured. */
export interface DiveCast {
  readonly castM: number
  readonly rodTipM: number
  readonly pullMps: number
  readonly lineDiameterM: number
  readonly density: number
}

/** Bottomless, as far as running depth goes, m. */
const DEEP_M = 100

/** Deepest point of a steady retrieve, m. */
export function runningDepthM(motion: BuildMotion, cast: DiveCast): number {
  const plan: CastPlan = {
    ...cast,
    motion,
    surface: false,
    depthM: DEEP_M,
    currentMps: 0,
    countDownS: 0,
    pullS: 1,
    restS: 0,
    slack: false,
    where: 'cast',
    heldAboveBottomM: null,
  }
  return retrievePath(plan).z.reduce((deepest, z) => Math.max(deepest, z), 0)
}

/** A motion with fitted planing angle and drag: parameters [ln tan φ₀, ln C·A]. */
export function withDive(motion: BuildMotion, [lnTan = 0, lnArea = 0]: readonly number[]): BuildMotion {
  return { ...motion, planeTan: Math.exp(lnTan), pullDragM2: Math.exp(lnArea) }
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
    { at: Math.log(Math.max(motion.planeTan, 1e-3)), sd: BELIEF_SD.trim },
    { at: Math.log(motion.pullDragM2), sd: BELIEF_SD.drag },
  ]
  const dives = testsOf(tests, lure.id, 'depth').flatMap((test) => {
    const { motion: then } = motionAsTested(lure, test)
    const { lineDiameterM, rodTipM, pullMps } = test
    const density = waterDensity(test.tempC, test.salinity)
    return test.readings.map(({ castM, depthM }) => ({
      test,
      depthM,
      cast: { castM, lineDiameterM, rodTipM, pullMps, density },
      weightN: then.weightN,
    }))
  })
  if (dives.length === 0) return { ...beliefOnly(believed, 'labelled'), residuals: [] }
  const found = fit({
    believed,
    predict: (p) => {
      // Readings of one cast length share one path.
      const known = new Map<string, number>()
      return dives.map(({ cast, weightN }) => {
        const key = `${Object.values(cast).join('|')}|${weightN}`
        const depth = known.get(key) ?? runningDepthM({ ...withDive(motion, p), weightN }, cast)
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

/** Running depth with its band, m. */
export function diveDepth(posterior: Posterior, motion: BuildMotion, cast: DiveCast) {
  const ln = carried(posterior, (p) => Math.log(Math.max(LEAST_M, runningDepthM(withDive(motion, p), cast))))
  return { value: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
}
