import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { deliveriesFrom, deliveryOf, familyOf, techniqueOf, type DeliveryId } from '../tackle'
import { Conditions } from '../water'
import { createMatchContext, howToFish, rank, scoreSetUp, waysOf } from '.'

/** Every way of fishing, on a water on which it is done. The judges: the hand's own rules, geometry and what anglers do (common practice). */

const DROPPER = { id: 'dropper', name: 'Dropper 40 g', kind: 'dropper' as const, massKg: 0.04, cost: null, count: 3 }
const box = { ...WORLD.box, sinkers: [...WORLD.box.sinkers, DROPPER] }
type Over = Parameters<typeof water>[0]
const context = (over: Over) => createMatchContext(water(over), PLACE, box, { sides: {} })
const ranked = (over: Over, limit = 6) => rank(box, context(over), limit)

const LAKE: Over = {
  speciesId: 'pike',
  stand: 'boat',
  depthM: 9,
  zone: { topM: 3, bottomM: 5 },
  cover: { kind: 'open', topM: 9, density: 0 },
}
const RIVER: Over = {
  speciesId: 'brown-trout',
  stand: 'wading',
  currentMps: 0.6,
  depthM: 2,
  zone: { topM: 0.6, bottomM: 2 },
  waterTempC: 12,
  cover: { kind: 'open', topM: 2, density: 0 },
}
const DEEP: Over = { ...LAKE, speciesId: 'brown-trout', depthM: 30, zone: { topM: 12, bottomM: 15 }, waterTempC: 12 }
const WATERS: Readonly<Record<DeliveryId, Over>> = {
  cast: LAKE,
  pitch: { speciesId: 'largemouth-bass', stand: 'boat', cover: { kind: 'timber', topM: 1, density: 0.4 } },
  vertical: { ...DEEP, speciesId: 'zander' },
  drift: { ...LAKE, speciesId: 'perch', driftMps: 0.3, zone: { topM: 7, bottomM: 9 } },
  swing: RIVER,
  troll: LAKE,
  downrigger: DEEP,
  'three-way': {
    ...RIVER,
    depthM: 4,
    zone: { topM: 2, bottomM: 4 },
    cover: { kind: 'open', topM: 4, density: 0 },
    currentMps: 0.3,
    stand: 'shore',
  },
  still: { speciesId: 'largemouth-bass', stand: 'shore', zone: { topM: 3, bottomM: 4 } },
}
const only = (id: DeliveryId): Over => ({ ...WATERS[id], deliveries: [id] })
const each = Object.keys(WATERS) as DeliveryId[]

describe('every way of fishing', () => {
  it.each(each)(
    '%s: where only it is allowed every answer is fished so, and has a score that follows from its parts',
    (id) => {
      const rows = ranked(only(id))
      expect(rows.length).toBeGreaterThanOrEqual(id === 'downrigger' || id === 'pitch' ? 3 : 4)
      for (const row of rows) {
        expect(row.setUp.handling.technique.delivery).toBe(id)
        const lost = row.parts.reduce((sum, p) => sum + Math.log(p.chance), 0)
        expect(Math.log(row.chance)).toBeCloseTo(lost, 6)
        expect(scoreSetUp(row.setUp, context(only(id))).score).toBeCloseTo(row.score, 9)
      }
    },
  )
  it('all that are allowed stand in one ranking, and the first of it is the best of each alone', () => {
    const both = ranked({ ...LAKE, deliveries: ['cast', 'troll'] }, 3)
    const alone = (['cast', 'troll'] as const).map((id) => ranked({ ...LAKE, deliveries: [id] }, 3)[0]?.score ?? 0)
    expect(both[0]?.score ?? 0).toBeGreaterThan(0.97 * Math.max(...alone))
  })
  it('is only what can be done from there, in this water', () => {
    const here = (over: Over) => context(over).deliveries
    expect([...here({ ...LAKE, stand: null })]).toEqual(['cast', 'pitch', 'vertical'])
    expect([...here({ ...LAKE, stand: 'ice' })]).toEqual(['vertical', 'still'])
    expect(here({ ...RIVER, stand: 'wading' }).has('swing')).toBe(true)
    expect(here({ ...RIVER, currentMps: 0 }).has('swing')).toBe(false)
    expect(here({ ...LAKE, stand: 'kayak', deliveries: ['downrigger', 'troll'] })).toEqual(new Set(['troll']))
    expect(here({ ...LAKE, stand: 'shore', deliveries: ['drift', 'cast'] })).toEqual(new Set(['cast']))
    expect(deliveriesFrom('held')).not.toContain('troll')
  })
  it('a bank does not slide: a drift written down for the boat carries nothing off from the shore', () => {
    const [still, slid] = [0, 0.5].map((driftMps) => ranked({ ...LAKE, stand: 'shore', driftMps }, 4))
    expect(slid?.map((r) => r.score)).toEqual(still?.map((r) => r.score))
  })
  it('rods that are only lowered may troll and drift, and still cast nothing', () => {
    for (const id of ['troll', 'downrigger', 'drift', 'vertical'] as const) expect(deliveryOf(id).thrown).toBe('none')
    const rows = ranked({ ...LAKE, deliveries: ['cast', 'pitch'] }, 40)
    for (const { setUp } of rows) expect(setUp.outfit.reel.type).not.toBe('overhead')
  })
})

