import { describe, expect, it } from 'vitest'
import { demoWorld } from '../demo/world'
import { effortRows, ratesBy } from '../review'
import { notInTable } from '../exchange'
import { asAltered, alterationsOf } from './altered'
import { Outing, accountOf, type Entry } from '.'

/** A lure changed in the hand: what is fished and counted from then on is the changed one. */

const [demo] = demoWorld('2026-06-12').outings
if (!demo) throw new Error('no outing in the demo')
const [first, second] = demo.carried
if (!first || !second) throw new Error('the demo carries too little')
const T = (minute: number) => `2026-06-12T10:${String(minute).padStart(2, '0')}:00+02:00`
let n = 0
const entry = (minute: number, of: object): Entry => ({ id: `e${(n += 1)}`, at: T(minute), ...of }) as Entry
const rig = (minute: number, { id, ways }: typeof first) =>
  entry(minute, { kind: 'rig', carriedId: id, wayId: ways[0]?.id })
const day = (...entries: Entry[]): Outing => Outing.parse({ ...demo, effortBy: 'clock', startedAt: T(0), entries })
const strike = (minute: number) => entry(minute, { kind: 'answer', answer: 'landed', aim: null, fish: null })

describe('a lure changed in the hand', () => {
  const log = day(
    rig(0, first),
    entry(10, { kind: 'altered', carriedId: first.id, what: 'cut', lengthM: first.lengthM / 2 }),
    strike(15),
    rig(20, second),
    rig(30, first),
    strike(35),
    entry(40, { kind: 'end' }),
  )
  const { stretches } = accountOf(log, T(40))
  it('begins a stretch of its own, and stays changed when it is taken up again', () => {
    expect(stretches.map((s) => [s.carried.id, s.altered, s.minutes, s.answers.length])).toEqual([
      [first.id, [], 10, 0],
      [first.id, ['cut'], 10, 1],
      [second.id, [], 10, 0],
      [first.id, ['cut'], 10, 1],
    ])
  })
  it('is as long as it was cut, and falls faster by the root of two', () => {
    expect(stretches[1]?.carried.lengthM).toBeCloseTo(first.lengthM / 2, 9)
    expect(stretches[1]?.carried.fallMps).toBeCloseTo(first.fallMps * Math.SQRT2, 9)
    expect(stretches[0]?.carried).toEqual(first)
  })
  it('is counted apart in the review, by change and by size', () => {
    const rows = effortRows([log], T(40))
    const { rows: labels, cells } = ratesBy(rows, 'altered', null, 'landed')
    expect(
      cells.map(({ row, events, minutes }) => [labels.find(({ key }) => key === row)?.label, events, minutes]).sort(),
    ).toEqual(
      [
        ['As carried', 0, 20],
        ['Cut', 2, 20],
      ].sort(),
    )
    expect(new Set(rows.map((r) => r.carried.lengthM)).size).toBeGreaterThan(1)
  })
  it('one that lies aside is changed without a new stretch, and found so when it is taken up', () => {
    const aside = day(
      rig(0, first),
      entry(5, { kind: 'altered', carriedId: second.id, what: 'hooks' }),
      rig(10, second),
      entry(20, { kind: 'end' }),
    )
    expect(accountOf(aside, T(20)).stretches.map((s) => [s.carried.id, s.altered])).toEqual([
      [first.id, []],
      [second.id, ['hooks']],
    ])
  })
  it('what is not carried cannot be changed: the log goes on', () => {
    const odd = day(
      rig(0, first),
      entry(5, { kind: 'altered', carriedId: 'nobody', what: 'hooks' }),
      entry(9, { kind: 'end' }),
    )
    expect(accountOf(odd, T(9)).stretches).toHaveLength(1)
  })
  it('a table of the log says that it leaves the change out', () => {
    expect(notInTable([log])).toContainEqual({ kind: 'altered', count: 1 })
  })
})

describe('figures', () => {
  const lure = { lengthM: 0.12, fallMps: 0.3 }
  it('a trimmed skirt falls faster; other hooks change no figure; two cuts are the last one', () => {
    expect(asAltered(lure, [{ what: 'trimmed' }]).fallMps).toBeGreaterThan(0.3)
    expect(asAltered(lure, [{ what: 'hooks' }, { what: 'trailer' }])).toEqual(lure)
    const twice = asAltered(lure, [
      { what: 'cut', lengthM: 0.09 },
      { what: 'cut', lengthM: 0.06 },
    ])
    expect(twice.lengthM).toBe(0.06)
    expect(twice.fallMps).toBeCloseTo(asAltered(lure, [{ what: 'cut', lengthM: 0.06 }]).fallMps, 12)
  })
  it('the same things in another order are the same lure', () => {
    expect(alterationsOf([{ what: 'hooks' }, { what: 'cut' }, { what: 'hooks' }])).toEqual(['cut', 'hooks'])
  })
})

describe('lead put on or taken off in the hand', () => {
  const jig = { lengthM: 0.06, fallMps: 0.5, sinksWithN: 0.08944 }
  it('changes the fall by the root of the weight in the water (terminal speed under quadratic drag)', () => {
    // 7.5 g of lead weigh 0.0075 · 9.80665 · (1 − 1/11.34) = 0.06706 N in fresh water: a quarter of 0.08944 N is left.
    expect(asAltered(jig, [{ what: 'lighter', byKg: 0.0075 }]).fallMps).toBeCloseTo(0.25, 3)
    expect(asAltered(jig, [{ what: 'heavier', byKg: 0.03 }]).fallMps).toBeCloseTo(0.5 * Math.sqrt(4), 2)
  })
  it('and back again is as before', () => {
    const back = asAltered(jig, [
      { what: 'heavier', byKg: 0.004 },
      { what: 'lighter', byKg: 0.004 },
    ])
    expect(back.fallMps).toBeCloseTo(jig.fallMps, 9)
  })
  it('is not guessed where nothing sank before, or nobody said how much', () => {
    expect(asAltered({ ...jig, sinksWithN: -0.01, fallMps: 0 }, [{ what: 'heavier', byKg: 0.01 }]).fallMps).toBe(0)
    expect(asAltered(jig, [{ what: 'heavier' }])).toEqual(jig)
    expect(asAltered(jig, [{ what: 'lighter', byKg: 1 }]).fallMps).toBe(0)
  })
})
