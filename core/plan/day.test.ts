import { describe, expect, it } from 'vitest'
import { PLACE, water } from '../../testing/world'
import { TIDE_STATIONS } from '../water'
import { blockAt, legAt } from './at-hour'
import { slotsOf, spreadOf, waterIn, waterOf, watersOf } from './day'
import { Leg, type Block } from './plan'

/** Days as hours, and the waters each hour may bring. */

const leg = (over: object = {}) => Leg.parse({ id: 'a', water: water(), fromH: 5, toH: 9, ...over })
const at = (over: object, id: string) => ({ ...PLACE, id, ...over })
const places = [PLACE, at({}, 'other')]

describe('hours that can be fished', () => {
  it('one leg is its hours', () => {
    expect(slotsOf([leg()], places).map(({ fromH, toH }) => [fromH, toH])).toEqual([
      [5, 6],
      [6, 7],
      [7, 8],
      [8, 9],
    ])
  })
  it('the way takes its time from the leg after it, on the same day alone', () => {
    const next = leg({ id: 'b', fromH: 9, toH: 11, travelMin: 90 })
    expect(
      slotsOf([leg(), next], places)
        .slice(4)
        .map(({ fromH, toH }) => [fromH, toH]),
    ).toEqual([[10.5, 11]])
    const tomorrow = { ...next, water: { ...next.water, date: '2026-06-13' } }
    expect(slotsOf([leg(), tomorrow], places)).toHaveLength(6)
  })
  it('a place that is gone has none', () => {
    expect(slotsOf([leg({ water: water({ placeId: 'gone' }) })], places)).toEqual([])
  })
  it('a leg that ends before it begins is refused at its end', () => {
    const read = Leg.safeParse({ id: 'a', water: water(), fromH: 9, toH: 9 })
    expect(read.error?.issues[0]?.path).toEqual(['toH'])
  })
})

describe('the water of an hour', () => {
  it('has the forecast of the nearest hour, and keeps what that does not say', () => {
    const forecast = [
      { hour: 5, sky: 'rain' as const, windMps: 9 },
      { hour: 8, sky: 'sun' as const },
    ]
    const [first, , , last] = slotsOf([leg({ forecast })], places)
    if (!first || !last) throw new Error('no hours')
    expect(waterOf(first)).toMatchObject({ hour: 5.5, sky: 'rain', windMps: 9 })
    expect(waterOf(last)).toMatchObject({ hour: 8.5, sky: 'sun', windMps: 3 })
  })
  it('by the sea the tide goes through the day', () => {
    const range = (of: (typeof TIDE_STATIONS)[number]) =>
      of.constituents.reduce((sum, { amplitude }) => sum + amplitude, 0)
    const station = TIDE_STATIONS.reduce((a, b) => (range(b) > range(a) ? b : a))
    const sea = { ...PLACE, salinity: 34, latDeg: station.latDeg, lonDeg: station.lonDeg }
    const tides = slotsOf([leg({ fromH: 0, toH: 24 })], [sea]).map((slot) => waterOf(slot).tide)
    expect(new Set(tides).size).toBeGreaterThanOrEqual(3)
    expect(slotsOf([leg({ fromH: 0, toH: 24 })], [PLACE]).map((slot) => waterOf(slot).tide)).toEqual(
      Array(24).fill('none'),
    )
  })
})

describe('ways the water may be', () => {
  it('their weights add up to 1; those of the angler’s own are as likely as he says, and change what he says', () => {
    const added = [{ id: 'x', name: 'The wind turns', weight: 0.3, windMps: 12, visibilityM: 0.5 }]
    const waters = watersOf(leg(), { spread: {}, added }, 5)
    expect(waters.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9)
    const own = waters.find((one) => one.added)
    expect(own?.weight).toBeCloseTo(0.3, 9)
    const [slot] = slotsOf([leg()], places)
    if (!own || !slot) throw new Error('nothing added')
    expect(waterIn(slot, own)).toMatchObject({ windMps: 12, visibilityM: 0.5 })
  })
  it('more than sure is brought to sure; what is not likely at all is left out', () => {
    const added = [1, 1, 0].map((weight, i) => ({ id: String(i), name: 'x', weight }))
    const waters = watersOf(leg(), { spread: {}, added }, 5)
    expect(waters.map(({ id, weight }) => [id, weight])).toEqual([
      ['0', 0.5],
      ['1', 0.5],
    ])
  })
  it('a level that is pinned is the only one', () => {
    const spread = { mood: { active: 1, neutral: 0, lethargic: 0, pressured: 0 } }
    const waters = watersOf(leg(), { spread, added: [] }, 5)
    expect(new Set(waters.map(({ variant }) => variant.levels.mood))).toEqual(new Set(['active']))
  })
  it('weights of fish that are not sought in a leg have no say there', () => {
    const own = { fish: { pike: 1, 'largemouth-bass': 0.2 } }
    expect(spreadOf(leg(), own).fish).toEqual({ 'largemouth-bass': 0.2 })
    expect(spreadOf(leg(), { fish: { 'largemouth-bass': 0 } }).fish).toEqual({ 'largemouth-bass': 1 })
  })
})

describe('where a moment falls', () => {
  const block = (fromH: number, toH: number): Block => ({
    id: `${fromH}`,
    legId: 'a',
    fromH,
    toH,
    carriedId: 'c',
    wayId: 'w',
    rodId: 'r',
    chance: 0.4,
    whole: 0.5,
    giveMin: 20,
    nextCarriedId: null,
    locked: false,
    beside: [],
  })
  const blocks = [block(5, 7), block(7, 9)]
  it('in the block under way, before all in the first, after all in the last', () => {
    expect([4, 6.9, 7, 12].map((h) => blockAt({ blocks }, 'a', h)?.id)).toEqual(['5', '5', '7', '7'])
    expect(blockAt({ blocks: [] }, 'a', 6)).toBeNull()
  })
  it('in the leg under way or next that day, on another day in the first', () => {
    const legs = [leg(), leg({ id: 'b', fromH: 10, toH: 12 })]
    expect([legAt({ legs }, '2026-06-12', 6), legAt({ legs }, '2026-06-12', 9.5)].map(({ id }) => id)).toEqual([
      'a',
      'b',
    ])
    expect(legAt({ legs }, '2026-08-01', 23).id).toBe('a')
  })
})
