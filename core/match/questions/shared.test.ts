import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { createMatchContext, rank, rankShared, scoreSetUp, soughtIn } from '..'

/** Several fish at once: the mean of what a set-up is worth for each of them, and no limit of any of them broken. */

const { box } = WORLD
const LAKE = { depthM: 5, cover: { kind: 'open' as const, topM: 5, density: 0 }, waterTempC: 15 }
const shared = (speciesId: string, alsoFor: string[]) =>
  rankShared(water({ ...LAKE, speciesId, alsoFor }), PLACE, box, { sides: {} })
const context = (speciesId: string) => createMatchContext(water({ ...LAKE, speciesId }), PLACE, box, { sides: {} })

describe('a ranking for several fish', () => {
  const rows = shared('perch', ['zander', 'pike'])
  it('names each of them, the mean is their mean, best first, each lure once', () => {
    expect(rows.length).toBeGreaterThan(5)
    for (const { by, score } of rows) {
      expect(by.map(({ speciesId }) => speciesId)).toEqual(['perch', 'zander', 'pike'])
      expect(score).toBeCloseTo((by[0]!.score + by[1]!.score + by[2]!.score) / 3, 9)
    }
    const scores = rows.map(({ score }) => score)
    expect(scores).toEqual([...scores].sort((a, b) => b - a))
    const lures = rows.map(({ setUp }) => setUp.build.lure.id)
    expect(new Set(lures).size).toBe(lures.length)
  })
  it('what is told for each fish is what its own match says of that set-up', () => {
    for (const { setUp, by } of rows.slice(0, 4))
      for (const { speciesId, score } of by)
        if (score > 0) expect(score).toBeCloseTo(scoreSetUp(setUp, context(speciesId)).score, 6)
  })
  it('without a leader that stands teeth a set-up is worth nothing for pike; there is one that serves all', () => {
    const bare = rows.filter(
      ({ setUp }) => setUp.leader?.material !== 'wire' && (setUp.leader?.diameterM ?? 0) < 0.0007,
    )
    for (const { by } of bare) expect(by[2]?.score).toBe(0)
    expect(rows.some(({ by }) => by.every(({ score }) => score > 0))).toBe(true)
  })
  it('is never better for all of them than the best for each alone', () => {
    const alone = ['perch', 'zander', 'pike'].map((id) => rank(box, context(id), 1)[0]?.score ?? 0)
    const most = alone.reduce((sum, score) => sum + score, 0) / 3
    for (const { score } of rows) expect(score).toBeLessThanOrEqual(most + 0.5)
  })
  it('with one fish it is that fish’s own ranking', () => {
    const own = rank(box, context('zander'), 12).map(({ key }) => key)
    const one = shared('zander', ['zander'])
    expect(new Set(one.map(({ key }) => key))).toEqual(new Set(own))
    expect(soughtIn({ speciesId: 'zander', alsoFor: ['zander', 'perch', 'perch'] })).toEqual(['zander', 'perch'])
  })
  it('the order in which fish are named changes no mean', () => {
    const other = shared('pike', ['perch', 'zander'])
    const means = (list: typeof rows) => new Map(list.map(({ setUp, score }) => [setUp.build.lure.id, score]))
    const [a, b] = [means(rows), means(other)]
    for (const [id, score] of a) if (b.has(id)) expect(b.get(id)).toBeCloseTo(score, 6)
    expect([...a.keys()].filter((id) => b.has(id)).length).toBeGreaterThan(6)
  })
})
