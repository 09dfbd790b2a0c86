import { describe, expect, it } from 'vitest'
import { GUIDE_BOX } from '../../../testing/guide/box'
import { GUIDE_WATERS } from '../../../testing/guide/waters'
import { PLACE, WORLD, water } from '../../../testing/world'
import { EMPTY_BOX } from '../../box'
import { Place, type Conditions } from '../../water'
import { bestOf, createMatchContext, fitsSetUp, matchWater, rank, rulesFor } from '..'
import { chanceOfBest } from './best-of-all'
import { dayOf } from '../tuned/places'

/** Scores are set against the best that could be tied on. */

const { box } = WORLD
const contextIn = (over: Partial<Conditions>, of = box, options: object = {}) =>
  createMatchContext(water(over), PLACE, of, { sides: {}, ...options })
const PERCH = { speciesId: 'perch' } as const

describe('the best that could be tied on', () => {
  it('hangs on the water alone: no box, log or rule of one’s own has a say in it', () => {
    const own = {
      id: 'mine',
      side: null,
      facts: [],
      when: {},
      effects: [{ avoid: { body: ['soft', 'hard', 'wire', 'metal', 'jig'] }, weight: 9 }],
      sentence: 'Nothing works.',
      basis: 'mine',
    }
    const chance = chanceOfBest(contextIn(PERCH))
    expect(chance).toBeGreaterThan(0)
    expect(chance).toBeLessThanOrEqual(1)
    expect(chanceOfBest(contextIn(PERCH, EMPTY_BOX))).toBe(chance)
    expect(chanceOfBest(contextIn(PERCH, box, { rules: rulesFor({ weights: {}, own: [own as never] }) }))).toBe(chance)
  })
  it('a score is the chance against it, and 100 where a box does better', () => {
    for (const over of [PERCH, { ...PERCH, waterTempC: 4 }, { speciesId: 'pike' }, { speciesId: 'brown-trout' }]) {
      const context = contextIn(over)
      const rows = rank(box, context, 4)
      expect(rows.length).toBeGreaterThan(0)
      for (const { score, chance } of rows)
        expect(score).toBeCloseTo(Math.min(100, (100 * chance) / context.against()), 9)
    }
  })
  it('set against 1 the score is the chance, in per cent', () => {
    for (const row of rank(box, contextIn(PERCH, box, { against: 1 }), 3))
      expect(row.score).toBeCloseTo(100 * row.chance, 9)
  })
  it('a box without what the water asks for is told that it is poor, whatever the day', () => {
    const metal = { ...box, lures: box.lures.filter((l) => l.family === 'casting-metal' || l.family === 'surface') }
    const cold = water({ speciesId: 'largemouth-bass', waterTempC: 6, mood: 'lethargic', depthM: 4 })
    expect(matchWater(cold, PLACE, metal, { sides: {}, limit: 3, lifts: 0 }).poor).toBe(true)
    expect(matchWater(cold, PLACE, box, { sides: {}, limit: 3, lifts: 0 }).poor).toBe(false)
  })
})

/** Every fifth; `npm run honest` asks all of them. */
const ASKED = GUIDE_WATERS.filter((_, i) => i % 5 === 2)
describe('a guide’s waters', () => {
  it('what he would tie on scores 75 in most of them, and what he would leave in the box stands 20 points under it', () => {
    const found = ASKED.map(({ water: over, place, first, never }) => {
      const context = createMatchContext(water(over), Place.parse({ ...PLACE, ...place }), GUIDE_BOX, { sides: {} })
      const all = GUIDE_BOX.lures.flatMap((lure) => bestOf(lure, GUIDE_BOX, context) ?? [])
      const most = (tests: typeof first) =>
        Math.max(0, ...all.filter(({ setUp }) => tests.some((t) => fitsSetUp(t, setUp))).map((r) => r.score))
      return { wanted: most(first), left: most(never) }
    })
    expect(found.length).toBe(8)
    expect(found.filter(({ wanted }) => wanted >= 75).length).toBeGreaterThanOrEqual(6)
    expect(found.filter(({ wanted, left }) => left <= wanted - 20).length).toBeGreaterThanOrEqual(7)
    for (const { wanted } of found) expect(wanted).toBeGreaterThan(50)
  })
})

describe('the day in a word (common practice)', () => {
  it('goes by appetite and mood, and not by the box', () => {
    expect(dayOf({ appetite: 1 }, { mood: 'active' })).toBe('good')
    expect(dayOf({ appetite: 1 }, { mood: 'pressured' })).toBe('fair')
    expect(dayOf({ appetite: 0.5 }, { mood: 'lethargic' })).toBe('hard')
  })
})
