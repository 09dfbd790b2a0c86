import { betaBelow, betaQuantile } from './statistics'

/** What is believed of a share: a beta distribution, `hits` and `misses` counting a first belief's among them. */
export interface Share {
  readonly hits: number
  readonly misses: number
}

/** A first belief: about `mean` of them, as firm as `of` of them seen. */
export const firstShare = (mean: number, of: number): Share => ({ hits: mean * of, misses: (1 - mean) * of })

/** What is believed after `hits` of `of`: the beta prior is conjugate to counts (Gelman et al., Bayesian Data Analysis, 3rd ed., § 2.4; from memory). */
export const updateShare = (first: Share, hits: number, of: number): Share => ({
  hits: first.hits + hits,
  misses: first.misses + of - hits,
})

export const meanShare = ({ hits, misses }: Share): number => hits / (hits + misses)

export interface ShareInterval {
  readonly median: number
  readonly low: number
  readonly high: number
}

/** Median and the middle `share` of what is believed, 0 … 1. */
export function shareInterval({ hits, misses }: Share, share = 0.9): ShareInterval {
  const side = (1 - share) / 2
  const at = (p: number) => betaQuantile(p, hits, misses)
  return { median: at(0.5), low: at(side), high: at(1 - side) }
}

/** Pieces in which the odds of two shares are added up. */
const PIECES = 400

/**
 * Probability that one share is higher than another: ∫ of the one's density times what the other has below it, by its quantiles, all alike.
 * Worked example: 1 of 1 against 0 of 1 on an even first belief (hits and misses 1) gives 5 / 6.
 */
export function probabilityShareGreater(one: Share, other: Share): number {
  let sum = 0
  for (let i = 0; i < PIECES; i++)
    sum += betaBelow(betaQuantile((i + 0.5) / PIECES, one.hits, one.misses), other.hits, other.misses)
  return sum / PIECES
}
