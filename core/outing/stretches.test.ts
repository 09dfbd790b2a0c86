import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { RIG_A, at, logOf, rig } from '../../testing/outing'
import type { NewEntry } from './outing'
import { Outing, hourOf, isOver, minutesBetween } from './outing'
import { accountOf, bitesOf, landedOf } from './stretches'

const RIG = { kind: 'rig', carriedId: 'a', wayId: 'wind' } as const
const TO_B = { kind: 'rig', carriedId: 'b', wayId: 'wind' } as const
const LOST = { kind: 'answer', answer: 'lost', aim: null, fish: null } as const

describe('the account of a log', () => {
  it('a break asked for twice counts no effort twice, and going on without a break loses none', () => {
    const minutes = (entries: readonly (readonly [number, NewEntry])[]) =>
      accountOf(logOf([[0, RIG], ...entries]), at(30)).stretches.reduce((sum, s) => sum + s.minutes, 0)
    expect(minutes([])).toBeCloseTo(30, 6)
    expect(
      minutes([
        [10, { kind: 'pause' }],
        [20, { kind: 'pause' }],
      ]),
    ).toBeCloseTo(10, 6)
    expect(
      minutes([
        [10, { kind: 'pause' }],
        [20, { kind: 'pause' }],
        [25, { kind: 'resume' }],
      ]),
    ).toBeCloseTo(15, 6)
    expect(minutes([[10, { kind: 'resume' }]])).toBeCloseTo(30, 6)
  })
  it('effort counts by the clock from the rig to the next, without the breaks', () => {
    const log = logOf([
      [0, RIG],
      [10, { kind: 'pause' }],
      [40, { kind: 'resume' }],
      [50, TO_B],
      [55, { kind: 'end' }],
    ])
    const { stretches, over, current } = accountOf(log, at(500))
    expect(stretches.map((s) => [s.carried.id, s.minutes])).toEqual([
      ['a', 20],
      ['b', 5],
    ])
    expect([over, current]).toEqual([true, null])
  })
  it('an outing under way counts up to now, and not while there is a break', () => {
    const log = logOf([[0, RIG]])
    expect(accountOf(log, at(12)).current?.minutes).toBe(12)
    const paused = logOf([
      [0, RIG],
      [5, { kind: 'pause' }],
    ])
    expect(accountOf(paused, at(60)).current?.minutes).toBe(5)
    expect(accountOf(paused, at(60)).paused).toBe(true)
  })
  it('by casts, effort is the casts times what one takes', () => {
    const log = logOf([[0, RIG], ...[1, 2, 3, 4].map((m) => [m, { kind: 'cast', aim: 0 }] as [number, NewEntry])], {
      effortBy: 'cast',
      carried: [rig('a', {}, [{ castS: 90 }])],
    })
    expect(accountOf(log, at(300)).current?.minutes).toBe(6)
  })
  it('advice to cast elsewhere turns the aim and is no cast; a new spot forgets it', () => {
    const advice = { kind: 'advice', variable: 'direction', says: 'Cast to the right.', giveMin: 8 } as const
    const entries: [number, NewEntry][] = [
      [0, RIG],
      [1, { kind: 'cast', aim: -1 }],
      [2, { ...advice, taken: true, aim: 1 }],
    ]
    const followed = accountOf(logOf(entries), at(5))
    expect([followed.aim, followed.current?.casts.length]).toEqual([1, 1])
    expect(accountOf(logOf([...entries.slice(0, 2), [2, { ...advice, taken: false, aim: 1 }]]), at(5)).aim).toBe(-1)
    expect(accountOf(logOf([...entries, [3, { kind: 'cast', aim: null }]]), at(5)).aim).toBe(1)
    const moved = logOf([...entries, [3, { kind: 'spot', stop: 2, featureId: 'dock', spotId: 'shade' }]])
    expect(accountOf(moved, at(5)).aim).toBeNull()
  })
  it('a spot, a rig and a reading each begin a stretch; answers fall to the one under way', () => {
    const log = logOf([
      [0, { kind: 'spot', stop: 1, featureId: 'dock', spotId: 'last-post' }],
      [0, RIG],
      [5, LOST],
      [10, { kind: 'spot', stop: 1, featureId: 'dock', spotId: 'walkway' }],
      [12, { kind: 'answer', answer: 'peck', aim: null, fish: null }],
      [20, { kind: 'reading', waterTempC: 20.5 }],
      [25, LOST],
      [30, { kind: 'end' }],
    ])
    const { stretches } = accountOf(log, at(30))
    expect(stretches.map((s) => [s.spot?.spotId, s.minutes, bitesOf(s), s.answers.length])).toEqual([
      ['last-post', 10, 1, 1],
      ['walkway', 10, 0, 1],
      ['walkway', 10, 1, 1],
    ])
    expect(stretches[2]?.water.waterTempC).toBe(20.5)
    expect(stretches[0]?.water.waterTempC).not.toBe(20.5)
  })
  it('a reading of less depth takes zone and cover with it', () => {
    const log = logOf([
      [0, RIG],
      [5, { kind: 'reading', depthM: 1 }],
    ])
    const { water } = accountOf(log, at(6))
    expect([water.depthM, water.zone]).toEqual([1, null])
    expect(water.cover.topM).toBeLessThanOrEqual(1)
  })
  it('before a rig is in the hand nothing counts', () => {
    expect(accountOf(logOf([[0, { kind: 'pause' }]]), at(60)).stretches).toEqual([])
  })
  it('a rig that was not carried changes nothing', () => {
    const log = logOf([
      [0, RIG],
      [5, { kind: 'rig', carriedId: 'nowhere', wayId: 'x' }],
    ])
    expect(accountOf(log, at(9)).inHand?.carried.id).toBe('a')
  })
  it('whatever is written down, the minutes of all stretches are the clock between first rig and end without the breaks', () => {
    const step = fc.constantFrom('a', 'b', 'spot', 'break', 'answer')
    fc.assert(
      fc.property(fc.array(fc.tuple(step, fc.integer({ min: 1, max: 30 })), { maxLength: 25 }), (steps) => {
        const said: [number, NewEntry][] = [[0, RIG]]
        let now = 0
        let rested = 0
        for (const [what, minutes] of steps) {
          now += minutes
          if (what === 'a') said.push([now, RIG])
          else if (what === 'b') said.push([now, TO_B])
          else if (what === 'answer') said.push([now, LOST])
          else if (what === 'spot') said.push([now, { kind: 'spot', stop: 1, featureId: 'open', spotId: 'bank' }])
          else {
            said.push([now, { kind: 'pause' }])
            now += minutes
            rested += minutes
            said.push([now, { kind: 'resume' }])
          }
        }
        said.push([now, { kind: 'end' }])
        const { stretches } = accountOf(logOf(said), at(now))
        const minutes = stretches.reduce((sum, s) => sum + s.minutes, 0)
        const answers = stretches.reduce((sum, s) => sum + s.answers.length, 0)
        return Math.abs(minutes - (now - rested)) < 1e-6 && answers === steps.filter(([w]) => w === 'answer').length
      }),
    )
  })
})

