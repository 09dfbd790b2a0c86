import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bestOfAll, someKitProblem as problemOf } from '../../testing/kit-problems'
import { boundByGains, dualBound } from './bound'
import { exchanged } from './exchange'
import { greedyKit } from './greedy'
import { fitsIn, kitKg, kitValue } from './kit-problem'

/** What to carry. The judge is every kit there is, tried one by one. */

const CASES = Array.from({ length: 200 }, (_, seed) =>
  problemOf(seed + 1, 6 + (seed % 6), 5 + (seed % 20), 2 + (seed % 4), seed % 3 === 0 ? 0.05 : Infinity),
)

describe('200 small cases, every kit tried', () => {
  const judged = CASES.map((problem) => {
    const first = greedyKit(problem)
    return { problem, exact: bestOfAll(problem), first, better: exchanged(problem, first) }
  })
  const gaps = (of: (one: (typeof judged)[number]) => number) => {
    const all = judged.map((one) => 1 - of(one) / one.exact)
    return { mean: all.reduce((sum, g) => sum + g, 0) / all.length, worst: Math.max(...all) }
  }
  it('the first kit at once is near the best, with exchanges nearer; both fit', () => {
    const [first, better] = [gaps((one) => one.first.value), gaps((one) => one.better.value)]
    console.log(
      `greedy: ${(100 * first.mean).toFixed(2)} % under the best on the average, ${(100 * first.worst).toFixed(1)} % at worst; with exchanges ${(100 * better.mean).toFixed(2)} % and ${(100 * better.worst).toFixed(1)} %`,
    )
    expect(first.worst).toBeLessThan(0.37)
    expect(first.mean).toBeLessThan(0.03)
    expect(better.mean).toBeLessThan(first.mean)
    expect(better.mean).toBeLessThan(0.01)
    for (const { problem, first: a, better: b } of judged) {
      expect([fitsIn(problem, a.lures), fitsIn(problem, b.lures)]).toEqual([true, true])
      expect(b.value).toBeGreaterThanOrEqual(a.value - 1e-12)
      expect(new Set(b.lures).size).toBe(b.lures.length)
    }
  })
  it('no kit is worth more than either bound says; the multipliers come close', () => {
    const off = judged.map(({ problem, exact, better }) => {
      const [gains, dual] = [boundByGains(problem, better), dualBound(problem, better).bound]
      expect(gains).toBeGreaterThanOrEqual(exact - 1e-9)
      expect(dual).toBeGreaterThanOrEqual(exact - 1e-9)
      return Math.min(gains, dual) / exact - 1
    })
    const mean = off.reduce((sum, o) => sum + o, 0) / off.length
    console.log(
      `bounds: ${(100 * mean).toFixed(2)} % above the best on the average, ${(100 * Math.max(...off)).toFixed(1)} % at worst`,
    )
    expect(mean).toBeLessThan(0.03)
  })
})

describe('properties', () => {
  const anyProblem = fc
    .record({ seed: fc.nat(1e6), lures: fc.integer({ min: 1, max: 30 }), scenarios: fc.integer({ min: 1, max: 40 }) })
    .map(({ seed, lures, scenarios }) => problemOf(seed, lures, scenarios, 3))
  it('one more lure never lowers what a kit is worth, nor one more place in it', () => {
    fc.assert(
      fc.property(anyProblem, fc.integer({ min: 1, max: 8 }), (problem, most) => {
        const few = exchanged({ ...problem, most }, greedyKit({ ...problem, most }))
        const more = greedyKit({ ...problem, most: most + 1 })
        expect(more.value).toBeGreaterThanOrEqual(greedyKit({ ...problem, most }).value - 1e-12)
        for (let lure = 0; lure < problem.worth.length; lure++)
          expect(kitValue(problem, [...few.lures, lure])).toBeGreaterThanOrEqual(few.value - 1e-12)
      }),
    )
  })
  it('the same problem, the same kit; nothing is carried twice or over the weight', () => {
    fc.assert(
      fc.property(anyProblem, fc.double({ min: 0.01, max: 0.2, noNaN: true }), (problem, mostKg) => {
        const heavy = { ...problem, most: 9, mostKg }
        const kit = exchanged(heavy, greedyKit(heavy))
        expect(exchanged(heavy, greedyKit(heavy))).toEqual(kit)
        expect(kitKg(heavy, kit.lures)).toBeLessThanOrEqual(mostKg + 1e-8)
        expect(new Set(kit.lures).size).toBe(kit.lures.length)
      }),
    )
  })
  it('nothing to choose from, or nothing allowed, is an empty kit', () => {
    const none = { worth: [], weights: Float64Array.of(1), massKg: new Float64Array(), most: 5, mostKg: Infinity }
    expect(greedyKit(none)).toEqual({ lures: [], value: 0 })
    expect(greedyKit(problemOf(1, 8, 8, 0))).toEqual({ lures: [], value: 0 })
    expect(dualBound(none, greedyKit(none)).bound).toBeGreaterThanOrEqual(0)
  })
})
