import { itemAt } from './list'
import { randomExponential, randomLcg, randomNormal, randomPoisson } from 'd3-random'

/** Seeded chance: the same seed gives the same draws, in the demo, in tests and where a record is shuffled against luck. */
export interface SeededRandom {
  /** Evenly from 0 to under 1. */
  next(): number
  /** @throws Error on an empty list */
  pick<T>(from: readonly T[]): T
  /** Count of events where `mean` are expected. */
  poisson(mean: number): number
  /** Standard normal. */
  normal(): number
  /** Waiting time where `mean` is the usual one. */
  exponential(mean: number): number
  /** The same things in another order. */
  shuffled<T>(list: readonly T[]): T[]
}

/** Generators of d3-random over its linear congruential source. */
export function seededRandom(seed: number): SeededRandom {
  const next = randomLcg((seed * 0.618_033_988_75) % 1)
  const poisson = randomPoisson.source(next)
  const waiting = randomExponential.source(next)
  const normal = randomNormal.source(next)(0, 1)
  // Neighbouring seeds begin alike: the first draws are thrown away.
  for (let i = 0; i < 8; i++) next()
  return {
    next,
    pick<T>(from: readonly T[]): T {
      const one = from[Math.floor(next() * from.length)]
      if (one === undefined) throw new Error('nothing to pick from')
      return one
    },
    poisson: (mean) => (mean <= 0 ? 0 : poisson(mean)()),
    normal,
    exponential: (mean) => waiting(1 / mean)(),
    shuffled<T>(list: readonly T[]): T[] {
      const out = [...list]
      for (let i = out.length - 1; i > 0; i--) {
        const j = Math.floor(next() * (i + 1))
        const [a, b] = [itemAt(out, i), itemAt(out, j)]
        out[i] = b
        out[j] = a
      }
      return out
    },
  }
}
