import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seededRandom } from './random'
import { gammaPrior, probabilityGreater, updatePosterior, meanRate, rateQuantile, credibleInterval } from './rate'
import { gammaBelow, gammaQuantile } from './statistics'

describe('gamma–Poisson rates', () => {
  // Handbook table of chi-squared (from memory): a gamma of shape n/2 and rate 1/2.
  it.each([
    [0.95, 10, 18.307],
    [0.05, 10, 3.94],
    [0.5, 2, 1.386],
    [0.95, 1, 3.841],
    [0.95, 30, 43.773],
    [0.05, 4, 0.711],
  ])('quantile %f of chi-squared with %i degrees of freedom is %f', (p, dof, value) => {
    expect(gammaQuantile(p, dof / 2, 0.5)).toBeCloseTo(value, 2)
  })
  it('quantile and share below are each other’s inverse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        fc.double({ min: 0.4, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 500, noNaN: true }),
        (p, shape, rate) => Math.abs(gammaBelow(gammaQuantile(p, shape, rate), shape, rate) - p) < 1e-6,
      ),
    )
  })
  it('a count moves the belief from the prior to what was seen', () => {
    const prior = gammaPrior(0.02, 2)
    expect(meanRate(prior)).toBeCloseTo(0.02)
    const few = updatePosterior(prior, 3, 60)
    const many = updatePosterior(prior, 300, 6000)
    expect(meanRate(few)).toBeGreaterThan(0.02)
    expect(meanRate(few)).toBeLessThan(0.05)
    expect(meanRate(many)).toBeCloseTo(0.05, 2)
    const width = (b: typeof few) => credibleInterval(b).high - credibleInterval(b).low
    expect(width(many)).toBeLessThan(width(few))
  })
  it('an interval holds the share it is asked for, the same on both sides, and is told per what it is asked per', () => {
    const belief = updatePosterior(gammaPrior(0.02, 2), 12, 300)
    for (const share of [0.5, 0.9, 0.95]) {
      const { low, median, high } = credibleInterval(belief, 60, share)
      expect(gammaBelow(low / 60, belief.shape, belief.rate)).toBeCloseTo((1 - share) / 2, 6)
      expect(gammaBelow(median / 60, belief.shape, belief.rate)).toBeCloseTo(0.5, 6)
      expect(gammaBelow(high / 60, belief.shape, belief.rate)).toBeCloseTo((1 + share) / 2, 6)
    }
  })
  it('dispersion widens the interval and leaves its middle nearly where it was', () => {
    const prior = gammaPrior(0.02, 1)
    const [plain, clumped] = [updatePosterior(prior, 40, 2000), updatePosterior(prior, 40, 2000, 3)]
    expect(credibleInterval(clumped).high - credibleInterval(clumped).low).toBeGreaterThan(
      1.5 * (credibleInterval(plain).high - credibleInterval(plain).low),
    )
    expect(Math.abs(meanRate(clumped) - meanRate(plain))).toBeLessThan(0.001)
  })
  it('two beliefs of shape 1 with rates 1 and 3: the first is the higher in 3 of 4 (worked by hand)', () => {
    expect(probabilityGreater({ shape: 1, rate: 1 }, { shape: 1, rate: 3 })).toBeCloseTo(0.75, 10)
  })
  it('the chance of being higher agrees with drawing from both', () => {
    const random = seededRandom(3)
    const [a, b] = [
      { shape: 4, rate: 200 },
      { shape: 2, rate: 150 },
    ]
    let above = 0
    const draws = 4000
    for (let i = 0; i < draws; i++) if (rateQuantile(random.next(), a) > rateQuantile(random.next(), b)) above += 1
    expect(above / draws).toBeCloseTo(probabilityGreater(a, b), 1)
  })
  it('one is higher or the other is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        (s1, r1, s2, r2) => {
          const [a, b] = [
            { shape: s1, rate: r1 },
            { shape: s2, rate: r2 },
          ]
          return Math.abs(probabilityGreater(a, b) + probabilityGreater(b, a) - 1) < 1e-6
        },
      ),
    )
  })
})

describe('seeded chance', () => {
  it('the same seed draws the same, neighbours do not', () => {
    const draws = (seed: number) => Array.from({ length: 5 }, seededRandom(seed).next)
    expect(draws(4)).toEqual(draws(4))
    expect(draws(4)).not.toEqual(draws(5))
  })
  it('has the means it should', () => {
    const random = seededRandom(11)
    const mean = (draw: () => number) => Array.from({ length: 4000 }, draw).reduce((s, x) => s + x, 0) / 4000
    expect(mean(() => random.poisson(2.5))).toBeCloseTo(2.5, 0)
    expect(mean(() => random.exponential(7)) / 7).toBeCloseTo(1, 1)
    expect(mean(random.normal)).toBeCloseTo(0, 1)
  })
  it('shuffles without losing any, and picks from something', () => {
    const random = seededRandom(2)
    expect(random.shuffled([1, 2, 3, 4, 5]).sort()).toEqual([1, 2, 3, 4, 5])
    expect(() => random.pick([])).toThrow(/nothing/)
  })
})