describe('what an outing may be', () => {
  it('moments carry their distance from universal time', () => {
    const log = logOf([[0, RIG]])
    const bare = { ...log, startedAt: '2026-06-12T06:00:00' }
    expect(Outing.safeParse(bare).success).toBe(false)
    expect(minutesBetween('2026-06-12T08:00:00+02:00', '2026-06-12T06:30:00+00:00')).toBe(30)
    expect(hourOf('2026-06-12T08:30:00+02:00')).toBe(8.5)
  })
  it('an answer that no fish gives, a fish of ten metres and an outing with nothing carried are refused', () => {
    const log = logOf([[0, RIG]])
    const entry = { id: 'x', at: at(1), kind: 'answer', answer: 'wink', aim: null, fish: null }
    expect(Outing.safeParse({ ...log, entries: [entry] }).success).toBe(false)
    const fish = { speciesId: 'pike', lengthM: 10, massKg: null, hooked: null, ate: null, released: true }
    expect(Outing.safeParse({ ...log, entries: [{ ...entry, answer: 'landed', fish }] }).success).toBe(false)
    expect(Outing.safeParse({ ...log, carried: [] }).success).toBe(false)
  })
  it('knows when it is over, and what was landed', () => {
    const fish = { speciesId: 'pike', lengthM: 0.6, massKg: null, hooked: null, ate: null, released: true }
    const log = logOf([
      [0, RIG],
      [5, { kind: 'answer', answer: 'landed', aim: null, fish }],
      [9, { kind: 'end' }],
    ])
    expect(isOver(log)).toBe(true)
    const [only] = accountOf(log, at(9)).stretches
    expect(only && landedOf(only)).toBe(1)
    expect(only?.carried).toEqual(RIG_A)
  })
})
