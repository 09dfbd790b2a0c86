import { describe, expect, it } from 'vitest'
import { bestOf, createMatchContext, outfitKey, rank, rulesFor, USUAL_PRACTICE } from '../match'
import { Conditions } from '../water'
import { WORLD } from '../../testing/world'
import { firstLures, lureInWater, luresInWater, waterKey } from './worth'

/** What is ranked once for several hours must be the same in each of them. */

const JUDGING = { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) }
const BOX = { ...WORLD.box, lures: WORLD.box.lures.filter((_, i) => i % 5 === 0), rigs: [] }
const contextOf = (c: Conditions) => {
  const place = WORLD.places.find(({ id }) => id === c.placeId)
  if (!place) throw new Error(`${c.placeId} is not in the demo`)
  return createMatchContext(c, place, BOX, JUDGING)
}
const told = (context: ReturnType<typeof contextOf>) =>
  rank(BOX, context, 8, 'lure').map(({ setUp, score }) => [setUp.build.lure.id, Number(score.toFixed(1))])

describe('the mark of a water', () => {
  it.each(WORLD.waters.map((water) => [water.placeId, water] as const))(
    '%s: hours, skies and winds under one mark are ranked alike',
    (_, water) => {
      const byKey = new Map<string, ReturnType<typeof contextOf>[]>()
      for (const hour of [4, 7, 12, 16, 21, 23])
        for (const sky of ['sun', 'cloud'] as const) {
          const context = contextOf(Conditions.parse({ ...water, zone: null, hour, sky }))
          const key = waterKey(context)
          byKey.set(key, [...(byKey.get(key) ?? []), context])
        }
      // Day and night are not one.
      expect(byKey.size).toBeGreaterThan(1)
      expect(byKey.size).toBeLessThan(12)
      for (const [first, ...others] of byKey.values()) {
        const last = others.at(-1)
        if (first && last) expect(told(last)).toEqual(told(first))
      }
    },
    240_000,
  )
  it('another visibility, depth, fish or mood is another water', () => {
    const [water] = WORLD.waters
    if (!water) throw new Error('no water')
    const key = (over: object) => waterKey(contextOf(Conditions.parse({ ...water, ...over })))
    const keys = [
      {},
      { visibilityM: 1 },
      { zone: { topM: 0.5, bottomM: 1 } },
      { speciesId: 'pike' },
      { mood: 'lethargic' },
    ].map(key)
    expect(new Set(keys).size).toBe(keys.length)
  })
})

describe('lures in a water', () => {
  const [water] = WORLD.waters
  const context = contextOf(water as Conditions)
  it('each on its own outfit first, on others as that outfit allows; best on its own', () => {
    const rows = luresInWater(BOX, context)
    expect(rows.length).toBeGreaterThan(4)
    for (const { lure, on } of rows) {
      expect(new Set(on.map(({ outfit }) => outfit)).size).toBe(on.length)
      for (const { outfit, ranked } of on) {
        expect(ranked.setUp.build.lure.id).toBe(lure.id)
        expect(outfitKey(ranked.setUp)).toBe(outfit)
        expect(ranked.setUp.handling.technique.id).toBe(on[0]?.ranked.setUp.handling.technique.id)
      }
    }
  })
  it('one lure is looked at however far down it stands', () => {
    const there = new Set(luresInWater(BOX, context).map(({ lure }) => lure.id))
    const last = BOX.lures.find((lure) => !there.has(lure.id) && bestOf(lure, BOX, context))
    if (!last) throw new Error('all of them are there')
    expect(lureInWater(last, BOX, context)?.on[0]?.ranked.setUp.build.lure.id).toBe(last.id)
  })
  it('a first look tells the same lures, most of them', () => {
    const all = new Set(luresInWater(BOX, context).map(({ lure }) => lure.id))
    const first = firstLures(BOX, context).map(({ lure }) => lure.id)
    expect(first.filter((id) => all.has(id)).length).toBeGreaterThan(first.length / 2)
  })
})
