import { describe, expect, it } from 'vitest'
import { SCENARIOS } from '../../testing/scenarios'
import { faults } from '../../testing/scenarios/faults'

/** Waters from the trade, written as data (common practice): what is among the first three, what is not among the first ten. */

describe('waters of the trade', () => {
  it('there are at least 160, each with a name of its own, its facts, and something it must not answer', () => {
    expect(SCENARIOS.length).toBeGreaterThanOrEqual(160)
    expect(new Set(SCENARIOS.map((s) => s.name)).size).toBe(SCENARIOS.length)
    for (const s of SCENARIOS) {
      expect(s.facts.length).toBeGreaterThan(0)
      for (const f of s.facts) expect(f >= 1 && f <= 93).toBe(true)
      expect(s.first.length * s.never.length).toBeGreaterThan(0)
    }
  })
  it.each(SCENARIOS.map((s) => [s.name, s] as const))('%s', (_, scenario) => {
    expect(faults(scenario)).toEqual([])
  })
})
