import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, fahrenheit, feet, water } from '../../testing/world'
import type { Conditions } from '../water'
import { createMatchContext, matchWater, scoreSetUp, type MatchRow } from '.'

/** Waters from the trade and what must come out on top: by rules and physics. All common practice. */

const match = (over: Partial<Conditions>, limit = 10) =>
  matchWater(water(over), PLACE, WORLD.box, { sides: {}, limit, lifts: 0 })
const families = (rows: readonly MatchRow[]) => rows.map((r) => r.setUp.build.lure.family)
const nth = (rows: readonly MatchRow[], i: number): MatchRow => {
  const row = rows[i]
  if (!row) throw new Error(`no row ${i}`)
  return row
}

describe('(a) fact 28: 44 °F, clear, isolated standing timber, lethargic bass', () => {
  const cold: Partial<Conditions> = {
    date: '2026-02-20',
    waterTempC: fahrenheit(44),
    visibilityM: feet(10),
    depthM: 6,
    cover: { kind: 'timber', topM: 2, density: 0.25 },
    forage: { kind: 'shad', lengthM: 0.1 },
    mood: 'lethargic',
  }
  it.each([
    ['as usual', {}],
    ['shallower, cloud', { sky: 'cloud', depthM: 4.5, cover: { kind: 'timber', topM: 1.2, density: 0.2 } }],
    ['the zone set by hand', { zone: { topM: 1.5, bottomM: 3.2 } }],
    ['smaller bait, wind', { windMps: 6, forage: { kind: 'shad', lengthM: 0.08 } }],
    ['colder', { waterTempC: fahrenheit(40) }],
  ] satisfies [string, Partial<Conditions>][])(
    'a suspending jerkbait with pauses of 20 s or more is in the first three: %s',
    (_, over) => {
      const first = match({ ...cold, ...over }, 3).rows
      const hanging = first.filter(
        ({ setUp: { build, handling } }) =>
          build.lure.family === 'jerkbait' && build.lure.traits.buoyancy === 'suspends' && handling.restS >= 20,
      )
      expect(hanging.length).toBeGreaterThan(0)
    },
  )
})

describe('(b) fact 9: muddy 58 °F spring water, wood, active bass', () => {
  const mud: Partial<Conditions> = {
    date: '2026-04-10',
    waterTempC: fahrenheit(58),
    visibilityM: 0.35,
    sky: 'cloud',
    depthM: 2,
    cover: { kind: 'timber', topM: 0.9, density: 0.5 },
    mood: 'active',
  }
  it.each([
    ['as usual', {}],
    ['sun, no wind', { sky: 'sun', windMps: 1 }],
    ['brush, a little deeper', { cover: { kind: 'brush', topM: 1.3, density: 0.4 }, depthM: 2.6 }],
    ['docks', { cover: { kind: 'docks', topM: 0.3, density: 0.4 } }],
  ] satisfies [string, Partial<Conditions>][])(
    'a Colorado-bladed spinnerbait or a rattling shallow crankbait leads, wound slowly: %s',
    (_, over) => {
      const { build, handling } = nth(match({ ...mud, ...over }, 1).rows, 0).setUp
      const { lure } = build
      const spinnerbait = lure.family === 'spinnerbait' && lure.traits.blade === 'colorado'
      const crank = lure.family === 'crankbait' && lure.sound === 'rattles' && lure.traits.depthM <= 1.8
      expect(spinnerbait || crank).toBe(true)
      expect(handling.paceMps).toBeLessThan(0.6)
    },
  )
})

describe('(c) facts 19, 20: grass tops at 3 ft against 7 ft', () => {
  const grass = (topM: number): Partial<Conditions> => ({
    waterTempC: 20,
    depthM: 4,
    cover: { kind: 'grass', topM, density: 0.5 },
    mood: 'active',
  })
  it.each(['Bumblecrag M', 'Bumblecrag M Hush', 'Bumblecrag M Ember'])(
    '%s: no deeper than its touch over the high grass, no shallower over the low; rod up runs it no deeper',
    (name) => {
      const only = { ...WORLD.box, lures: WORLD.box.lures.filter((l) => l.name === name) }
      const best = (topM: number) =>
        nth(matchWater(water(grass(topM)), PLACE, only, { sides: {}, limit: 1, lifts: 0 }).rows, 0)
      const [high, low] = [best(feet(3)), best(feet(7))]
      expect(Math.max(...high.thrown.path.z)).toBeLessThan(feet(3) + 0.25)
      const up = { ...high.setUp, handling: { ...high.setUp.handling, rodTipM: 2.2 } }
      const on = createMatchContext(water(grass(feet(3))), PLACE, only, { sides: {} })
      expect(Math.max(...scoreSetUp(up, on).thrown.path.z)).toBeLessThanOrEqual(Math.max(...high.thrown.path.z))
      expect(Math.max(...high.thrown.path.z)).toBeLessThanOrEqual(Math.max(...low.thrown.path.z))
    },
  )
  it('of all plugs the one that leads over the low grass runs deeper than the one over the high', () => {
    const plugs = { ...WORLD.box, lures: WORLD.box.lures.filter((l) => l.family === 'crankbait') }
    const deepest = (topM: number) => {
      const { rows } = matchWater(water(grass(topM)), PLACE, plugs, { sides: {}, limit: 1, lifts: 0 })
      return Math.max(...nth(rows, 0).thrown.path.z)
    }
    expect(deepest(feet(7))).toBeGreaterThan(deepest(feet(3)) + 0.2)
  })
})

