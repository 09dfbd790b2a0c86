import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { groupShares, lureMass, searchFor, type Lure } from '.'

const { lures } = WORLD.box
const found = (text: string) => lures.filter(searchFor(text))
const depthOf = (l: Lure) => ('depthM' in l.traits ? l.traits.depthM : NaN)
const grams = (l: Lure) => lureMass(l).kg * 1000

describe('a search as anglers speak', () => {
  it('silent shallow crank: quiet plugs that run shallow, and nothing else', () => {
    const some = found('silent shallow crank')
    expect(some.length).toBeGreaterThan(0)
    for (const l of some) {
      expect(l.sound).toBe('silent')
      expect(l.family).toMatch(/crankbait/)
    }
    expect(some.map(depthOf).filter((d) => d >= 1.6)).toEqual([])
  })
  it('a bare fraction is ounces: 3/8 jig finds jigs of about 10.6 g', () => {
    const some = found('3/8 jig')
    expect(some.length).toBeGreaterThan(0)
    for (const l of some) {
      expect(grams(l)).toBeGreaterThan(9.9)
      expect(grams(l)).toBeLessThan(11.4)
    }
    expect(found('3/8 oz jig').map((l) => l.id)).toEqual(some.map((l) => l.id))
  })
  it('weights (weighed or on the packet) and lengths in any unit, near enough', () => {
    const masses = (l: Lure) => [grams(l), l.massKg * 1000]
    const length = (l: Lure) => [l.lengthM * 100]
    for (const [text, of, value] of [
      ['14 g', masses, 14],
      ['14g', masses, 14],
      ['1/2 oz', masses, 14.17],
      ['10 cm', length, 10],
      ['4 in', length, 10.16],
      ['4"', length, 10.16],
    ] as const) {
      const some = found(text)
      expect(some.length).toBeGreaterThan(0)
      for (const l of some) expect(Math.min(...of(l).map((v) => Math.abs(v - value) / value))).toBeLessThan(0.061)
    }
  })
  it('metres are running depths', () => {
    const divers = lures.filter((l) => l.family === 'crankbait' && 'depthM' in l.traits)
    expect(divers.length).toBeGreaterThan(2)
    for (const diver of divers) {
      const some = found(`crankbait ${depthOf(diver)} m`)
      expect(some.map((l) => l.id)).toContain(diver.id)
      for (const l of some) expect(Math.abs(depthOf(l) / depthOf(diver) - 1)).toBeLessThan(0.061)
    }
  })
  it('a group of colours finds all of its colours', () => {
    const some = found('natural')
    expect(some.length).toBeGreaterThan(3)
    for (const l of some) expect(groupShares(l.colour).natural).toBeGreaterThanOrEqual(0.3)
  })
  it('other words for the same thing', () => {
    expect(found('suspending').map((l) => l.id)).toEqual(found('suspends').map((l) => l.id))
    expect(found('rattling crankbaits').map((l) => l.id)).toEqual(found('rattles crankbait').map((l) => l.id))
  })
  it('a name with its number', () => expect(found('pirrip 7').map((l) => l.name)).toEqual(['Pirrip 7']))
  it('each word more finds no more (property)', () => {
    const word = fc.constantFrom('crank', 'silent', 'gold', 'deep', '10 cm', '1/2', 'natural', 'jig', 'willow', 'zzz')
    fc.assert(
      fc.property(fc.array(word, { maxLength: 3 }), word, (some, more) => {
        const few = found([...some, more].join(' ')).length
        expect(few).toBeLessThanOrEqual(found(some.join(' ')).length)
      }),
    )
  })
  it('nothing asked finds all; nonsense finds none; nothing typed can break it (property)', () => {
    expect(found('  ')).toHaveLength(lures.length)
    expect(found('xylophone')).toEqual([])
    fc.assert(fc.property(fc.string(), (text) => void found(text)))
  })
})
