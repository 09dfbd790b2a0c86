import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, feet, inches, water } from '../../testing/world'
import { dropShotHeightM } from '../motion'
import { deliveryOf, FAMILIES, TECHNIQUES, reelFitsRod } from '../tackle'
import type { Conditions } from '../water'
import {
  RULES,
  OPEN_QUESTIONS,
  agreementAt,
  createMatchContext,
  demandOf,
  matchWater,
  scoreSetUp,
  setUpKey,
  SNAG_LIMIT,
} from '.'
import { sayGiven, sayHandling, sayLift, sayRig, sayRule } from '../../words'

const { box } = WORLD
const ask = (c: Conditions, limit = 12) => matchWater(c, PLACE, box, { sides: {}, limit, lifts: 3 })

/** Waters all over the map. */
const anyWater = fc
  .record({
    waterTempC: fc.double({ min: 1, max: 29, noNaN: true }),
    visibilityM: fc.double({ min: 0.2, max: 8, noNaN: true }),
    depthM: fc.double({ min: 1, max: 15, noNaN: true }),
    coverShare: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
    density: fc.double({ min: 0, max: 1, noNaN: true }),
    kind: fc.constantFrom('open', 'rock', 'timber', 'grass', 'docks', 'reeds'),
    mood: fc.constantFrom('active', 'neutral', 'lethargic', 'pressured'),
    sky: fc.constantFrom('sun', 'cloud', 'rain'),
    speciesId: fc.constantFrom('perch', 'zander', 'largemouth-bass', 'pike', 'sea-trout'),
    hour: fc.integer({ min: 0, max: 23 }),
  })
  .map(({ coverShare, density, kind, ...rest }) =>
    water({
      ...(rest as Partial<Conditions>),
      cover: { kind: kind as 'rock', topM: rest.depthM * coverShare, density },
    }),
  )

describe('rules as data', () => {
  it('at least thirty, each named once, each with a sentence and a basis', () => {
    expect(RULES.length).toBeGreaterThanOrEqual(30)
    expect(new Set(RULES.map((r) => r.id)).size).toBe(RULES.length)
    for (const r of RULES) {
      expect(sayRule(r)).toMatch(/^[A-Z].*\.$/)
      expect(r.basis.length).toBeGreaterThan(5)
      for (const e of r.effects) expect(e.weight).toBeGreaterThan(0)
    }
  })
  it('speak only of families, techniques and schools that exist', () => {
    const families = new Set<string>(FAMILIES.map((f) => f.id))
    const techniques = new Set(TECHNIQUES.map((r) => r.id))
    const sides = new Set(OPEN_QUESTIONS.flatMap((s) => [`${s.id}.${s.first.id}`, `${s.id}.${s.second.id}`]))
    for (const r of RULES) {
      if (r.side !== null) expect(sides).toContain(r.side)
      for (const e of r.effects) {
        const test = 'favour' in e ? e.favour : 'avoid' in e ? e.avoid : {}
        for (const f of test.family ?? []) expect(families).toContain(f)
        for (const w of test.technique ?? []) expect(techniques).toContain(w)
      }
    }
  })
  it('a school left out does not speak, both speak at half', () => {
    const { features } = createMatchContext(water({ sky: 'sun' }), PLACE, box, { sides: {} }).reading
    const silver = (choice: 'first' | 'second' | 'both') =>
      demandOf(features, { S4: choice }).colour.causes.find((c) => c.ruleId === 'sun-silver')?.weight ?? 0
    expect(silver('first')).toBe(0)
    expect(silver('both')).toBeCloseTo(silver('second') / 2)
  })
})

