import { betaBelow, gammaQuantile } from './statistics'

/**
 * What is believed of a rate: a gamma distribution. `shape` counts events, the prior's among them; `rate` is the effort, in whatever unit (minutes
 * here), that they belong to. The mean is shape / rate.
 */
export interface RateBelief {
  readonly shape: number
  readonly rate: number
}

/** A first belief: `mean` events a unit of effort, as firm as `events` of them seen. */
export const believe = (mean: number, events: number): RateBelief => ({ shape: events, rate: events / mean })

/**
 * What is believed after `events` in `effort`: the gamma prior is conjugate to counts (Gelman et al., Bayesian Data Analysis, 3rd ed., § 2.6; from
 * memory). `clumping` of 1 takes the events one by one; more, where they come in clumps, counts them and their effort for so much less.
 */
export function learn({ shape, rate }: RateBelief, events: number, effort: number, clumping = 1): RateBelief {
  return { shape: shape + events / clumping, rate: rate + effort / clumping }
}

export const meanRate = ({ shape, rate }: RateBelief): number => shape / rate
export const rateAt = (p: number, { shape, rate }: RateBelief): number => gammaQuantile(p, shape, rate)

export interface RateShown {
  readonly median: number
  readonly low: number
  readonly high: number
}

/** Median and the middle `share` of what is believed, in events a unit of effort times `per`. */
export function showRate(belief: RateBelief, per = 1, share = 0.9): RateShown {
  const side = (1 - share) / 2
  return { median: per * rateAt(0.5, belief), low: per * rateAt(side, belief), high: per * rateAt(1 - side, belief) }
}

/**
 * Probability that one rate is higher than another. With X ~ Gamma(a₁, 1) and Y ~ Gamma(a₂, 1), X / (X + Y) ~ Beta(a₁, a₂); rates compare as
 * X / r₁ > Y / r₂. Worked example: two beliefs of shape 1 with rates 1 and 3 give 3 / 4.
 */
export function chanceHigher(one: RateBelief, other: RateBelief): number {
  return 1 - betaBelow(one.rate / (one.rate + other.rate), one.shape, other.shape)
}
