import { retrievePath } from '../motion'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { COLOURS, type Lure } from '../tackle'
import type { Conditions } from '../water'
import { createMatchContext, matchWater, rank, scoreSetUp, type Ranked } from '.'

/** What must hold of any answer, whatever the water: changed one way, the answer may change only one way. */

const { box } = WORLD
const some = { ...box, lures: box.lures.filter((_, i) => i % 4 === 0) }
const context = (c: Conditions) => createMatchContext(c, PLACE, some, { sides: {} })
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
const runs = { numRuns: 6 }
const of = (c: Conditions, limit = 6) => rank(some, context(c), limit)
const ofColour = ({ axis, habit }: Ranked['parts'][number]) =>
  axis === 'colour' ||
  axis === 'contrast' ||
  axis === 'practice' ||
  Boolean(habit?.test.colour ?? habit?.unless?.colour)
const again = (row: Ranked, c: Conditions) => scoreSetUp(row.setUp, context(c))

describe('on random waters', () => {
  it('thicker line of no weight in water never runs a floating diver 5 cm deeper; one that sinks never runs it 5 cm shallower than that', () => {
    const divers = { ...some, lures: box.lures.filter((l) => l.family === 'crankbait') }
    fc.assert(
      fc.property(anyWater, (c) => {
        for (const { thrown } of rank(divers, createMatchContext(c, PLACE, divers, { sides: {} }), 3)) {
          // In a long rest thick line holds down what would rise.
          if (thrown.plan.pauseS > 2) continue
          // The rod tip in the water: line in the air weighs, too.
          const plan = { ...thrown.plan, rodTipM: 0 }
          const deepest = (by: number, lineDensityKgM3: number) =>
            Math.max(...retrievePath({ ...plan, lineDensityKgM3, lineDiameterM: plan.lineDiameterM * by }).z)
          expect(deepest(1.5, plan.density)).toBeLessThanOrEqual(deepest(1, plan.density) + 0.05)
          expect(deepest(1, 1780)).toBeGreaterThanOrEqual(deepest(1, plan.density) - 0.05)
        }
      }),
      runs,
    )
  })
  it('denser cover never makes a cast safer', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const denser = { ...c, cover: { ...c.cover, density: Math.min(1, c.cover.density + 0.3) } }
        const zone = context(c).reading.zone
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
  it('a box with more in it never answers worse than by a estimate’s error', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const first = (lures: typeof box.lures) =>
          rank({ ...box, lures }, createMatchContext(c, PLACE, { ...box, lures }, { sides: {} }), 1)[0]?.score ?? 0
        expect(first(box.lures.slice(0, 30))).toBeGreaterThanOrEqual(first(box.lures.slice(0, 15)) - 5)
      }),
      { numRuns: 4 },
    )
  })
  it('colours change only what is asked of colours: the liking, how they stand out, habits that name one', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const on = context(c)
        for (const row of of(c, 3)) {
          const { build } = row.setUp
          const other = { ...build.lure, colour: { ...build.lure.colour, back: 'pink', flank: 'pink', belly: 'pink' } }
          const scored = scoreSetUp({ ...row.setUp, build: { ...build, lure: other as typeof build.lure } }, on)
          const rest = (r: Ranked) =>
            r.parts.filter((p) => !ofColour(p)).reduce((log, p) => log + Math.log(p.chance), 0)
          expect(rest(scored)).toBeCloseTo(rest(row), 6)
        }
      }),
      runs,
    )
  })
  it('murkier water never raises the value of a subtle natural colour, beside white, silver or a hot one', () => {
    fc.assert(
      fc.property(anyWater, fc.double({ min: 0.25, max: 0.95, noNaN: true }), (c, share) => {
        const murky = { ...c, visibilityM: c.visibilityM * share }
        // In deep clear water one school asks for paint: the other is asked here.
        const natural = (of: Conditions) =>
          createMatchContext(of, PLACE, some, { sides: { S14: 'second' } }).demand.colour.liking.natural
        expect(natural(murky)).toBeLessThanOrEqual(natural(c) + 1e-9)
      }),
      { numRuns: 200 },
    )
  })
  it('more snags never raise bare trebles beside what is buried', () => {
    fc.assert(
      fc.property(anyWater, (c) => {
        const zone = context(c).reading.zone
        const held = { ...c, zone: { topM: zone.topM, bottomM: zone.bottomM } }
        const denser = { ...held, cover: { ...c.cover, density: Math.min(1, c.cover.density + 0.3) } }
        const points = (row: Ranked, of: Conditions) => {
          const part = again(row, of).parts.find((p) => p.axis === 'snag')
          return part ? part.agreement : 1
        }
        for (const row of of(held, 12)) {
          const style = row.setUp.build.lure.hooks?.style
          if (style !== 'round treble' && style !== 'in-turned treble') continue
          expect(points(row, denser)).toBeLessThanOrEqual(points(row, held) + 1e-9)
          // The part weighs no less than before, so what is lost to it only grows.
          const left = (of: Conditions) => again(row, of).parts.find((p) => p.axis === 'snag')?.chance ?? 1
          expect(left(denser)).toBeLessThanOrEqual(left(held) + 0.001)
        }
      }),
      runs,
    )
  })
  it('a rig that is worse in every part never outranks the better one', () => {
    const colours = COLOURS.map((colour) => colour.id as Lure['colour']['flank'])
    fc.assert(
      fc.property(anyWater, fc.constantFrom(...colours), (c, flank) => {
        const untested = { ...some, tests: [] }
        const on = createMatchContext(c, PLACE, untested, { sides: {} })
        for (const row of rank(untested, on, 4)) {
          const { lure } = row.setUp.build
          const twin = {
            ...lure,
            id: `${lure.id} twin`,
            colour: { ...lure.colour, flank, back: flank, belly: flank },
          } as typeof lure
          const other = scoreSetUp({ ...row.setUp, build: { ...row.setUp.build, lure: twin } }, on)
          const worse =
            other.parts.length === row.parts.length &&
            other.parts.every(
              (p) =>
                p.chance <=
                (row.parts.find((q) => q.axis === p.axis && q.causes[0]?.ruleId === p.causes[0]?.ruleId)?.chance ?? 0) +
                  1e-9,
            )
          if (!worse || other.score > row.score - 0.01) continue
          const both = { ...untested, lures: [lure, twin] }
          const [first] = rank(both, createMatchContext(c, PLACE, both, { sides: {} }), 2)
          expect(first?.setUp.build.lure.id).toBe(lure.id)
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
      matchWater(water(), PLACE, b, { sides: {}, limit: 12, lifts: 0 }).rows.map((r) => r.score)
    expect(scores(renamed)).toEqual(scores(some))
  })
  it('how many copies lie in the box changes nothing, as long as there is one', () => {
    const many = { ...some, lures: some.lures.map((l) => ({ ...l, count: 7 })) }
    expect(rank(many, context(water()), 5).map((r) => r.key)).toEqual(of(water(), 5).map((r) => r.key))
  })
})
