import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { familyOf } from '../../tackle'
import { baitWays, bestOf, createMatchContext, scoreSetUp } from '..'
import { SNAG_LIMIT } from '../tuned/cast-evaluation'

const BODIES = ['paddle-tail', 'finesse-worm', 'tube', 'crankbait'] as const
const { box } = WORLD
function lureOf(family: (typeof BODIES)[number]) {
  const found = box.lures.find((l) => l.family === family)
  if (!found) throw new Error(`no ${family} in the box`)
  return found
}
const contextOf = (over: Parameters<typeof water>[0] = {}, on = box) =>
  createMatchContext(water(over), PLACE, on, { sides: {} })

describe('one bait, all its ways', () => {
  it.each(BODIES)('%s: every way of hooking and working it once, best first, as each is scored by itself', (family) => {
    const context = contextOf()
    const { ways } = baitWays(lureOf(family), box, context)
    const keys = ways.map(({ setUp }) => `${setUp.build.mount.kind} ${setUp.handling.technique.id}`)
    expect(keys.length).toBeGreaterThan(2)
    expect(new Set(keys).size).toBe(keys.length)
    expect(ways.map((w) => w.score)).toEqual(ways.map((w) => w.score).sort((a, b) => b - a))
    for (const way of ways) {
      expect(scoreSetUp(way.setUp, context).score).toBeCloseTo(way.score, 9)
      expect(way.thrown.risk).toBeLessThanOrEqual(SNAG_LIMIT)
    }
  })
  it.each(BODIES)('%s: the best of them is what the ranking shows, within a twentieth', (family) => {
    const context = contextOf()
    const best = bestOf(lureOf(family), box, context)?.score ?? 0
    const { ways } = baitWays(lureOf(family), box, context)
    expect((ways[0]?.score ?? 0) / best).toBeGreaterThan(0.95)
  })
  it('every way of hooking it is there, or is told why not', () => {
    for (const family of BODIES) {
      const { ways, without } = baitWays(lureOf(family), box, contextOf())
      const told = new Set([...ways.map((w) => w.setUp.build.mount.kind), ...without.map((w) => w.mount)])
      expect([...told].sort()).toEqual([...(familyOf(family).mounts ?? ['own'])].sort())
    }
  })
  it('without heads and hooks none fits; without a rod that is the reason; trebles fall to the law', () => {
    const soft = lureOf('paddle-tail')
    const bare = { ...box, heads: [], hooks: [] }
    const none = baitWays(soft, bare, contextOf({}, bare))
    expect(none.ways).toEqual([])
    expect(new Set(none.without.map((w) => w.why.code))).toEqual(new Set(['no-hook-fits']))
    const rodless = { ...box, rods: [] }
    expect(baitWays(soft, rodless, contextOf({}, rodless)).without[0]?.why.code).toBe('no-rod')
    const singles = createMatchContext(water({}), { ...PLACE, singlesOnly: true }, box, { sides: {} })
    expect(baitWays(lureOf('crankbait'), box, singles)).toEqual({
      ways: [],
      without: [{ mount: 'own', why: { code: 'trebles' } }],
    })
  })
  it('in brush what bares its hook falls behind what hides it', () => {
    const brush = contextOf({ cover: { kind: 'brush', topM: 1, density: 0.6 } })
    const { ways, without } = baitWays(lureOf('finesse-worm'), box, brush)
    const first = (kind: string) => ways.find((w) => w.setUp.build.mount.kind === kind)?.score ?? 0
    expect(first('texas')).toBeGreaterThan(first('head'))
    for (const { why } of without) expect(['hangs-up', 'no-hook-fits']).toContain(why.code)
  })
})
