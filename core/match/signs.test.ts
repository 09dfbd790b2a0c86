import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { techniquesOf, type FamilyId, type Lure } from '../tackle'
import { FORAGE, FORAGE_SHAPES, adultLengthM, forageLengthM, readWater, shoalsToday, speciesOf } from '../water'
import { bestOf, createMatchContext, demandOf, rank, type MatchContext } from '.'
import { leftOut } from './questions/left-out'
import { bringsLead } from './possible/law'

/** What is seen, lamps, drifting weed, how fish lie, the law on lead, builds of prey: what each does to zone, light and ranking. All common practice. */

type Over = Parameters<typeof water>[0]
const OPEN: Over = { depthM: 8, cover: { kind: 'open', topM: 8, density: 0 } }
const context = (over: Over, place = PLACE, box = WORLD.box) =>
  createMatchContext(water(over), place, box, { sides: {} })
const lureOf = (family: FamilyId, over: Partial<Lure> = {}): Lure => {
  const found = WORLD.box.lures.find((l) => l.family === family)
  if (!found) throw new Error(`no ${family}`)
  return { ...found, ...over } as Lure
}
/** Ratio of the chances of a lure in two waters. */
const score = (lure: Lure, c: MatchContext) => bestOf(lure, WORLD.box, c)?.score ?? 0
const wants = (over: Over, axis: string) => context(over).demand.axes.find((a) => a.axis === axis)?.weight ?? 0

describe('signs', () => {
  it('birds and bait bring the zone up under the surface; the angler’s own zone goes before them', () => {
    for (const sign of ['birds', 'bait'] as const)
      expect(context({ ...OPEN, signs: [sign] }).reading.zone).toMatchObject({ topM: 0, holdingId: 'under-the-birds' })
    expect(context(OPEN).reading.zone.topM).toBeGreaterThan(2)
    const own = { topM: 5, bottomM: 6 }
    expect(context({ ...OPEN, zone: own, signs: ['birds'] }).reading.zone).toMatchObject(own)
  })
  it('birds ask for distance, and lift casting metal above a bottom jig', () => {
    const sea = { ...PLACE, salinity: 35 }
    const lift = (family: FamilyId) =>
      score(lureOf(family), context({ ...OPEN, speciesId: 'mackerel', signs: ['birds'] }, sea)) /
      score(lureOf(family), context({ ...OPEN, speciesId: 'mackerel' }, sea))
    expect(wants({ ...OPEN, signs: ['birds'] }, 'reach')).toBeGreaterThan(wants(OPEN, 'reach'))
    expect(lift('casting-metal')).toBeGreaterThan(lift('creature'))
  })
  it('mud holds the zone to the bottom', () => {
    const { zone } = context({ ...OPEN, signs: ['mud'] }).reading
    expect(zone.holdingId).toBe('over-the-mud')
    expect(zone.topM).toBeGreaterThan(7)
  })
  it('fish that are seen ask for finer line', () => {
    expect(wants({ ...OPEN, signs: ['fish'] }, 'stealth')).toBeGreaterThan(wants(OPEN, 'stealth'))
  })
})

describe('lamps', () => {
  const night: Over = { ...OPEN, hour: 0, date: '2026-11-20' }
  it('light the water at night and bring fish up to the edge of the light; by day they do nothing', () => {
    const [dark, lit] = [context(night).reading, context({ ...night, lamps: true }).reading]
    expect(lit.zoneLux).toBeGreaterThan(10 * dark.zoneLux)
    expect(lit.zone.holdingId).toBe('edge-of-the-lamps')
    expect(lit.light).toBe('night')
    const day = context({ ...OPEN, lamps: true }).reading
    expect([day.zone, day.zoneLux]).toEqual([context(OPEN).reading.zone, context(OPEN).reading.zoneLux])
  })
})

describe('drifting weed', () => {
  it('costs bare trebles more than a single hook, and that more than a hidden point; the more weed the more', () => {
    const weedy = (lure: Lure, weedDrift: 'none' | 'some' | 'much') => score(lure, context({ ...OPEN, weedDrift }))
    const treble = lureOf('jerkbait')
    const single = lureOf('spinnerbait')
    const share = (lure: Lure, how: 'some' | 'much') => weedy(lure, how) / weedy(lure, 'none')
    expect(share(treble, 'some')).toBeLessThan(1)
    expect(share(treble, 'much')).toBeLessThan(share(treble, 'some'))
    expect(share(treble, 'much')).toBeLessThan(share(single, 'much'))
    const hidden = rank(WORLD.box, context({ ...OPEN, weedDrift: 'much' }), 6)
    expect(hidden.every(({ thrown }) => thrown.risk <= 0.45)).toBe(true)
  })
})

