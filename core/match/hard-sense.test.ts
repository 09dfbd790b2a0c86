import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { Place } from '../water'
import { castStrengthN, lineInRodRange, monoOfThicknessN, thicknessOfMonoM, type Line, type Rig } from '../tackle'
import { createMatchContext, matchWater, rank } from '.'
import { workRefusal } from './possible/outfit'

/** What is wrong before any score: strength, rods and reels, law, what is carried off. Common practice but where a source is named. */

const { box } = WORLD
const LB = 4.448
const OZ = 0.02835
const outfitOf = (rodId: string, over: Partial<Line> = {}, reelId?: string) => {
  const rod = box.rods.find((r) => r.id === rodId)
  const reel = box.reels.find((r) => (reelId ? r.id === reelId : r.type === rod?.type))
  const [line] = box.lines
  if (!rod || !reel || !line) throw new Error(`no ${rodId}`)
  return { rod, reel, line: { ...line, ...over } }
}

describe('strength against rod and cast', () => {
  it('nylon by thickness, against printed strengths (from memory): 0.20 mm 5 lb, 0.30 mm 11½ lb, 0.40 mm 20 lb, each to a tenth', () => {
    for (const [mm, lb] of [
      [0.2, 5],
      [0.3, 11.5],
      [0.4, 20],
    ] as const)
      expect(monoOfThicknessN(mm / 1000) / (lb * LB)).toBeCloseTo(1, 0.9)
    expect(thicknessOfMonoM(monoOfThicknessN(0.00033))).toBeCloseTo(0.00033, 12)
  })
  it('braid goes by thickness, nylon by what is printed, and neither far beyond the rod', () => {
    const finesse = { lineMinN: 2 * LB, lineMaxN: 6 * LB }
    const line = (material: Line['material'], lb: number, mm: number) => ({
      material,
      strengthN: lb * LB,
      diameterM: mm / 1000,
    })
    expect(lineInRodRange(finesse, line('braid', 10, 0.15))).toBe(true)
    expect(lineInRodRange(finesse, line('mono', 10, 0.28))).toBe(false)
    expect(lineInRodRange(finesse, line('braid', 20, 0.23))).toBe(false)
    const eight = { strengthN: 8 * LB }
    expect(lineInRodRange({ lineMinN: 6 * LB, lineMaxN: 10 * LB }, line('braid', 15, 0.2), eight)).toBe(true)
    // As thick as four-pound nylon and no stronger than six: too thin for a rod of 15–30 lb.
    expect(lineInRodRange({ lineMinN: 15 * LB, lineMaxN: 30 * LB }, line('braid', 6, 0.1))).toBe(false)
  })
  it('a pound for every tenth of an ounce: half of it breaks on the cast, and not on a pitch', () => {
    expect(castStrengthN(OZ) / LB).toBeCloseTo(10, 1)
    const outfit = outfitOf('rod-barge', { strengthN: 8 * LB }, 'reel-haul')
    const tackle = { outfit, leader: null }
    expect(workRefusal(3 * OZ, tackle, 'cast')).toEqual({ code: 'breaks-on-cast' })
    expect(workRefusal(3 * OZ, tackle, 'pitch')).toBeNull()
    const strong = { outfit: outfitOf('rod-barge', { strengthN: 30 * LB }, 'reel-haul'), leader: null }
    expect(workRefusal(3 * OZ, strong, 'cast')).toBeNull()
  })
  it('jigging rods and overhead reels are lowered: never cast or pitched, and they need not be loaded', () => {
    const sway = { outfit: outfitOf('rod-sway', {}, 'reel-plumb'), leader: null }
    for (const delivery of ['cast', 'pitch'] as const)
      expect(workRefusal(0.04, sway, delivery)).toEqual({ code: 'lowered-only' })
    expect(workRefusal(0.04, sway, 'vertical')).toBeNull()
    expect(workRefusal(0.005, sway, 'vertical')).toBeNull()
    expect(workRefusal(0.3, sway, 'vertical')).toEqual({ code: 'rod-cannot-cast' })
    const overhead = { outfit: outfitOf('rod-oakstave', {}, 'reel-plumb'), leader: null }
    expect(workRefusal(0.02, overhead, 'cast')).toEqual({ code: 'lowered-only' })
  })
})

