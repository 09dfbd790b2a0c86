import { describe, expect, it } from 'vitest'
import { SCENARIOS, type Scenario } from '../testing/scenarios'
import { PLACE, WORLD, water } from '../testing/world'
import { Place, type Conditions } from '../water'
import { fitsSetUp, matchWater } from '.'

/** Waters from the trade, written as data (common practice): what is among the first three, what is not among the first ten. */

const match = ({ water: over, place }: Scenario, nudge: (c: Conditions) => Conditions = (c) => c) =>
  matchWater(nudge(water(over)), Place.parse({ ...PLACE, ...place }), WORLD.box, { sides: {}, limit: 10, lifts: 0 })

/** What is wrong with an answer; empty where nothing is. */
function faults(scenario: Scenario, nudge?: (c: Conditions) => Conditions): string[] {
  const { rows } = match(scenario, nudge)
  const wrong: string[] = []
  const say = (i: number) => {
    const { build, handling } = rows[i]?.setUp ?? {}
    return `${i + 1}. ${build?.lure.name} (${build?.mount.kind}), ${handling?.retrieve.id}`
  }
  if (!rows.slice(0, 3).some((r) => scenario.first.some((t) => fitsSetUp(t, r.setUp))))
    wrong.push(`not among the first three, which are ${[0, 1, 2].map(say).join('; ')}`)
  rows.forEach((r, i) => {
    if (scenario.never.some((t) => fitsSetUp(t, r.setUp))) wrong.push(`should not be there: ${say(i)}`)
  })
  return wrong
}

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
  it('they hang on no exact figure: a little warmer, murkier and windier, nine in ten still hold', () => {
    const nudged = (c: Conditions): Conditions => ({
      ...c,
      waterTempC: c.waterTempC + 0.6,
      visibilityM: c.visibilityM * 0.93,
      windMps: c.windMps + 0.4,
    })
    const some = SCENARIOS.filter((_, i) => i % 3 !== 1)
    const held = some.filter((s) => faults(s, nudged).length === 0)
    expect(held.length).toBeGreaterThanOrEqual(Math.ceil(0.9 * some.length))
  }, 600_000)
})
