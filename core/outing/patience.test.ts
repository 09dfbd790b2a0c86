import { describe, expect, it } from 'vitest'
import { at, logOf, rig } from '../../testing/outing'
import type { NewEntry } from './outing'
import { dryMin, giveFor, goneQuiet, minutesOn, minutesSinceTake, sizeUnchangedMin, takesOf } from './patience'
import { accountOf } from './stretches'

const BIG = rig('big', { lengthM: 0.16 })
const SMALL = rig('small', { lengthM: 0.04 }, [{ techniqueId: 'wind' }, { techniqueId: 'stop-go' }])
const OTHER = rig('other', { lengthM: 0.041 })
const hand = (carriedId: string, wayId = 'wind'): NewEntry => ({ kind: 'rig', carriedId, wayId })
const spot = (stop: number, spotId = 'tip'): NewEntry => ({ kind: 'spot', stop, featureId: 'fallen-tree', spotId })
const answer = (of: 'landed' | 'eaten-winding' | 'eaten-pause' | 'follow', ate: 'winding' | null = null): NewEntry => ({
  kind: 'answer',
  answer: of,
  aim: null,
  fish: of === 'landed' ? { speciesId: 'pike', lengthM: null, massKg: null, hooked: null, ate, released: true } : null,
})
const account = (said: readonly (readonly [number, NewEntry])[], now: number) =>
  accountOf(logOf(said, { carried: [BIG, SMALL, OTHER] }), at(now))

describe('how long what is in the hand has been fished unchanged', () => {
  it('counts from the last change of rig, of how it is fished, of the stop and of the spot', () => {
    expect(minutesOn(account([[0, hand('small')]], 20))).toBeCloseTo(20, 6)
    const after = (change: NewEntry) =>
      minutesOn(
        account(
          [
            [0, spot(1)],
            [0, hand('small')],
            [12, change],
          ],
          20,
        ),
      )
    expect(after(hand('other'))).toBeCloseTo(8, 6)
    expect(after(hand('small', 'stop-go'))).toBeCloseTo(8, 6)
    expect(after(spot(2))).toBeCloseTo(8, 6)
    expect(after(spot(1, 'root'))).toBeCloseTo(8, 6)
    expect(after({ kind: 'reading', waterTempC: 12 })).toBeCloseTo(20, 6)
  })
  it('what came between is not counted, nor what was fished so before it', () =>
    expect(
      minutesOn(
        account(
          [
            [0, hand('small')],
            [5, hand('other')],
            [9, hand('small')],
          ],
          20,
        ),
      ),
    ).toBeCloseTo(11, 6))
  it('with nothing in the hand it is nought', () => expect(minutesOn(account([], 20))).toBe(0))
})

describe('takes', () => {
  it('are the answers that bit, oldest first, and say whether the fish ate while it was wound', () => {
    const { stretches } = account(
      [
        [0, hand('small')],
        [3, answer('follow')],
        [4, answer('eaten-winding')],
        [5, answer('eaten-pause')],
        [6, answer('landed', 'winding')],
        [7, answer('landed')],
      ],
      20,
    )
    expect(takesOf(stretches)).toEqual([
      { at: at(4), ateWinding: true },
      { at: at(5), ateWinding: false },
      { at: at(6), ateWinding: true },
      { at: at(7), ateWinding: false },
    ])
    expect(minutesSinceTake(stretches, at(20))).toBeCloseTo(13, 6)
    expect(minutesSinceTake([], at(20))).toBe(Infinity)
  })
})

describe('a school gone quiet: two takes within 45 minutes, and none for 12', () => {
  const quiet = (said: readonly (readonly [number, NewEntry])[], now: number) =>
    goneQuiet(account([[0, spot(1)], [0, hand('small')], ...said], now), at(now))
  const two = [
    [5, answer('landed')],
    [8, answer('eaten-pause')],
  ] as const
  it('from 12 minutes after the last', () => {
    expect(quiet(two, 19.9)).toBe(false)
    expect(quiet(two, 20)).toBe(true)
  })
  it('until the first of them is 45 minutes old', () => {
    expect(quiet(two, 50)).toBe(true)
    expect(quiet(two, 50.1)).toBe(false)
  })
  it('one take is no school, and a fish that follows takes nothing', () => {
    expect(quiet([[5, answer('landed')]], 30)).toBe(false)
    expect(
      quiet(
        [
          [5, answer('landed')],
          [6, answer('follow')],
        ],
        30,
      ),
    ).toBe(false)
  })
  it('takes at another stop or spot say nothing of this one', () => {
    expect(quiet([...two, [10, spot(2)]], 30)).toBe(false)
    expect(quiet([...two, [10, spot(1, 'root')]], 30)).toBe(false)
    expect(quiet([...two, [10, spot(1, 'root')], [12, spot(1)]], 30)).toBe(true)
  })
  it('where no spot was named, the whole outing is one spot', () => {
    const said = account([[0, hand('small')], ...two], 30)
    expect(goneQuiet(said, at(30))).toBe(true)
    expect(goneQuiet({ stretches: said.stretches, current: null }, at(30))).toBe(true)
  })
})

describe('how long one size has been fished', () => {
  it('runs back over rigs of the same step of size, with the takes on them', () => {
    const said = account(
      [
        [0, hand('big')],
        [4, answer('landed')],
        [10, hand('small')],
        [13, answer('landed')],
        [20, hand('other')],
        [22, answer('eaten-pause')],
        [25, answer('follow')],
      ],
      30,
    )
    expect(sizeUnchangedMin(said)).toEqual({ minutes: expect.closeTo(20, 6) as number, takes: 2 })
  })
  it('with nothing in the hand it is nought', () =>
    expect(sizeUnchangedMin(account([], 20))).toEqual({ minutes: 0, takes: 0 }))
})

describe('how long to give a thing', () => {
  it('is until an answer is more likely than not: ln 2 over the rate, from 8 to 24 min (worked by hand)', () => {
    expect(giveFor(0.05)).toBe(14)
    expect(giveFor(1)).toBe(8)
    expect(giveFor(0.001)).toBe(24)
  })
})

describe('effort since the last answer', () => {
  it('counts from the last answer of this stretch, or from its beginning', () => {
    const { stretches } = account(
      [
        [0, hand('small')],
        [3, answer('follow')],
        [7, answer('follow')],
      ],
      20,
    )
    expect(dryMin(stretches)).toBeCloseTo(13, 6)
    expect(dryMin(account([[2, hand('small')]], 20).stretches)).toBeCloseTo(18, 6)
    expect(dryMin([])).toBe(0)
  })
})