describe('in every answer', () => {
  const waters = [
    water({ speciesId: 'perch' }),
    water({ speciesId: 'pike', depthM: 3 }),
    water({ speciesId: 'zander', depthM: 9, currentMps: 0.3 }),
    water({ speciesId: 'largemouth-bass', cover: { kind: 'timber', topM: 1, density: 0.7 } }),
    water({ speciesId: 'cod', depthM: 20, driftMps: 0.3 }),
  ]
  it.each(waters.map((c) => [c.speciesId, c] as const))('%s: no row is cast with what is lowered or breaks', (_, c) => {
    const place = Place.parse({ ...PLACE, salinity: c.speciesId === 'cod' ? 33 : 0 })
    for (const { setUp } of rank(box, createMatchContext(c, place, box, { sides: {} }), 60)) {
      const { build, outfit, leader, handling } = setUp
      expect(workRefusal(build.massKg, { outfit, leader }, handling.technique.delivery)).toBeNull()
      expect(lineInRodRange(outfit.rod, outfit.line, leader)).toBe(true)
    }
  })
  it('a law added never adds a set-up, and never lifts one', () => {
    for (const c of waters.slice(2)) {
      const free = rank(box, createMatchContext(c, PLACE, box, { sides: {} }), 100)
      const strict = Place.parse({ ...PLACE, singlesOnly: true, mostHooks: 1 })
      const bound = rank(box, createMatchContext(c, strict, box, { sides: {} }), 100)
      const scores = new Map(free.map((r) => [r.setUp.build.lure.id, r.score]))
      expect(bound.length).toBeLessThanOrEqual(free.length)
      for (const row of bound) expect(row.setUp.build.lure.hooks?.count ?? 1).toBe(1)
      expect(scores.size).toBe(free.length)
    }
  })
})

describe('a drop-shot in moving water', () => {
  // 27 ft, 0.4 m/s: common practice asks for 16–19 g on thin line, and 7 g will not do.
  const drift = (driftMps: number) => water({ speciesId: 'largemouth-bass', depthM: 27 * 0.3048, driftMps })
  const worms = box.lures.filter((l) => l.family === 'finesse-worm' || l.family === 'stick-worm')
  const sinker = (grams: number) =>
    ({ ...box.sinkers[0], id: `s${grams}`, kind: 'drop-shot', massKg: grams / 1000 }) as never
  const shots = (grams: number, driftMps: number) => {
    const hooks = box.hooks.filter((h) => h.style === 'drop-shot')
    const of = { ...box, lures: worms, heads: [], hooks, sinkers: [sinker(grams)] }
    const c = drift(driftMps)
    const kinds = rank(of, createMatchContext(c, PLACE, of, { sides: {} }), 20).map((r) => r.setUp.build.mount.kind)
    return kinds.includes('drop-shot')
  }
  it('asks for lead by the drift: what does not stay is no answer', () => {
    expect(shots(7, 0)).toBe(true)
    expect(shots(7, 0.4)).toBe(false)
    expect(shots(28, 0.4)).toBe(true)
  })
})

describe('saved rigs', () => {
  const [plug] = box.lures.filter((l) => l.hooks && /treble/.test(l.hooks.style) && l.family === 'crankbait')
  const [saved] = box.rigs
  if (!plug || !saved) throw new Error('no plug or rig in the demo')
  const rig = { ...saved, type: 'direct', lureId: plug.id, headId: null, hookId: null, sinkerId: null } as Rig
  const why = (over: Partial<Rig>, place: object) =>
    matchWater(
      water({ speciesId: 'perch' }),
      Place.parse({ ...PLACE, ...place }),
      { ...box, rigs: [{ ...rig, ...over }] },
      { sides: {}, limit: 1, lifts: 0 },
    ).rigs[0]?.why
  it('obey the law as any lure does; a stinger is a hook more', () => {
    expect(why({}, { singlesOnly: true })).toEqual({ code: 'trebles' })
    const hooks = plug.hooks?.count ?? 0
    expect(why({}, { mostHooks: hooks })?.code).not.toBe('too-many-hooks')
    expect(why({ stinger: true }, { mostHooks: hooks })).toEqual({
      code: 'too-many-hooks',
      hooks: hooks + 1,
      allowed: hooks,
    })
  })
})
