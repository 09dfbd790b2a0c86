import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../testing/world'
import type { Conditions } from '../water'
import { benchFor, matchWater, rank, scoreSetUp, type Ranked } from '.'

/** What must hold of any answer, whatever the water: changed one way, the answer may change only one way. */

const { box } = WORLD
const some = { ...box, lures: box.lures.filter((_, i) => i % 4 === 0) }
const bench = (c: Conditions) => benchFor(c, PLACE, some, { schools: {} })
const anyWater = fc
  .record({
    waterTempC: fc.double({ min: 3, max: 28, noNaN: true }),
    visibilityM: fc.double({ min: 0.3, max: 7, noNaN: true }),
    depthM: fc.double({ min: 1.5, max: 12, noNaN: true }),
    windMps: fc.double({ min: 0, max: 10, noNaN: true }),
    density: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
    kind: fc.constantFrom('rock', 'timber', 'grass', 'docks'),
    mood: fc.constantFrom('active', 'neutral', 'lethargic'),
    speciesId: fc.constantFrom('perch', 'zander', 'largemouth-bass'),
  })
  .map(({ density, kind, ...rest }) =>
    water({
      ...(rest as Partial<Conditions>),
      cover: { kind: kind as 'rock', topM: rest.depthM * 0.5, density },
    }),
  )
const runs = { numRuns: 12 }
const of = (c: Conditions, limit = 6) => rank(some, bench(c), limit)
const again = (row: Ranked, c: Conditions) => scoreSetUp(row.setUp, bench(c))

describe('on random waters', () => {
  it('thicker line never runs a floating diver deeper', () => {
    const divers = { ...some, lures: box.lures.filter((l) => l.family === 'crankbait') }
    fc.assert(
      fc.property(anyWater, (c) => {
        const on = benchFor(c, PLACE, divers, { schools: {} })
        for (const { setUp } of rank(divers, on, 3)) {
          const deepest = (by: number) => {
            const { outfit } = setUp
            const line = { ...outfit.line, diameterM: outfit.line.diameterM * by }
            return Math.max(...scoreSetUp({ ...setUp, outfit: { ...outfit, line } }, on).thrown.path.z)
          }
          expect(deepest(1.5)).toBeLessThanOrEqual(deepest(1) + 1e-6)
        }
      }),
      runs,
    )
  })
  it('denser cover never makes a cast safer', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const denser = { ...c, cover: { ...c.cover, density: Math.min(1, c.cover.density + 0.3) } }
        const zone = bench(c).reading.zone
        const held = { topM: zone.topM, bottomM: zone.bottomM }
        for (const row of of(c))
          expect(again(row, { ...denser, zone: held }).thrown.risk).toBeGreaterThanOrEqual(
            again(row, { ...c, zone: held }).thrown.risk - 1e-9,
          )
      }),
      runs,
    )
  })
  it('a zone that reaches farther is never met less', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const zone = { topM: c.depthM * 0.4, bottomM: c.depthM * 0.6 }
        const wider = { topM: c.depthM * 0.3, bottomM: c.depthM * 0.7 }
        for (const row of of(c))
          expect(again(row, { ...c, zone: wider }).thrown.share.inZone).toBeGreaterThanOrEqual(
            again(row, { ...c, zone }).thrown.share.inZone - 1e-9,
          )
      }),
      runs,
    )
  })
  it('a box with more in it never answers worse than by a glance’s error', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const first = (lures: typeof box.lures) =>
          rank({ ...box, lures }, benchFor(c, PLACE, { ...box, lures }, { schools: {} }), 1)[0]?.score ?? 0
        expect(first(box.lures.slice(0, 30))).toBeGreaterThanOrEqual(first(box.lures.slice(0, 15)) - 1.5)
      }),
      { numRuns: 8 },
    )
  })
  it('colours change the colour’s points and nothing else', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const on = bench(c)
        for (const row of of(c, 3)) {
          const { build } = row.setUp
          const other = { ...build.lure, colour: { ...build.lure.colour, back: 'pink', flank: 'pink', belly: 'pink' } }
          const scored = scoreSetUp({ ...row.setUp, build: { ...build, lure: other as typeof build.lure } }, on)
          const rest = (r: Ranked) => r.parts.filter((p) => p.axis !== 'colour').reduce((sum, p) => sum + p.points, 0)
          expect(rest(scored)).toBeCloseTo(rest(row), 6)
        }
      }),
      runs,
    )
  })
  it('every path lies in the water, and every share is a share', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        for (const { thrown } of of(c, 12)) {
          for (const z of thrown.path.z) expect(z >= -1e-9 && z <= c.depthM + 1e-9).toBe(true)
          const { inZone, withinReach, onBottom, touching, inCover } = thrown.share
          for (const share of [inZone, withinReach, onBottom, touching, inCover, thrown.risk])
            expect(share >= 0 && share <= 1 + 1e-9).toBe(true)
          expect(withinReach).toBeGreaterThanOrEqual(inZone - 1e-9)
        }
      }),
      runs,
    )
  })
})

describe('on one water', () => {
  it('the answer hangs on no name: renamed lures rank alike', () => {
    const renamed = { ...some, lures: some.lures.map((l) => ({ ...l, name: `x${l.name}` })) }
    const scores = (b: typeof some) =>
      matchWater(water(), PLACE, b, { schools: {}, limit: 12, lifts: 0 }).rows.map((r) => r.score)
    expect(scores(renamed)).toEqual(scores(some))
  })
  it('how many copies lie in the box changes nothing, as long as there is one', () => {
    const many = { ...some, lures: some.lures.map((l) => ({ ...l, count: 7 })) }
    expect(rank(many, bench(water()), 5).map((r) => r.key)).toEqual(of(water(), 5).map((r) => r.key))
  })
})
