import { describe, expect, it } from 'vitest'
import { STANDARD_WEIGHTS } from '../../data/standard-weights'
import { fishCondition, isRelative, relativeWeight, standardWeight } from './fish'
import { FEATURES, featureOf, spotLabel, spotsOf, usualFeature } from './spots'
import { ANSWERS, answerOf } from './answer'
import { water } from '../../testing/world'
import { sayCondition, spotWords } from '../../words'

describe('standard weight', () => {
  // Worked by hand from the coefficients (Anderson and Neumann 1996; from memory): 10^(a + b log10 mm).
  it.each([
    ['largemouth-bass', 0.4, 0.974],
    ['pike', 0.7, 2.349],
    ['walleye', 0.5, 1.351],
    ['smallmouth-bass', 0.35, 0.652],
    ['rainbow-trout', 0.4, 0.703],
    ['perch', 0.25, 0.229],
  ])('a %s of %f m in good condition weighs about %f kg', (species, lengthM, kg) => {
    expect((standardWeight(species, lengthM)?.kg ?? 0) / kg).toBeCloseTo(1, 1)
  })
  it('grows with length for every equation, a little faster than its cube or near it', () => {
    for (const { species, b } of STANDARD_WEIGHTS) {
      const [id] = species
      const [short, long] = [standardWeight(id, 0.4), standardWeight(id, 0.8)]
      expect((long?.kg ?? 0) / (short?.kg ?? 1)).toBeCloseTo(2 ** b, 6)
      expect(b).toBeGreaterThan(2.9)
      expect(b).toBeLessThan(3.4)
    }
  })
  it('says nothing of a fish too short, or one without an equation', () => {
    expect(standardWeight('pike', 0.05)).toBeNull()
    expect(standardWeight('garfish', 0.6)).toBeNull()
    expect(relativeWeight('garfish', 0.6, 1)).toBeNull()
  })
  it('relative weight is per cent of it, and is put into words', () => {
    const kg = standardWeight('pike', 0.7)?.kg ?? 0
    expect(relativeWeight('pike', 0.7, kg)).toBeCloseTo(100)
    expect([70, 90, 100, 120].map((relative) => sayCondition(fishCondition(relative)))).toEqual([
      'thin for its length',
      'a little lean',
      'in good condition',
      'stout for its length',
    ])
  })
  it('tells when the equation is a near relative’s', () => {
    expect(isRelative('zander', 'walleye')).toBe(true)
    expect(isRelative('walleye', 'walleye')).toBe(false)
    expect(isRelative('char', 'lake trout')).toBe(true)
  })
})

describe('spots', () => {
  it('each piece of cover has spots apart enough to be tapped', () => {
    for (const { id, spots } of FEATURES) {
      expect([id, spots.length >= 4]).toEqual([id, true])
      spots.forEach((a, i) =>
        spots.slice(i + 1).forEach((b) => {
          // Drawn 326 px wide and 236 high on a phone of 390: buttons are 48 px high and some 70 wide.
          const apart = Math.abs(a.at[0] - b.at[0]) * 3.26 >= 76 || Math.abs(a.at[1] - b.at[1]) * (236 / 60) >= 48
          expect([id, a.id, b.id, apart]).toEqual([id, a.id, b.id, true])
        }),
      )
    }
  })
  it('the water says which is drawn first; a current makes a pool', () => {
    const at = (kind: string, currentMps = 0) =>
      usualFeature({ ...water(), cover: { kind, topM: 1, density: 0.5 } as never, currentMps }).id
    expect([at('timber'), at('docks'), at('grass'), at('open'), at('rock', 0.4)]).toEqual([
      'fallen-tree',
      'dock',
      'grass',
      'open',
      'pool',
    ])
  })
  it('has words for each, and for one that is gone', () => {
    expect(spotWords({ featureId: 'fallen-tree', spotId: 'tip' })).toBe('the tip of the fallen tree')
    expect(spotLabel({ featureId: 'dock', spotId: 'last-post' })).toBe('Dock · last post')
    expect(spotWords({ featureId: 'moon', spotId: 'crater' })).toMatch(/no longer/)
    expect(featureOf('moon')).toBeUndefined()
    expect(spotsOf(3, 'pool').map((s) => s.stop)).toEqual([3, 3, 3, 3])
  })
})

it('answers: a take is a take, a touch is none', () => {
  expect(ANSWERS.filter((a) => !a.bite).map((a) => a.id)).toEqual(['seen', 'follow', 'peck', 'slap'])
  expect(() => answerOf('wink')).toThrow(/wink/)
})
