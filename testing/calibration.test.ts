import { expect, it } from 'vitest'
import { fitFactors, leaveOneOut, marginWith, marginsOf, type Margin } from './calibration'
import { SCENARIOS } from './scenarios'

const margin = (scenario: string, by: Record<string, number>, of: number): Margin => ({
  scenario,
  kind: 'first',
  margin: of,
  by: new Map(Object.entries(by)),
})

it('margins say what the waters say, and are made of what the rules add', () => {
  const some = SCENARIOS.filter((_, i) => i % 90 === 3)
  for (const s of some) {
    const all = marginsOf(s)
    expect(all.length).toBeGreaterThan(0)
    // What no rule weighs is little: links that every set-up shares cancel.
    for (const m of all) {
      expect(m.margin).toBeGreaterThan(0)
      expect([...m.by.values()].reduce((sum, share) => sum + share, 0)).toBeCloseTo(m.margin, 6)
    }
  }
})
it('a rule that many margins ask for is weighed more, one that hurts less; none beyond its bound; one scenario bends little', () => {
  const many = Array.from({ length: 20 }, (_, i) => margin(`s${i}`, { good: 0.3, bad: -0.3 }, -0.2))
  const u = fitFactors(many)
  expect(u.get('good')).toBeGreaterThan(0.1)
  expect(u.get('bad')).toBeLessThan(-0.1)
  for (const value of u.values()) expect(Math.abs(value)).toBeLessThanOrEqual(Math.log(1.4) + 1e-12)
  for (const one of many) expect(marginWith(one, u)).toBeGreaterThan(one.margin)
  const alone = fitFactors([margin('s', { good: 0.3 }, -5)])
  expect(Math.exp(alone.get('good') ?? 0)).toBeLessThan(1.12)
})
it('leave-one-out tells which scenario holds only because it was fitted', () => {
  const held = Array.from({ length: 5 }, (_, i) => margin(`s${i}`, { a: 0.2 }, 0.4))
  const { held: many, of, lost } = leaveOneOut([...held, margin('alone', { b: 0.5 }, -0.03)])
  expect([many, of, lost]).toEqual([5, 6, ['alone']])
})
