import { describe, expect, it } from 'vitest'
import { FAMILIES } from '../../tackle'
import { SPECIES } from '../../water'
import { followerAnswer } from './follower'

/** Common practice: trout and spoons, hold; bass and crankbaits, change; what falls is dropped on them. */
describe('a fish that follows', () => {
  it.each([
    ['casting-spoon', 'brown-trout', {}, 'hold'],
    ['crankbait', 'brown-trout', {}, 'hold'],
    ['crankbait', 'largemouth-bass', {}, 'change'],
    ['jerkbait', 'pike', {}, 'change'],
    ['spinnerbait', 'pike', {}, 'change'],
    ['in-line-spinner', 'perch', {}, 'hold'],
    ['paddle-tail', 'zander', {}, 'drop'],
    ['flutter-spoon', 'largemouth-bass', {}, 'drop'],
    ['crankbait', 'largemouth-bass', { S3: 'first' }, 'hold'],
    ['casting-spoon', 'brown-trout', { S3: 'second' }, 'change'],
    ['tube', 'smallmouth-bass', { S3: 'first' }, 'drop'],
  ] as const)('%s for %s, %o: %s', (family, species, sides, wanted) =>
    expect(followerAnswer(family, species, sides)).toBe(wanted),
  )
  it('has one answer for every lure and fish', () => {
    const all = FAMILIES.flatMap(({ id }) => SPECIES.map((fish) => followerAnswer(id, fish.id, {})))
    expect(new Set(all)).toEqual(new Set(['hold', 'change', 'drop']))
  })
})
