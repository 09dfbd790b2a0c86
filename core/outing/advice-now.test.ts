import { describe, expect, it } from 'vitest'
import { at, logOf } from '../../testing/outing'
import { adviceNow, refusedVariable, spotsInReach } from './advice-now'
import { accountOf } from './stretches'
import type { NewEntry } from './outing'
import { sayAdvice } from '../../words'

const RIG = { kind: 'rig', carriedId: 'a', wayId: 'wind' } as const
const DOCK = { kind: 'spot', stop: 1, featureId: 'dock', spotId: 'shade' } as const
const TREE = { kind: 'spot', stop: 2, featureId: 'fallen-tree', spotId: 'tip' } as const
const entriesOf = (said: readonly (readonly [number, NewEntry])[]) => {
  const outing = logOf(said)
  return { outing, account: accountOf(outing, at(60)) }
}

describe('spots within reach', () => {
  it('are all of the cover here and those fished before, each once', () => {
    const { outing, account } = entriesOf([
      [0, DOCK],
      [1, RIG],
      [20, TREE],
      [30, { ...TREE, spotId: 'trunk' }],
    ])
    const keys = spotsInReach(outing, account).map((s) => `${s.stop} ${s.spotId}`)
    expect(new Set(keys).size).toBe(keys.length)
    expect(keys).toEqual(expect.arrayContaining(['1 shade', '2 tip', '2 trunk', '2 root']))
    expect(keys.filter((k) => k.startsWith('1'))).toEqual(['1 shade'])
  })
  it('are those before alone while nobody has said where', () => {
    const { outing, account } = entriesOf([[0, RIG]])
    expect(spotsInReach(outing, account)).toEqual([])
  })
})

describe('advice that was refused', () => {
  const refused = { kind: 'advice', variable: 'speed', says: 'Slower.', giveMin: 12, taken: false } as const
  it('is left alone for the time that it asked for, and no longer', () => {
    const { entries } = logOf([
      [0, RIG],
      [10, refused],
    ])
    expect(refusedVariable(entries, at(21.9))).toBe('speed')
    expect(refusedVariable(entries, at(22))).toBeNull()
  })
  it('only the newest counts, and what was followed was not refused', () => {
    const { entries } = logOf([
      [0, RIG],
      [10, refused],
      [12, { ...refused, taken: true }],
    ])
    expect(refusedVariable(entries, at(13))).toBeNull()
  })
})

describe('advice now', () => {
  it('is none without a rig in the hand, and none in a break', () => {
    const none = entriesOf([[0, DOCK]])
    expect(adviceNow(none.outing, none.account, at(60))).toBeNull()
    const pause = entriesOf([
      [0, RIG],
      [50, { kind: 'pause' }],
    ])
    expect(adviceNow(pause.outing, pause.account, at(60))).toBeNull()
  })
  it('what was refused is not advised again, but something is said', () => {
    const log: [number, NewEntry][] = [
      [0, DOCK],
      [0, RIG],
    ]
    const before = entriesOf(log)
    const first = adviceNow(before.outing, before.account, at(60))
    if (first?.kind !== 'change') throw new Error('an hour without a fish asks for a change')
    const after = entriesOf([
      ...log,
      [
        60,
        { kind: 'advice', variable: first.variable, says: sayAdvice(first.does, 'metric'), giveMin: 10, taken: false },
      ],
    ])
    const account = accountOf(after.outing, at(61))
    expect(adviceNow(after.outing, account, at(61))).toMatchObject({ kind: 'stay' })
  })
})
