import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CLARITIES, MOODS_BY_THOUGHT } from '../../data/plan'
import { FAMILIES } from '../tackle'
import { PLACE, WORLD, water } from '../../testing/world'
import { readWater, speciesOf } from '../water'
import { FACTORS, asVariant, drawVariants, usualSpread, type Factor } from './spread'
import { drawTastes, tasteFactors } from './taste'

/** What is not known the evening before. */

const margin = (drawn: ReturnType<typeof drawVariants>, factor: Factor, id: string) =>
  drawn.filter((v) => v.levels[factor] === id).reduce((sum, v) => sum + v.weight, 0)

describe('waters drawn from a spread', () => {
  const spread = usualSpread({ mood: 'neutral', speciesId: 'perch', alsoFor: ['pike', 'zander'] })
  it('the first is the likeliest of all; weights add up to 1; the same seed, the same waters', () => {
    const drawn = drawVariants(spread, 8, 1)
    expect(drawn[0]?.levels).toEqual({
      clarity: 'as-told',
      depth: 'as-told',
      sky: 'as-told',
      mood: 'neutral',
      fish: 'perch',
      water: 'known',
    })
    expect(drawn.reduce((sum, v) => sum + v.weight, 0)).toBeCloseTo(1, 9)
    expect(drawVariants(spread, 8, 1)).toEqual(drawn)
  })
  it('every level has its own weight in them, as far as it was drawn', () => {
    const drawn = drawVariants(spread, 12, 3)
    for (const { id, weight } of CLARITIES) expect(margin(drawn, 'clarity', id)).toBeCloseTo(weight, 3)
    for (const [id, weight] of Object.entries(MOODS_BY_THOUGHT.neutral))
      expect(margin(drawn, 'mood', id)).toBeCloseTo(weight, 3)
    for (const id of ['perch', 'pike', 'zander']) expect(margin(drawn, 'fish', id)).toBeCloseTo(1 / 3, 3)
  })
  it('whatever the weights: no level is off by more than one water in so many, and what cannot be is not drawn', () => {
    const weights = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.constantFrom(0, 0.1, 0.2, 0.5, 0.9, 1), {
      minKeys: 1,
    })
    fc.assert(
      fc.property(weights, fc.integer({ min: 4, max: 12 }), fc.nat(1000), (mood, count, seed) => {
        const drawn = drawVariants({ ...spread, mood }, count, seed)
        const none = Object.values(mood).every((w) => w === 0)
        const there = Object.entries(mood).filter(([id]) => drawn.some((v) => v.levels.mood === id))
        const all = there.reduce((sum, [, w]) => sum + w, 0)
        for (const [id, w] of Object.entries(mood)) if (w === 0 && !none) expect(margin(drawn, 'mood', id)).toBe(0)
        expect(drawn).toHaveLength(count)
        expect(drawn.reduce((sum, v) => sum + v.weight, 0)).toBeCloseTo(1, 9)
        if (!none)
          for (const [id, w] of there)
            expect(Math.abs(margin(drawn, 'mood', id) - w / all)).toBeLessThan(1 / count + 1e-9)
      }),
      // Four waters cannot hold all weights of all factors: raking then leads astray.
      { examples: [[{ a: 0.1, d: 0.1, c: 0.1, b: 0.9 }, 4, 0]] },
    )
  })
})

