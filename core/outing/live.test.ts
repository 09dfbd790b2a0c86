import { describe, expect, it } from 'vitest'
import { RIG_A, RIG_B, at, logOf } from '../../testing/outing'
import type { Change } from './advice'
import {
  answerEntry,
  followAdvice,
  lastTakeAt,
  newFish,
  nextStop,
  outingTally,
  refuseAdvice,
  stretchesHere,
  takesBySpot,
} from './live'
import type { NewEntry } from './outing'
import { Fish } from './told'
import { accountOf } from './stretches'

const spot = (stop: number, spotId: string): NewEntry => ({ kind: 'spot', stop, featureId: 'dock', spotId })
const answer = (id: 'landed' | 'slap' | 'lost'): NewEntry => ({ kind: 'answer', answer: id, aim: null, fish: null })
const cast: NewEntry = { kind: 'cast', aim: null }
const LOG = logOf([
  [0, spot(1, 'last-post')],
  [0, { kind: 'rig', carriedId: 'a', wayId: 'wind' }],
  [1, cast],
  [2, answer('slap')],
  [3, answer('landed')],
  [10, spot(2, 'corner')],
  [11, cast],
  [12, answer('lost')],
])
const account = accountOf(LOG, at(20))

describe('an outing under way', () => {
  it('is told by fish, takes, casts and minutes', () => {
    expect(outingTally(account)).toEqual({ landed: 1, takes: 2, casts: 2, minutes: expect.closeTo(20, 6) })
    expect(outingTally({ stretches: [] })).toEqual({ landed: 0, takes: 0, casts: 0, minutes: 0 })
  })
  it('knows the last take, which a slap is not', () => {
    expect(lastTakeAt(LOG)).toBe(at(12))
    expect(lastTakeAt({ entries: LOG.entries.slice(0, 4) })).toBeNull()
  })
  it('looks at the spot under way alone', () => {
    const here = stretchesHere(account)
    expect(here.map((s) => s.spot?.spotId)).toEqual(['corner'])
    expect(here.flatMap((s) => s.casts)).toHaveLength(1)
  })
  it('counts takes by the spot of one stop and its cover', () => {
    expect(takesBySpot(account, 1, 'dock')).toEqual({ 'last-post': 1 })
    expect(takesBySpot(account, 2, 'dock')).toEqual({ corner: 1 })
    expect(takesBySpot(account, 2, 'grass')).toEqual({})
  })
  it('goes on to the stop after the last, of the same cover', () => {
    expect(nextStop(LOG, 'dock')).toMatchObject({ stop: 3, featureId: 'dock' })
    expect(nextStop({ entries: [] }, 'dock')?.stop).toBe(1)
    expect(nextStop(LOG, 'the moon')).toBeNull()
  })
  it('finds an answer by its id, and nothing else', () => {
    expect(answerEntry(LOG, 'e4')?.answer).toBe('landed')
    expect(answerEntry(LOG, 'e0')).toBeUndefined()
    expect(answerEntry(LOG, null)).toBeUndefined()
  })
  it('a fish just landed is one that can be stored, and goes back', () => {
    expect(Fish.parse(newFish('perch'))).toMatchObject({ speciesId: 'perch', released: true, lengthM: null })
  })
})

describe('following advice', () => {
  const [way] = RIG_B.ways
  if (!way) throw new Error('no way')
  const here = { stop: 2, featureId: 'dock', spotId: 'corner' }
  const change = (over: Partial<Change>, to: Partial<Change['to']> = {}): Change =>
    ({
      variable: 'size',
      giveMin: 12,
      does: { code: 'keep-on' },
      to: { carried: RIG_B, way, spot: here, ...to },
      ...over,
    }) as Change
  const kinds = (entries: readonly NewEntry[]) => entries.map((e) => e.kind)
  it('another rig is taken in hand', () => {
    expect(followAdvice(change({}), 'Go bigger.', here)).toEqual([
      { kind: 'advice', variable: 'size', says: 'Go bigger.', giveMin: 12, taken: true },
      { kind: 'rig', carriedId: 'b', wayId: 'wind' },
    ])
  })
  it('another spot is gone to, and the rig stays', () => {
    const there = { ...here, stop: 3 }
    expect(kinds(followAdvice(change({ variable: 'place' }, { spot: there }), 'Move.', here))).toEqual([
      'advice',
      'spot',
    ])
    expect(kinds(followAdvice(change({ variable: 'place' }, { spot: there }), 'Move.', null))).toEqual([
      'advice',
      'spot',
    ])
  })
  it('another direction is no cast and no rig: it stands with the advice', () => {
    const entries = followAdvice(change({ variable: 'direction' }, { carried: RIG_A, aim: 2 }), 'Cast right.', here)
    expect(entries).toEqual([
      { kind: 'advice', variable: 'direction', says: 'Cast right.', giveMin: 12, taken: true, aim: 2 },
    ])
  })
  it('dropping on the next follower changes nothing that is in the hand', () => {
    const odds = { median: 0.25, low: 0.1, high: 0.5 }
    const entries = followAdvice(
      change({ variable: 'cadence', does: { code: 'on-follower', tried: 'drop', odds } }),
      'Drop.',
      here,
    )
    expect(entries.map((e) => e.kind)).toEqual(['advice'])
  })
  it('refused, it is logged as left', () => {
    expect(refuseAdvice(change({}), 'Go bigger.')).toMatchObject({ kind: 'advice', taken: false, giveMin: 12 })
  })
})