describe('gathered or spread', () => {
  it('is as usual for the fish until the angler says otherwise', () => {
    expect(speciesOf('pike')?.isSchooling).toBe(false)
    expect(shoalsToday(water({ speciesId: 'pike' }))).toBe(false)
    expect(shoalsToday(water({ speciesId: 'pike', shoal: 'gathered' }))).toBe(true)
    expect(shoalsToday(water({ speciesId: 'perch' }))).toBe(true)
    expect(shoalsToday(water({ speciesId: 'perch', shoal: 'spread' }))).toBe(false)
    expect(context({ speciesId: 'pike', shoal: 'gathered' }).reading.features.schooling).toBe('yes')
  })
})

describe('lead', () => {
  it('where it is forbidden no head, sinker or jig of lead is answered; of tungsten they are', () => {
    const place = { ...PLACE, noLead: true }
    const free = context(OPEN, place)
    const answers = rank(WORLD.box, free, 12)
    expect(answers.length).toBeGreaterThan(3)
    for (const { setUp } of answers) expect(bringsLead(setUp.build)).toBe(false)
    expect(rank(WORLD.box, context(OPEN), 12).some(({ setUp }) => bringsLead(setUp.build))).toBe(true)
    const tungsten = {
      ...WORLD.box,
      heads: WORLD.box.heads.map((h) => ({ ...h, metal: 'tungsten' as const })),
      sinkers: WORLD.box.sinkers.map((s) => ({ ...s, metal: 'tungsten' as const })),
    }
    const soft = lureOf('paddle-tail')
    expect(bestOf(soft, WORLD.box, free)?.setUp.build.mount.kind).not.toBe('head')
    const headed = context({ ...OPEN, zone: { topM: 7, bottomM: 8 } }, place, tungsten)
    expect(bestOf(soft, tungsten, headed)?.setUp.build.mount.kind).toBe('head')
    expect(bestOf(lureOf('skirted-jig'), WORLD.box, free)).toBeNull()
    expect(leftOut(WORLD.box, free).find(({ why }) => why.code === 'lead')?.lures).toBeGreaterThan(5)
    expect(leftOut(WORLD.box, context(OPEN)).map(({ why }) => why.code)).not.toContain('lead')
    expect(bestOf(lureOf('skirted-jig', { make: { metal: 'tin' } }), WORLD.box, free)).not.toBeNull()
  })
})

describe('scent', () => {
  it('lifts a bait for fish that hardly move, and not for active ones', () => {
    const worm = lureOf('stick-worm')
    const scented = { ...worm, make: { scented: true } } as Lure
    const gain = (mood: 'active' | 'lethargic') =>
      score(scented, context({ ...OPEN, mood })) / score(worm, context({ ...OPEN, mood }))
    expect(gain('lethargic')).toBeGreaterThan(1)
    expect(gain('active')).toBe(1)
  })
})

describe('prey', () => {
  it('has a build each; all six are there', () => {
    expect(new Set(FORAGE.map(({ shape }) => shape))).toEqual(new Set(FORAGE_SHAPES))
  })
  it('thin as a needle it lifts thin lures', () => {
    const gain = (family: FamilyId) =>
      score(lureOf(family), context({ ...OPEN, forage: { kind: 'sand-eel', lengthM: 0.1 } })) /
      score(lureOf(family), context({ ...OPEN, forage: { kind: 'sprat', lengthM: 0.1 } }))
    expect(gain('soft-jerkbait')).toBeGreaterThan(gain('crankbait'))
  })
  it('grown ones are longer than this year’s young, and no longer than they get', () => {
    for (const { id, asymptoticLengthM } of FORAGE) {
      const grown = adultLengthM(id) ?? 0
      expect(grown).toBeGreaterThanOrEqual(Math.min(forageLengthM(id, '2026-08-15') ?? 0, grown))
      expect(grown).toBeLessThan(asymptoticLengthM)
    }
    expect(adultLengthM('roach')).toBeCloseTo(0.21, 9)
    expect(adultLengthM('unicorn')).toBeUndefined()
  })
})

describe('new families are heard where they belong', () => {
  it.each([
    ['short-jig', { mood: 'active', depthM: 30, cover: { kind: 'open', topM: 30, density: 0 } }, 35],
    ['gliding-jig', { stand: 'ice', speciesId: 'perch', waterTempC: 1, date: '2026-01-20' }, 0],
    ['ribbon-worm', { waterTempC: 25, cover: { kind: 'grass', topM: 2.5, density: 0.3 } }, 0],
  ] as const)('%s', (family, over, salinity) => {
    const reading = readWater(
      water(over as Over),
      { ...PLACE, salinity },
      speciesOf(water(over as Over).speciesId) as never,
    )
    const favoured = demandOf(reading.features, {}).habits.filter(
      ({ kind, test }) => kind === 'favour' && test.family?.includes(family),
    )
    expect(favoured.length).toBeGreaterThan(0)
    expect(techniquesOf(family).length).toBeGreaterThan(2)
  })
})
