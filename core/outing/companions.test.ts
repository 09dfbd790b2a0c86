import { describe, expect, it } from 'vitest'
import { RIG_A, RIG_B, at, logOf, rig } from '../../testing/outing'
import { companionSign, companionsOn } from './companions'
import { changesFor } from './changes'
import { accountOf } from './stretches'
import type { NewEntry } from './outing'

const RIG = { kind: 'rig', carriedId: 'a', wayId: 'wind' } as const
const theirs = (over: object = {}): NewEntry => ({
  kind: 'companion',
  who: null,
  speciesId: 'perch',
  lengthM: 0.3,
  lure: { name: 'Theirs', family: RIG_B.family, lengthM: RIG_B.lengthM, colour: RIG_B.colour, lureId: null, ...over },
})
const accountWith = (...said: (readonly [number, NewEntry])[]) => accountOf(logOf([[0, RIG], ...said]), at(60))

describe('fish that others catch', () => {
  it('speak for what is carried like it: two of kind, colour and size agree', () => {
    const account = accountWith([55, theirs()])
    expect(companionsOn(RIG_B, account, at(60))).toHaveLength(1)
    expect(companionsOn(RIG_A, account, at(60))).toHaveLength(0)
    expect(companionsOn(rig('c', { colour: 'hot', lengthM: 0.05, family: 'spoon' }), account, at(60))).toHaveLength(1)
  })
  it('say the less the longer ago, and no more than so many', () => {
    const sign = (...mins: number[]) =>
      companionSign(RIG_B, accountWith(...mins.map((min) => [min, theirs()] as const)), at(60))
    expect(sign(55)).toBeGreaterThan(sign(10))
    expect(sign(10)).toBeGreaterThan(1)
    expect(sign(50, 51, 52, 53, 54, 55, 56)).toBe(sign(50, 51, 52, 53, 54, 55, 56, 57))
  })
  it('say nothing where nobody saw the lure', () => {
    const unseen: NewEntry = { kind: 'companion', who: 'Mo', speciesId: 'perch', lengthM: null }
    expect(companionSign(RIG_B, accountWith([55, unseen]), at(60))).toBe(1)
  })
  it('make a change to it promise more, and are its reason', () => {
    const ratio = (...said: (readonly [number, NewEntry])[]) => {
      const hot = rig('b', { colour: 'hot' })
      const log = logOf([[0, RIG], ...said], { carried: [RIG_A, hot] })
      const account = accountOf(log, at(60))
      const { weighed } = changesFor({ account, carried: log.carried, spots: [], schooling: false, now: at(60) })
      return weighed.find((w) => w.to.carried.id === 'b')?.ratio ?? 0
    }
    expect(ratio([55, theirs()])).toBeGreaterThan(1.3 * ratio())
  })
})
