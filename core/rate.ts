import { betaBelow, gammaQuantile } from './statistics'

/**
 * What is believed of a rate: a gamma distribution. `shape` counts events, the prior's among them; `rate` is the effort, in whatever unit (minutes
 * here), that they belong to. The mean is shape / rate.
 */
export interface GammaRate {
  readonly shape: number
  readonly rate: number
}

/** A first belief: `mean` events a unit of effort, as firm as `events` of them seen. */
export const gammaPrior = (mean: number, events: number): GammaRate => ({ shape: events, rate: events / mean })

/**
 * What is believed after `events` in `effort`: the gamma prior is conjugate to counts (Gelman et al., Bayesian Data Analysis, 3rd ed., § 2.6; from
 * memory). `dispersion` of 1 takes the events one by one; more, where they come in clumps, counts them and their effort for so much less.
 */
export function updatePosterior({ shape, rate }: GammaRate, events: number, effort: number, dispersion = 1): GammaRate {
  return { shape: shape + events / dispersion, rate: rate + effort / dispersion }
}

export const meanRate = ({ shape, rate }: GammaRate): number => shape / rate
export const rateQuantile = (p: number, { shape, rate }: GammaRate): number => gammaQuantile(p, shape, rate)

export interface RateInterval {
  readonly median: number
  readonly low: number
  readonly high: number
}

/** Median and the middle `share` of what is believed, in events a unit of effort times `per`. */
export function credibleInterval(belief: GammaRate, per = 1, share = 0.9): RateInterval {
  const side = (1 - share) / 2
  return {
    median: per * rateQuantile(0.5, belief),
    low: per * rateQuantile(side, belief),
    high: per * rateQuantile(1 - side, belief),
  }
}

/**
 * Probability that one rate is higher than another. With X ~ Gamma(a₁, 1) and Y ~ Gamma(a₂, 1), X / (X + Y) ~ Beta(a₁, a₂); rates compare as
 * X / r₁ > Y / r₂. Worked example: two beliefs of shape 1 with rates 1 and 3 give 3 / 4.
 */
export function probabilityGreater(one: GammaRate, other: GammaRate): number {
  return 1 - betaBelow(one.rate / (one.rate + other.rate), one.shape, other.shape)
}
