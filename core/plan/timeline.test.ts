import { describe, expect, it } from 'vitest'
import { RETIE } from '../../data/plan'
import { someTable } from '../../testing/kit-problems'
import type { WorthTable } from './table'
import { reTiesOf, tiedThrough, worthInHour, worthOfRods, type Tied } from './timeline'

/** What hangs when. Judge: every course of three hours on two rods, tried one by one on sums written out here. */

const KIT = [0, 1, 2]
const RODS = [0, 1]

/** Hours in which lures have these chances, on both rods alike. */
function hoursOf(chances: readonly (readonly number[])[]): WorthTable {
  const table = someTable(1)
  const [hour] = table.hours
  const [key, like] = [...table.waters][0] ?? []
  const [water] = hour?.waters ?? []
  if (!hour || !like || !key || !water) throw new Error('no hour')
  const waters = new Map(
    chances.map((row, h) => [
      `hour ${h}`,
      { ...like, chances: new Map(row.map((v, l) => [l, Float64Array.of(v, v, v, v)])) },
    ]),
  )
  return {
    ...table,
    waters,
    hours: chances.map((_, h) => ({
      slot: { ...hour.slot, fromH: 6 + h, toH: 7 + h },
      waters: [{ key: `hour ${h}`, weight: 1, water: water.water }],
    })),
  }
}
const changes = (course: readonly Tied[]) =>
  course.slice(1).reduce((sum, tied, h) => sum + tied.filter((lure, at) => lure !== course[h]?.[at]).length, 0)

describe('what hangs on the rods', () => {
  it('one world a day: the best of every course there is', () => {
    const chances = [
      [0.5, 0.2, 0.1],
      [0.1, 0.5, 0.2],
      [0.1, 0.2, 0.5],
    ]
    const table = hoursOf(chances)
    // In one world what was in vain changes no weights: hours add up, re-ties are paid.
    const worth = (course: readonly Tied[]) =>
      course.reduce((sum, tied, h) => {
        const best = Math.max(...tied.map((lure) => chances[h]?.[lure ?? -1] ?? 0))
        const before = course[h - 1]
        const tiedAnew = before ? tied.filter((lure, at) => lure !== before[at]).length : 0
        return sum + best - tiedAnew * (RETIE.minutes / 60 + RETIE.costs) * best
      }, 0)
    const pairs = KIT.flatMap((a) => KIT.map((b) => [a, b]))
    const all = pairs.flatMap((a) => pairs.flatMap((b) => pairs.map((c) => [a, b, c])))
    const best = Math.max(...all.map(worth))
    expect(worth(tiedThrough(table, RODS, KIT))).toBeCloseTo(best, 9)
  })
  it('a little more does not pay for a re-tie, much more does', () => {
    const same = tiedThrough(
      hoursOf([
        [0.4, 0.39, 0],
        [0.39, 0.4, 0],
      ]),
      [0],
      [0, 1],
    )
    expect(reTiesOf(same)).toBe(0)
    const other = tiedThrough(
      hoursOf([
        [0.4, 0.1, 0],
        [0.1, 0.4, 0],
      ]),
      [0],
      [0, 1],
    )
    expect(other).toEqual([[0], [1]])
    expect(reTiesOf(other)).toBe(1)
  })
  it('as many re-ties are told as there are', () => {
    const course = tiedThrough(someTable(2), RODS, KIT)
    expect(reTiesOf(course)).toBe(changes(course))
  })
  it('what is held fast hangs, unless nothing can be fished so', () => {
    const table = hoursOf([
      [0.5, 0.2, 0],
      [0.5, 0.2, 0],
    ])
    expect(tiedThrough(table, [0], KIT, [{ hour: 1, at: 0, lure: 1 }])[1]).toEqual([1])
    expect(tiedThrough(table, [0], KIT, [{ hour: 1, at: 0, lure: 2 }])[1]).toEqual([0])
  })
  it('nothing carried, nothing hangs', () => {
    expect(tiedThrough(someTable(1), RODS, [])).toEqual([[null, null]])
    expect(tiedThrough(someTable(1), [], KIT)).toEqual([[]])
  })
})

it('the worth of an hour: each lure by its mean, all together by the best in each world', () => {
  const table = someTable(4)
  const [hour] = table.hours
  if (!hour) throw new Error('no hour')
  const on = (key: string, lure: number) =>
    Math.max(...RODS.map((rod) => table.waters.get(key)?.chances.get(lure)?.[rod] ?? 0))
  const weight = hour.waters.reduce((sum, w) => sum + w.weight, 0)
  const mean = (of: (key: string) => number) => hour.waters.reduce((sum, w) => sum + w.weight * of(w.key), 0) / weight
  const { each, all } = worthInHour(table, hour, RODS, KIT)
  KIT.forEach((lure) =>
    expect(each[lure]).toBeCloseTo(
      mean((key) => on(key, lure)),
      9,
    ),
  )
  expect(all).toBeCloseTo(
    mean((key) => Math.max(...KIT.map((lure) => on(key, lure)))),
    9,
  )
  const [rods] = worthOfRods(table, RODS, KIT, [[0, null]])
  expect(rods?.[1]).toBe(0)
  expect(rods?.[0]).toBeGreaterThan(0)
})
