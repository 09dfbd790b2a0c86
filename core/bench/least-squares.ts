import { itemAt } from '../list'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { Matrix, inverse } from 'ml-matrix'
import { studentQuantile } from '../statistics'

/** A figure believed before any test, with how far it may be out (one standard deviation, in the parameter's own unit). */
interface Prior {
  readonly at: number
  readonly sd: number
}

export interface FitInput {
  /** Parameters as believed beforehand: where the fit starts, and how hard they are held. */
  readonly believed: readonly Prior[]
  /** Model: the observations that parameters would give. */
  readonly predict: (parameters: readonly number[]) => number[]
  readonly observed: readonly number[]
  /** What one reading is good to, beforehand, in units of the observation: one standard deviation each. */
  readonly readingSd: readonly number[]
  /** Readings' worth of trust in those figures; the scatter found weighs in with its degrees of freedom. */
  readonly trust?: number
}

export interface Fit {
  readonly parameters: readonly number[]
  /** Covariance of the parameters, scaled to the scatter found. */
  readonly covariance: readonly (readonly number[])[]
  /** Observed minus fitted, in the observation's own unit. */
  readonly residuals: readonly number[]
  /** Scatter found over scatter expected of one reading: 1 is as expected, 2 and more is a poor fit. */
  readonly scatter: number
  /** Degrees of freedom of the stated band. */
  readonly dof: number
}

/**
 * Trust in the readings' own stated error, in readings: so few that the band of a single one still holds for a hand twice as rough as stated, and many readings
 * tell for themselves how rough it was.
 */
const TRUST = 2
/** Hands are rather rougher than stated: square of the scatter believed beforehand, of that of the readings as stated. */
const ROUGHER = 1.5
/** A stated band is to hold 19 cases in 20. */
const UPPER = 0.975
/** Its quantile where the scatter is known: the normal distribution's. */
const NORMAL = 1.959964
const STEP = 3e-4
const ROUNDS = 25
const STEPS_A_ROUND = 3
/** Parameters that move less than this share of their belief's error no longer move. */
const STILL = 1e-5

/**
 * Least squares with beliefs: Levenberg–Marquardt (library) on readings and beliefs together, each divided by its standard deviation; a belief is one more
 * reading of its parameter. The covariance is that of the linear model at the answer, the readings as good as the pooled scatter has them,
 * s² = (1.5·trust + Σ(r/σ)²) / (trust + n − p'), p' the parameters that the readings, and not the beliefs, pin down.
 *
 * @throws RangeError without readings
 */
export function fit({ believed, predict, observed, readingSd, trust = TRUST }: FitInput): Fit {
  const n = observed.length
  if (n === 0) throw new RangeError('a fit needs at least one reading')
  const scaled = (parameters: readonly number[]) => [
    ...predict(parameters).map((v, i) => v / itemAt(readingSd, i)),
    ...believed.map((b, j) => (itemAt(parameters, j) - b.at) / b.sd),
  ]
  const target = [...observed.map((v, i) => v / itemAt(readingSd, i)), ...believed.map(() => 0)]
  // The library asks for one value at a time, and for the last parameters twice; the whole model is worked out once for each.
  const data = { x: target.map((_, i) => i), y: target }
  let last: { at: readonly number[]; all: number[] } | null = null
  const model = (at: number[]) => {
    const { all } = last && at.every((v, j) => v === last?.at[j]) ? last : (last = { at: [...at], all: scaled(at) })
    return (i: number) => itemAt(all, i)
  }
  let parameters: number[] = believed.map((b) => b.at)
  // The library only stops at a small error, and noise leaves a large one: so it is asked for a few steps at a time until they no longer move.
  for (let round = 0; round < ROUNDS; round++) {
    const { parameterValues } = levenbergMarquardt(data, model, {
      initialValues: parameters,
      gradientDifference: believed.map((b) => STEP * b.sd),
      damping: 1e-3,
      maxIterations: STEPS_A_ROUND,
      errorTolerance: 1e-12,
      improvementThreshold: 1e-9,
    })
    const moved = parameterValues.some((v, j) => Math.abs(v - itemAt(parameters, j)) > STILL * (believed[j]?.sd ?? 1))
    parameters = [...parameterValues]
    if (!moved) break
  }
  const rows = jacobian(scaled, parameters, believed)
  const all = new Matrix(rows)
  const covariance = inverse(all.transpose().mmul(all))
  const predicted = predict(parameters)
  const residuals = observed.map((v, i) => v - itemAt(predicted, i))
  const square = residuals.reduce((sum, r, i) => sum + (r / itemAt(readingSd, i)) ** 2, 0)
  // What the readings pin down: trace of the part of the information that is theirs.
  const ofReadings = new Matrix(rows.slice(0, n))
  const pinned = covariance.mmul(ofReadings.transpose().mmul(ofReadings)).trace()
  const free = Math.max(0, n - pinned)
  const s2 = (trust * ROUGHER + square) / (trust + free)
  const dof = trust + free
  // A rough hand makes the readings worth less, never what was believed: so beliefs bound the band, however few the readings.
  const by = studentQuantile(UPPER, dof) / NORMAL
  const information = ofReadings
    .transpose()
    .mmul(ofReadings)
    .div(s2 * by ** 2)
  believed.forEach((b, j) => information.set(j, j, information.get(j, j) + 1 / b.sd ** 2))
  return {
    parameters,
    covariance: inverse(information)
      .div(by ** 2)
      .to2DArray(),
    residuals,
    scatter: free > 0.5 ? Math.sqrt(square / free) : Math.sqrt(square / n),
    dof,
  }
}

function jacobian(
  model: (parameters: readonly number[]) => number[],
  at: readonly number[],
  believed: readonly Prior[],
): number[][] {
  const columns = at.map((value, j) => {
    const h = STEP * (believed[j]?.sd ?? 1)
    const moved = (by: number) => model(at.map((v, i) => (i === j ? value + by : v)))
    const [up, down] = [moved(h), moved(-h)]
    return up.map((v, i) => (v - itemAt(down, i)) / (2 * h))
  })
  return itemAt(columns, 0).map((_, i) => columns.map((column) => itemAt(column, i)))
}

/**
 * A figure that follows from fitted parameters, with its band: errors carried through linearly, by Student's t.
 *
 * @param of the figure from the parameters; give its logarithm where it cannot be negative
 */
export function predictWithInterval(
  fitted: Pick<Fit, 'parameters' | 'covariance' | 'dof'>,
  of: (p: readonly number[]) => number,
) {
  const { parameters, covariance, dof } = fitted
  const slope = parameters.map((value, j) => {
    const h = 0.05 * Math.sqrt(itemAt(itemAt(covariance, j), j)) || STEP
    const moved = (by: number) => of(parameters.map((v, i) => (i === j ? value + by : v)))
    return (moved(h) - moved(-h)) / (2 * h)
  })
  const variance = slope.reduce(
    (sum, a, i) => sum + slope.reduce((part, b, j) => part + a * b * itemAt(itemAt(covariance, i), j), 0),
    0,
  )
  const value = of(parameters)
  const half = studentQuantile(UPPER, dof) * Math.sqrt(Math.max(0, variance))
  return { value, low: value - half, high: value + half }
}
