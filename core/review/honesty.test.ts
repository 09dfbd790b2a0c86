import { expect, it } from 'vitest'
import { falsePatterns, falseRules, goldFound, intervalsHold, maskTaken, winnerNamed } from '../../testing/honesty'
import { LAWS, someSeason } from '../../testing/logs'

/** Claims held against made-up logs of every law; `npm run honest` does so with a thousand of each. Limits here leave room for the luck of few logs (binomial, one in a hundred). */

it.each(LAWS)(
  '%s: intervals hold, no winner is named where there is none, rules stay open',
  (law) => {
    const told = { holds: intervalsHold(law, 75, 10), winner: winnerNamed(law, 75), rules: falseRules(law, 30) }
    console.log(law, JSON.stringify(told))
    expect(told.holds).toBeGreaterThanOrEqual(0.78)
    expect(told.holds).toBeLessThan(1)
    expect(told.winner).toBeLessThanOrEqual(0.107)
    expect(told.rules).toBeLessThanOrEqual(0.234)
  },
  240_000,
)

it.each(['schools-3', 'hot'] as const)(
  '%s: few logs without a pattern tell of one, a mask is seen through',
  (law) => {
    const told = { patterns: falsePatterns(law, 20), mask: maskTaken(law, 15) }
    console.log(law, JSON.stringify(told))
    expect(told.patterns).toBeLessThanOrEqual(0.25)
    expect(told.mask).toBeLessThanOrEqual(0.2)
  },
  240_000,
)

it('a colour two and a half times as good is found in most seasons of forty outings, though fish come in schools', () => {
  expect(goldFound('schools-3', 8, 2.5, 40)).toBeGreaterThanOrEqual(0.5)
}, 240_000)

it('schools are counted once: as many showings as schools, whatever their size', () => {
  const perH = (law: (typeof LAWS)[number]) => {
    const rows = Array.from({ length: 20 }, (_, seed) => someSeason(seed, law)).flat()
    const minutes = rows.reduce((sum, row) => sum + row.minutes, 0)
    return (60 * rows.reduce((sum, row) => sum + row.showings.bites, 0)) / minutes
  }
  for (const law of ['poisson', 'schools-3', 'schools-5'] as const) expect(perH(law)).toBeCloseTo(1, 0.9)
})
