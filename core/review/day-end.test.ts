import { describe, expect, it } from 'vitest'
import type { NewEntry } from '../outing'
import { at, logOf, rig } from '../../testing/outing'
import { WORLD } from '../../testing/world'
import { dayEnd } from './day-end'

/** A day of two anglers’ doings is told at once when it is over. */

const inTray = WORLD.box.lures.find((lure) => lure.trayId !== null && lure.slot !== null && lure.count > 0)
if (!inTray) throw new Error('no lure lies in a tray')
const give = (answer: 'landed' | 'lost' | 'peck'): NewEntry => ({ kind: 'answer', answer, aim: null, fish: null })
const hand = (carriedId: string): NewEntry => ({ kind: 'rig', carriedId, wayId: 'wind' })
const carried = [rig('a', { lureId: inTray.id }), rig('b')]
const day = logOf(
  [
    [0, hand('b')],
    [30, hand('a')],
    [40, give('lost')],
    [41, give('landed')],
    [60, give('landed')],
    [80, { kind: 'lost-lure' }],
    [90, { kind: 'end' }],
  ],
  { carried },
)

describe('the day at its end', () => {
  const told = dayEnd(day, WORLD.box, at(500))
  it('what caught stands first, fish and schools apart; what caught nothing stands below', () => {
    expect(
      told.lures.map(({ name, schools, takes, landed, minutes }) => [name, schools, takes, landed, minutes]),
    ).toEqual([
      ['Lure a', 2, 3, 2, 60],
      ['Lure b', 0, 0, 0, 30],
    ])
  })
  it('a lost lure is told with what is left of it and where that lies', () => {
    const tray = WORLD.box.trays.find(({ id }) => id === inTray.trayId)
    expect(told.lost).toMatchObject([{ lureId: inTray.id, name: inTray.name, lost: 1, left: inTray.count }])
    expect(told.lost[0]?.where?.tray).toBe(tray?.name)
    const none = { ...WORLD.box, lures: WORLD.box.lures.map((l) => (l.id === inTray.id ? { ...l, count: 0 } : l)) }
    expect(dayEnd(day, none, at(500)).lost).toMatchObject([{ left: 0, where: null }])
    expect(dayEnd(day, { ...WORLD.box, lures: [] }, at(500)).lost).toMatchObject([
      { name: 'Lure a', left: 0, where: null },
    ])
  })
  it('without a comparison none is told; with one, whether it is settled', () => {
    expect(told.comparison).toBeNull()
    const trial = logOf(
      [
        [0, { kind: 'comparison', a: 'a', b: 'b', castsEach: 10 }],
        [0, hand('a')],
        [5, give('landed')],
        [20, hand('b')],
        [40, { kind: 'end' }],
      ],
      { carried },
    )
    const { comparison } = dayEnd(trial, WORLD.box, at(500))
    expect(comparison).toMatchObject({ a: 'Lure a', b: 'Lure b' })
    expect(comparison?.found).toMatchObject({ pairs: 1, verdict: null })
  })
  it('what is worn on the lures of the day is told, and of no others', () => {
    const worn = { ...inTray, condition: 'spent' as const }
    const box = { ...WORLD.box, lures: WORLD.box.lures.map((l) => (l.id === worn.id ? worn : l)) }
    const due = dayEnd(day, box, at(500)).care
    expect(due.map(({ lureId }) => lureId)).toEqual([worn.id])
    expect(due[0]?.care.length).toBeGreaterThan(0)
  })
})
