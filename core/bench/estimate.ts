import { POOR_BAND, POOR_FROM } from '../../data/bench'
import type { Basis } from '../motion'
import type { Fit } from './least-squares'
import type { Sample } from './sample'

/** A figure with its band (19 times in 20) and what it rests on. */
export interface Estimate {
  readonly value: number
  readonly low: number
  readonly high: number
  readonly basis: Basis
  /** Readings behind it. */
  readonly n: number
  /** Readings that scatter beyond reason, or a band so wide that the figure hardly helps. */
  readonly poor: boolean
}

/** What may be carried on from a fit; a belief without readings is one too. */
export type Posterior = Pick<Fit, 'parameters' | 'covariance' | 'dof'> & {
  readonly basis: Basis
  readonly n: number
  readonly scatter: number
}

export const measured = (sample: Sample): Estimate => ({
  value: sample.mean,
  low: sample.low,
  high: sample.high,
  basis: 'measured',
  n: sample.n,
  poor: sample.n > 1 && sample.high - sample.low > 2 * POOR_BAND * Math.abs(sample.mean),
})

/** A figure known only beforehand, with a share (of its logarithm) by which it may be out. */
export function believedFigure(value: number, sd: number, basis: Basis): Estimate {
  const times = Math.exp(1.96 * sd)
  return { value, low: value / times, high: value * times, basis, n: 0, poor: false }
}

/** Whether a fit is a poor one. */
export const isPoor = (fit: Pick<Posterior, 'scatter' | 'n'>) => fit.n > 1 && fit.scatter > POOR_FROM

/** Beliefs without readings, as a posterior with independent errors. */
export function priorOnly(believed: readonly { at: number; sd: number }[], basis: Basis): Posterior {
  return {
    parameters: believed.map((b) => b.at),
    covariance: believed.map((b, i) => believed.map((_, j) => (i === j ? b.sd ** 2 : 0))),
    dof: 1000,
    basis,
    n: 0,
    scatter: 1,
  }
}

/** What a posterior predicts, as a figure. */
export function ofPosterior(p: Posterior, interval: { value: number; low: number; high: number }): Estimate {
  return { ...interval, basis: p.basis, n: p.n, poor: isPoor(p) }
}
