import { describe, expect, it } from 'vitest'
import { LEARNING } from '../../data/advice'
import { effortRows } from '../review'
import { at, logOf, rig } from '../../testing/outing'
import { accountOf, pairsOf, type NewEntry } from '.'
import { beginShowings } from './showings'
import { observationsOf } from './observations'

/** A school is one piece of news, wherever it is counted. */

const give = (answer: 'lost' | 'landed' | 'peck'): NewEntry => ({ kind: 'answer', answer, aim: null, fish: null })
const hand = (carriedId: string): NewEntry => ({ kind: 'rig', carriedId, wayId: 'wind' })
const END = at(120)

describe('a showing', () => {
  it('goes on while the next comes within two minutes of the last, however long it lasts', () => {
    const gap = LEARNING.schoolMin
    const moments = [0, gap, 2 * gap, 3 * gap + 0.1, 60].map(at)
    expect(beginShowings(moments)).toEqual([true, false, false, true, true])
    expect(beginShowings([])).toEqual([])
  })
  it('a clock set back makes no new one', () => {
    expect(beginShowings([at(10), at(9)])).toEqual([true, false])
  })
})

describe('counted', () => {
  const log = logOf(
    [
      [0, hand('a')],
      [10, give('peck')],
      [11, give('lost')],
      [11.5, give('landed')],
      [12, hand('b')],
      [12.5, give('landed')],
      [40, give('landed')],
      [60, { kind: 'end' }],
    ],
    { carried: [rig('a'), rig('b')] },
  )
  const [first, second] = effortRows([log], END)
  it('by its first take, answer or fish: what goes on over a change belongs to where it began', () => {
    expect(first?.showings).toEqual({ landed: 1, bites: 1, answers: 1, kinds: { peck: 1, lost: 1, landed: 1 } })
    expect(second?.showings).toEqual({ landed: 1, bites: 1, answers: 1, kinds: { peck: 0, lost: 0, landed: 1 } })
    expect([first?.answers.length, second?.answers.length]).toEqual([3, 2])
  })
  it('once in a comparison, for the rig it came to', () => {
    const { stretches } = accountOf(log, END)
    const { pairs } = pairsOf(stretches, {
      a: { carriedId: 'a', wayId: null },
      b: { carriedId: 'b', wayId: null },
      from: at(0),
      to: null,
    })
    expect(pairs.map(({ a, b }) => [a.events, b.events])).toEqual([[1, 1]])
  })
  it('the same for the adviser', () => {
    const { stretches } = accountOf(log, END)
    expect(observationsOf(stretches, END)[0]?.showings).toBe(1)
  })
})

it('each lure on a line has its own: two lures taken at once are a showing for both', () => {
  const { id: _, ways: __, rig: ___, linePerTurnM: _l, fallMps: _f, cost: _c, ...fly } = { ...rig('fly') }
  const two = rig('spoon', { beside: [{ ...fly, lureId: 'fly' }] })
  const log = logOf(
    [
      [0, hand('spoon')],
      [5, { ...give('landed'), lureId: 'fly' } as NewEntry],
      [5.5, give('landed')],
      [30, { kind: 'end' }],
    ],
    { carried: [two] },
  )
  const [row] = effortRows([log], END)
  expect(row?.showings.landed).toBe(1)
  expect(row?.byLure?.map(({ showings }) => showings.landed)).toEqual([1, 1])
})