describe('a water as a variant has it', () => {
  const c = water({ depthM: 6, zone: { topM: 2, bottomM: 3 }, speciesId: 'perch' })
  const as = (over: Partial<Record<Factor, string>>) =>
    asVariant(c, PLACE, {
      levels: {
        clarity: 'as-told',
        depth: 'as-told',
        sky: 'as-told',
        mood: 'neutral',
        fish: 'perch',
        water: 'known',
        ...over,
      },
      weight: 1,
    })
  it('as it is thought where every level says so', () => expect(as({})).toEqual({ ...c, alsoFor: [] }))
  it('each level changes just what it speaks of', () => {
    expect(as({ clarity: 'murkier' }).visibilityM).toBeCloseTo(0.6 * c.visibilityM, 9)
    expect(as({ mood: 'active' })).toMatchObject({ mood: 'active', visibilityM: c.visibilityM })
    expect(as({ fish: 'pike' }).speciesId).toBe('pike')
    expect(as({ sky: 'otherwise' })).toMatchObject({ sky: 'cloud' })
    expect(as({ sky: 'otherwise' }).windMps).toBeGreaterThan(c.windMps)
    expect(as({ depth: 'deeper' }).zone?.topM).toBeCloseTo(3.5, 6)
    expect(as({ depth: 'shallower' }).zone?.topM).toBeCloseTo(0.5, 6)
  })
  it('fish never go out of the water, whatever its depth', () => {
    const species = speciesOf('perch')
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 120, noNaN: true }),
        fc.constantFrom('shallower', 'deeper'),
        (depthM, depth) => {
          const shallow = water({
            depthM,
            zone: null,
            speciesId: 'perch',
            cover: { kind: 'open', topM: 0, density: 0 },
          })
          const moved = asVariant(shallow, PLACE, {
            levels: { clarity: 'as-told', depth, sky: 'as-told', mood: 'neutral', fish: 'perch', water: 'known' },
            weight: 1,
          })
          if (!species) throw new Error('no perch')
          const { zone } = readWater(moved, PLACE, species)
          expect(zone.topM).toBeGreaterThanOrEqual(-1e-9)
          expect(zone.bottomM).toBeLessThanOrEqual(depthM + 1e-9)
          expect(zone.bottomM).toBeGreaterThan(zone.topM)
        },
      ),
    )
  })
})

describe('what fish may want against the rules', () => {
  const tastes = drawTastes(12, 1)
  it('over all tastes a lure is worth what the match says; two that differ are wanted on different days', () => {
    for (const lure of WORLD.box.lures) {
      const factors = tasteFactors(lure, tastes)
      expect(factors.reduce((sum, f) => sum + f, 0) / factors.length).toBeCloseTo(1, 9)
      expect(Math.min(...factors)).toBeGreaterThan(0)
    }
    const [one] = WORLD.box.lures
    const other = WORLD.box.lures.find((l) => l.family !== one?.family)
    if (!one || !other) throw new Error('no lures')
    expect([...tasteFactors(one, tastes)]).not.toEqual([...tasteFactors(other, tastes)])
  })
  it('lures alike are wanted alike: the twin of a lure in another colour is nearer to it than another kind', () => {
    const apart = (a: Float64Array, b: Float64Array) =>
      a.reduce((sum, v, i) => sum + Math.abs(Math.log(v / (b[i] ?? 1))), 0)
    const lure = WORLD.box.lures.find((l) => l.family === 'casting-spoon')
    const other = WORLD.box.lures.find((l) => l.family === 'creature')
    if (!lure || !other) throw new Error('no lures')
    const own = tasteFactors(lure, tastes)
    const twin = tasteFactors({ ...lure, lengthM: lure.lengthM * 1.1 }, tastes)
    expect(apart(own, twin)).toBeLessThan(0.3 * apart(own, tasteFactors(other, tastes)))
    expect(tasteFactors(lure, drawTastes(12, 1))).toEqual(own)
  })
  it('every family has a draw of its own', () => {
    const [taste] = drawTastes(2, 1)
    const draws = FAMILIES.map(({ id }) => taste?.family(id))
    expect(new Set(draws).size).toBe(FAMILIES.length)
  })
  it('of two opposite tastes one wants less what the other wants more', () => {
    const [a, b] = drawTastes(2, 5)
    expect(a?.size).toBe(-(b?.size ?? 0))
    for (const { id } of FAMILIES) expect(a?.family(id)).toBe(-(b?.family(id) ?? 0))
    expect(FACTORS).toHaveLength(6)
  })
})
