import { range } from 'd3-array'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import type { Conditions } from '../water'
import { createMatchContext, judgedBy, rank, scoreSetUp } from '.'

/** No cliff where a rule begins: a set-up's chance, as a logarithm, by steps of a condition smaller than anyone reads off the water. */

const judging = { ...judgedBy({ sides: {}, weights: {}, own: [] }), against: 1 }
const contextIn = (c: Conditions) => createMatchContext(c, PLACE, WORLD.box, judging)
const GRASS = { kind: 'grass', topM: 1.5, density: 0.4 } as const
const BASES = [
  ['pike over grass', water({ speciesId: 'pike', cover: GRASS })],
  ['perch in open water', water({ speciesId: 'perch' })],
] as const
const deepened = (c: Conditions, depthM: number): Partial<Conditions> => ({
  depthM,
  cover: { ...c.cover, topM: (c.cover.topM * depthM) / c.depthM },
})
/** Step by step, and the steepest that is let pass: zones that glide from one holding place to another are the steepest, and a plug that just bumps along the bottom and then no more. */
const ALONG = [
  ['a quarter of a degree', 2.4, range(3, 28, 0.25).map((waterTempC) => () => ({ waterTempC }))],
  ['6 % of visibility', 0.25, range(0, 100, 2).map((n) => () => ({ visibilityM: 0.4 * 1.03 ** n }))],
  ['0.4 m/s of wind', 0.1, range(0, 12, 0.4).map((windMps) => () => ({ windMps }))],
  ['3 % of depth', 2.1, range(0, 70).map((n) => (c: Conditions) => deepened(c, 1.5 * 1.03 ** n))],
] as const

describe.each(BASES)('%s', (_, base) => {
  const setUps = rank(WORLD.box, contextIn(base), 3).map(({ setUp }) => setUp)
  it.each(ALONG)('%s changes no chance by more than %f', (__, most, steps) => {
    const logs = steps.map((by) => {
      const context = contextIn({ ...base, ...by(base) })
      return setUps.map((setUp) => Math.log(scoreSetUp(setUp, context).chance))
    })
    const jumps = logs.slice(1).flatMap((now, i) => now.map((log, k) => Math.abs(log - (logs[i]?.[k] ?? Infinity))))
    expect(jumps.length).toBeGreaterThan(80)
    expect(Math.max(...jumps)).toBeLessThan(most)
  })
})