describe('(d) fact 36: surface feeders at dawn, and two hours after sunrise', () => {
  const feeders: Partial<Conditions> = {
    visibilityM: 3,
    depthM: 6,
    cover: { kind: 'open', topM: 6, density: 0 },
    forage: { kind: 'bleak', lengthM: 0.08 },
    mood: 'active',
    waterTempC: 16,
  }
  it.each(['striped-bass', 'perch', 'largemouth-bass'])('%s: casting metal first', (speciesId) => {
    expect(families(match({ ...feeders, speciesId, hour: 4 }, 1).rows)).toEqual(['casting-metal'])
  })
  it.each(['striped-bass', 'perch', 'largemouth-bass'])('%s: then slow things on the bottom', (speciesId) => {
    const later = match({ ...feeders, speciesId, hour: 6.2 }, 3).rows
    for (const { setUp, thrown } of later) {
      expect(setUp.build.lure.family).not.toBe('casting-metal')
      expect(setUp.handling.technique.passing).toBeLessThan(0.6)
      expect(thrown.share.onBottom).toBeGreaterThan(0.4)
    }
  })
})

describe('other facts', () => {
  it('fact 30: pressured fish in clear water bring small, quiet, staying baits to the top', () => {
    const first = match({ mood: 'pressured', visibilityM: 4, speciesId: 'smallmouth-bass' }, 3).rows
    for (const { setUp } of first) expect(setUp.handling.technique.passing).toBeLessThanOrEqual(0.55)
    expect(nth(first, 0).setUp.build.lure.sound).toBe('silent')
  })
  it('fact 11: a bladed jig is never dressed with a bulky trailer', () => {
    const { rows } = match({ cover: { kind: 'grass', topM: 1.5, density: 0.4 }, mood: 'active' }, 20)
    const bladed = rows.filter((r) => r.setUp.build.lure.family === 'bladed-jig')
    expect(bladed.length).toBeGreaterThan(0)
    for (const { setUp } of bladed)
      expect(['kicking-craw', 'gliding-creature', 'paddle-tail']).not.toContain(setUp.build.trailer?.kind)
  })
  it('fact 10: a stinger hook costs points in wood', () => {
    const { rows } = match({ cover: { kind: 'brush', topM: 1.5, density: 0.5 }, visibilityM: 0.5, mood: 'active' }, 30)
    const stinger = rows.find((r) => r.setUp.build.lure.name === 'Grumblewing 18 Thud')
    expect(stinger?.parts.some((p) => p.chance < 0.9 && p.causes[0]?.ruleId === 'stinger-off')).toBe(true)
  })
  it('fact 23: silent in clear water, rattles in mud — the same plug both ways', () => {
    const twin = WORLD.box.lures.find((l) => l.name === 'Bumblecrag M')
    if (!twin) throw new Error('no twin')
    const pair = {
      ...WORLD.box,
      lures: (['silent', 'rattles'] as const).map((sound) => ({ ...twin, sound, id: sound })),
    }
    const firstIn = (visibilityM: number) =>
      nth(matchWater(water({ visibilityM }), PLACE, pair, { sides: {}, limit: 2, lifts: 0 }).rows, 0).setUp.build.lure
        .sound
    expect(firstIn(4)).toBe('silent')
    expect(firstIn(0.4)).toBe('rattles')
  })
  it('fact 29: sun asks for silver, cloud for gold, where the angler follows the sky', () => {
    const twin = WORLD.box.lures.find((l) => l.name === 'Nimbletwig 110')
    if (!twin) throw new Error('no twin')
    const coloured = (id: 'silver' | 'gold', back: 'blue-back' | 'black') => ({
      ...twin,
      id,
      colour: { back, flank: id, belly: id, pattern: 'plain' as const },
    })
    const pair = { ...WORLD.box, lures: [coloured('silver', 'blue-back'), coloured('gold', 'black')] }
    const firstUnder = (sky: 'sun' | 'cloud') =>
      nth(matchWater(water({ sky }), PLACE, pair, { sides: { S4: 'second' }, limit: 2, lifts: 0 }).rows, 0).setUp.build
        .lure.id
    expect(firstUnder('sun')).toBe('silver')
    expect(firstUnder('cloud')).toBe('gold')
  })
  it('bare trebles are not thrown into a wall of wood', () => {
    const { rows } = match(
      { cover: { kind: 'brush', topM: 0.2, density: 1 }, depthM: 3, zone: { topM: 1.5, bottomM: 2.8 } },
      20,
    )
    expect(rows.length).toBeGreaterThan(0)
    for (const { setUp, thrown } of rows)
      if (setUp.build.lure.family === 'jerkbait') expect(thrown.share.inCover).toBeLessThan(0.5)
  })
  it('pike are fished on a leader they cannot cut', () => {
    for (const { setUp } of match({ speciesId: 'pike' }).rows) {
      expect(setUp.leader && (setUp.leader.material === 'wire' || setUp.leader.diameterM >= 0.0007)).toBe(true)
    }
  })
})