describe('the score', () => {
  it('its chance is the product of those of its parts, on random waters; it and what they cost add up to 100', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        for (const row of ask(c, 5).rows) {
          const chance = row.parts.reduce((product, p) => product * p.chance, 1)
          const lost = row.parts.reduce((sum, p) => sum + p.lost, 0)
          expect(row.chance).toBeCloseTo(chance, 10)
          expect(row.score + lost).toBeCloseTo(100, 6)
          for (const p of row.parts)
            expect(p.agreement >= 0 && p.agreement <= 1 && p.chance > 0 && p.chance <= 1).toBe(true)
        }
      }),
      { numRuns: 8 },
    )
  })
  it('same inputs give the same list, whatever the order of the box', () => {
    const c = water()
    const again = matchWater(c, PLACE, { ...box, lures: [...box.lures].reverse() }, { sides: {}, limit: 12, lifts: 0 })
    expect(again.rows.map((r) => r.key)).toEqual(ask(c).rows.map((r) => r.key))
  })
  it('a measure typed in another unit changes nothing: the core knows only SI', () => {
    const rows = (c: Conditions) => ask(c).rows.map((r) => [r.key, r.score])
    expect(rows(water({ depthM: feet(14) }))).toEqual(rows(water({ depthM: inches(168) })))
  })
  it('scoring a ranked set-up by itself gives the same account', () => {
    const c = water()
    const context = createMatchContext(c, PLACE, box, { sides: {} })
    for (const row of ask(c, 4).rows) expect(scoreSetUp(row.setUp, context).score).toBeCloseTo(row.score, 8)
  })
  it('keeps every hard limit', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        for (const { setUp, thrown } of ask(c, 8).rows) {
          const { rod, line, reel } = setUp.outfit
          expect(setUp.build.massKg).toBeLessThanOrEqual(rod.lureMaxKg * 1.2 + 1e-12)
          if (deliveryOf(setUp.handling.technique.delivery).thrown !== 'none')
            expect(setUp.build.massKg).toBeGreaterThanOrEqual(rod.lureMinKg * 0.8 - 1e-12)
          expect(line.reelId).toBe(reel.id)
          expect(reelFitsRod(rod, reel)).toBe(true)
          expect(thrown.risk).toBeLessThanOrEqual(SNAG_LIMIT)
        }
      }),
      { numRuns: 8 },
    )
  })
})

describe('what would lift it', () => {
  it('names a change that is worth what it says, by the same account', () => {
    const answer = ask(water({ depthM: 6, zone: { topM: 4, bottomM: 5.5 } }))
    const lifts = answer.rows.slice(0, 3).flatMap((r) => (r.lift ? [r.lift] : []))
    expect(lifts.length).toBeGreaterThan(0)
    for (const lift of lifts) {
      expect(lift.points).toBeGreaterThanOrEqual(0.5)
      expect(sayLift(lift, 'metric')).toMatch(/would add \d+\.\d points/)
    }
  })
  it('the weakest part is the one that loses most', () => {
    for (const row of ask(water()).rows) {
      const most = Math.max(...row.parts.map((p) => p.lost))
      if (row.weakest) expect(row.weakest.lost).toBe(most)
    }
  })
})

describe('words', () => {
  it('every part of every row is worded, in both systems of units', () => {
    for (const row of ask(water({ mood: 'active', visibilityM: 0.8, cover: { kind: 'rock', topM: 2, density: 0.4 } }))
      .rows) {
      for (const p of row.parts)
        for (const system of ['metric', 'imperial'] as const) expect(sayGiven(p, row, system)).toMatch(/\w/)
      expect(sayRig(row.setUp)).toContain(row.setUp.outfit.rod.name)
      expect(sayHandling(row, 'imperial')).toMatch(/\.$/)
      expect(setUpKey(row.setUp)).toBe(row.key)
    }
  })
})

it('agreement: near enough counts, enough is enough, proportions count alike both ways', () => {
  expect(agreementAt('vibration', 0.5, 0.5)).toBe(1)
  expect(agreementAt('bottom', 0.9, 0.3)).toBe(1)
  // Touch is a band: a lip that is down there all the way ploughs.
  expect(agreementAt('touch', 0.9, 0.3)).toBeLessThan(0.2)
  // A twentieth of the time near the fish is worth a seventh of all of it; half of it, four fifths.
  expect(agreementAt('zone', 0.05, 1)).toBeCloseTo(0.147, 2)
  expect(agreementAt('zone', 0.5, 1)).toBeCloseTo(0.818, 2)
  expect(agreementAt('length', 0.1, 0.05)).toBeCloseTo(agreementAt('length', 0.05, 0.1))
  expect(agreementAt('patience', 0.95, 0.9)).toBeGreaterThan(0.97)
})

it('fact 31: a 24 in dropper 20 m from the boat in 27 ft holds the bait about 10 in up (common practice)', () => {
  const height = dropShotHeightM(inches(24), feet(27), 1, 20)
  expect(height).toBeGreaterThan(inches(8.5))
  expect(height).toBeLessThan(inches(11.5))
  expect(dropShotHeightM(inches(24), feet(27), 1, 3)).toBeGreaterThan(inches(20))
})

it('an empty box and an unknown species are answered plainly', () => {
  expect(matchWater(water(), PLACE, { ...box, lures: [] }, { sides: {}, limit: 5, lifts: 5 }).rows).toEqual([])
  expect(matchWater(water(), PLACE, { ...box, rods: [] }, { sides: {}, limit: 5, lifts: 5 }).rows).toEqual([])
  expect(() => ask(water({ speciesId: 'kraken' }))).toThrow(/kraken/)
})
