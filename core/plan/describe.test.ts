import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, water } from '../../testing/world'
import { Conditions } from '../water'
import { slotsOf, waterIn, watersOf } from './day'
import { describeWater, usualTempC } from './describe'
import { Leg } from './plan'

/** A water that nobody has seen, from a few words. */

const AT = { latDeg: 52, isoDate: '2026-06-13' }
const said = (text: string, at = AT) => describeWater(text, water(), at)

describe('words', () => {
  it('“shallow weedy lake, June, pike and perch”', () => {
    const { change, month, left, understood } = said('shallow weedy lake, June, pike and perch')
    expect(change).toMatchObject({ depthM: 1.8, speciesId: 'pike', alsoFor: ['perch'], cover: { kind: 'grass' } })
    expect([month, left]).toEqual([6, []])
    expect(understood).toEqual(['shallow', 'weedy', 'lake', 'june', 'pike', 'perch'])
  })
  it('longer words go before shorter ones, and words within others are not read', () => {
    expect(said('very shallow pond').change.depthM).toBe(1)
    expect(said('gin clear river, brown trout').change).toMatchObject({ visibilityM: 7, speciesId: 'brown-trout' })
    expect(said('striped bass').change).toMatchObject({ speciesId: 'striped-bass', alsoFor: [] })
    expect(said('seaside').left).toEqual(['seaside'])
  })
  it('what is not understood is told, and changes nothing', () => {
    const plain = said('lake, pike')
    const odd = said('lake, pike, glorbish')
    expect(odd.left).toEqual(['glorbish'])
    expect(odd.change).toEqual(plain.change)
  })
  it('the sea is salt, with prey of the sea', () => {
    const { salinity, change } = said('rocky coast, pollack, autumn')
    expect(salinity).toBeGreaterThan(25)
    expect(change).toMatchObject({ speciesId: 'pollack', cover: { kind: 'rock' }, forage: { kind: 'sand-eel' } })
  })
})

// Common practice: a temperate lake is near 4 °C in winter and 20 °C in high summer; the sea swings less and lags; the south has its summer in January.
describe('temperature by the month', () => {
  it('goes with the seasons, in the south half a year later', () => {
    expect(usualTempC(1, 52, 0)).toBeLessThan(6)
    expect(usualTempC(7, 52, 0)).toBeGreaterThan(17)
    expect(usualTempC(1, -35, 0)).toBeGreaterThan(usualTempC(7, -35, 0) + 10)
    const swing = (salinity: number) => usualTempC(7, 52, salinity) - usualTempC(1, 52, salinity)
    expect(swing(34)).toBeLessThan(0.8 * swing(0))
    expect(said('winter lake').change.waterTempC).toBeLessThan(6)
    expect(said('winter lake', { latDeg: -38, isoDate: '2026-06-13' }).month).toBe(7)
  })
})

it('whatever is typed, all it could be are waters that can be', () => {
  const words = fc.constantFrom(
    'shallow',
    'deep',
    'lake',
    'river',
    'sea',
    'weedy',
    'pads',
    'open',
    'murky',
    'clear',
    'winter',
    'pike',
    'cod',
    '¡',
    '((',
    '\\d+',
  )
  fc.assert(
    fc.property(fc.array(words, { maxLength: 8 }), fc.double({ min: -70, max: 70, noNaN: true }), (list, latDeg) => {
      const { change, alternatives } = describeWater(list.join(' '), water(), { latDeg, isoDate: '2026-01-20' })
      expect(alternatives.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9)
      for (const { id: _, weight: __, ...one } of alternatives)
        expect(Conditions.safeParse({ ...water(), ...change, ...one }).error).toBeUndefined()
    }),
  )
})

it('no water is colder than the sea can be', () => {
  const { alternatives } = describeWater('sea, winter, cod', water(), { latDeg: 78, isoDate: '2026-01-20' })
  for (const { waterTempC } of alternatives) expect(waterTempC).toBeGreaterThanOrEqual(-1.9)
  expect(alternatives.some(({ waterTempC }) => waterTempC < 0)).toBe(true)
})

it('a plan for it reckons with all it could be', () => {
  const { change, alternatives } = said('shallow weedy lake, June, pike and perch')
  const leg = Leg.parse({ id: 'a', water: { ...water(), ...change }, fromH: 5, toH: 7, alternatives })
  const [slot] = slotsOf([leg], [PLACE])
  if (!slot) throw new Error('no hour')
  const waters = watersOf(leg, { spread: {}, added: [] }, 8)
  const depths = new Set(waters.map((one) => waterIn(slot, one).depthM))
  expect(depths).toEqual(new Set([1, 1.8, 3]))
  expect(new Set(waters.map((one) => waterIn(slot, one).speciesId))).toEqual(new Set(['perch', 'pike']))
  const likely = waters.filter(({ variant }) => variant.levels.water === 'middle').reduce((sum, w) => sum + w.weight, 0)
  expect(likely).toBeCloseTo(0.36, 1)
})