describe('line let out', () => {
  it('brings what is trolled into the middle of the zone where any line does, and clear of the bottom', () => {
    for (const { thrown } of ranked(only('troll'), 8)) {
      const z = thrown.path.z[0] ?? NaN
      expect(z).toBeLessThanOrEqual(9)
      expect(thrown.plan.castM).toBeGreaterThanOrEqual(10)
      if (thrown.plan.castM > 10.01 && thrown.plan.castM < 79) expect(z).toBeCloseTo(4, 1)
    }
  })
  it('the ball of a downrigger takes any lure there, and never to the bottom', () => {
    for (const { thrown } of ranked(only('downrigger'))) {
      expect(thrown.path.z[0]).toBeCloseTo(13.5, 1)
      expect(thrown.plan.ballM).toBeLessThan(30)
    }
    const low = ranked({ ...only('downrigger'), zone: { topM: 29, bottomM: 30 } })
    for (const { thrown } of low) expect(thrown.plan.ballM ?? 99).toBeLessThanOrEqual(29.4)
  })
  it('the cable is longer than the ball is deep, longer still for a light ball, and none without one', () => {
    const [row] = ranked(only('downrigger'), 1)
    if (!row) throw new Error('none')
    const cable = (ballKg: number) => howToFish(row, context({ ...only('downrigger'), ballKg })).cable?.outM ?? NaN
    expect(cable(5)).toBeGreaterThan(row.thrown.plan.ballM ?? NaN)
    expect(cable(1)).toBeGreaterThan(cable(5))
    const [cast] = ranked(LAKE, 1)
    if (!cast) throw new Error('none')
    expect(howToFish(cast, context(LAKE)).cable).toBeUndefined()
  })
  it('the pace is one that the lure works at and a boat holds', () => {
    for (const id of ['troll', 'downrigger'] as const)
      for (const { setUp } of ranked(only(id), 8)) {
        const known = context(only(id)).known(setUp.build.lure)
        const [slow, fast] = known
          ? [known.window.slow.value, known.window.fast.value]
          : familyOf(setUp.build.lure.family).speedMps
        expect(setUp.handling.paceMps).toBeGreaterThanOrEqual(Math.max(0.3, slow) - 1e-9)
        expect(setUp.handling.paceMps).toBeLessThanOrEqual(Math.min(3.2, fast) + 1e-9)
      }
  })
  it('in a river too slow for them, spinners and plugs neither swing nor hang behind a three-way: they would not work', () => {
    const rows = ranked({ ...only('swing'), currentMps: 0.1 }, 40)
    for (const { setUp } of rows) expect(['soft', 'jig']).toContain(familyOf(setUp.build.lure.family).body)
  })
})

describe('three-way', () => {
  it('stands behind a sinker that the current does not carry off, on a dropper that is told', () => {
    const rows = ranked(only('three-way'), 8)
    for (const { setUp, thrown } of rows) {
      expect(setUp.build.anchor?.kind).toBe('dropper')
      expect(thrown.dropperM).toBeGreaterThanOrEqual(0.3)
      expect(thrown.dropperM).toBeLessThanOrEqual(2.7)
    }
    const torrent = ranked({ ...only('three-way'), currentMps: 1.6 }, 8)
    for (const { setUp } of torrent) expect(setUp.build.anchor?.massKg).toBe(0.04)
    expect(torrent.length).toBeLessThan(rows.length)
  })
  it('weighs on the rod with its sinker, and swims without it', () => {
    const [row] = ranked(only('three-way'), 1)
    if (!row) throw new Error('none')
    const { build } = row.setUp
    const bare = { ...build, anchor: undefined, massKg: build.massKg - (build.anchor?.massKg ?? 0) }
    expect(bare.massKg).toBeLessThan(build.massKg)
    const free = scoreSetUp({ ...row.setUp, build: bare }, context(only('three-way')))
    expect(row.thrown.plan.motion).toEqual(free.thrown.plan.motion)
  })
  it('fish that hold higher get a longer dropper', () => {
    const dropper = (topM: number) =>
      ranked({ ...only('three-way'), castM: 8, zone: { topM, bottomM: topM + 0.6 } }, 1)[0]?.thrown.dropperM ?? NaN
    expect(dropper(1.2)).toBeGreaterThan(dropper(3.4))
  })
})

describe('on the water', () => {
  it('a set-up of any way is carried with ways of its own, each of them one that is allowed', () => {
    for (const id of each) {
      const here = context({
        ...WATERS[id],
        deliveries: [id, 'cast'].filter((d, i, all) => all.indexOf(d) === i) as DeliveryId[],
      })
      const [row] = rank(box, context(only(id)), 1)
      if (!row) throw new Error(`none ${id}`)
      const ways = waysOf(row.setUp, here)
      expect(ways[0]).toBeDefined()
      for (const way of ways) expect(here.deliveries.has(way.setUp.handling.technique.delivery)).toBe(true)
    }
  })
  it('waters of before know no stand and no ways: they are read as ever', () => {
    const { stand: _s, deliveries: _d, ballKg: _b, ...old } = water(LAKE)
    expect(Conditions.parse(old)).toMatchObject({ stand: null, deliveries: null, ballKg: null })
  })
  it('each technique of a way of fishing is fished by some family', () => {
    for (const id of ['troll', 'swing', 'three-way', 'drift-drag', 'wait-lift', 'dead-hold'] as const)
      expect(techniqueOf(id).delivery).toMatch(/troll|swing|three-way|drift|still|vertical/)
  })
})
