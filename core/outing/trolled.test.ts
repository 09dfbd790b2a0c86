import { describe, expect, it } from 'vitest'
import { at, logOf, rig } from '../../testing/outing'
import { accountOf, changesFor, followAdvice, levelsOf, type Carried, type NewEntry } from '.'
import { costsOf, effortRows, ratesBy, recordEntries } from '../review'
import { notInTable } from '../exchange'

/** Behind a boat and with several lures on a line: what the log keeps, and what is made of it. */

const SPOON = rig('spoon', { family: 'thin-spoon', cost: 6 }, [
  { id: 'troll', techniqueId: 'troll', delivery: 'troll', paceMps: 1, castM: 30, restS: 0 },
])
const fly = {
  lureId: 'fly',
  name: 'Fly',
  modelKey: 'fly',
  family: 'streamer',
  lengthM: 0.06,
  colour: 'dark' as const,
  sound: 'silent' as const,
  vibration: 0.1,
}
const BOTH: Carried = { ...SPOON, id: 'both', beside: [fly] }
const inHand = (carriedId: string): NewEntry => ({ kind: 'rig', carriedId, wayId: 'troll' })
const took = (lureId?: string): NewEntry => ({
  kind: 'answer',
  answer: 'landed',
  aim: null,
  fish: null,
  ...(lureId && { lureId }),
})
const log = (said: readonly (readonly [number, NewEntry])[], carried: readonly Carried[]) =>
  logOf([...said, [60, { kind: 'end' }]], { carried: [...carried] })

describe('a trolled stretch', () => {
  const outing = log(
    [
      [0, inHand('spoon')],
      [10, { kind: 'boat', speedMps: 1.3, side: 'left' }],
      [20, { kind: 'boat', lineOutM: 45, turn: 'inside' }],
      [21, took()],
      [30, { kind: 'boat', turn: 'straight' }],
    ],
    [SPOON],
  )
  const { stretches } = accountOf(outing, at(60))
  it('begins anew with every pace, line or turn, and has the pace and line that were told', () => {
    expect(stretches.map((s) => [s.minutes, s.way.paceMps, s.way.castM, s.boat])).toEqual([
      [10, 1, 30, {}],
      [10, 1.3, 30, { side: 'left' }],
      [10, 1.3, 45, { side: 'left', turn: 'inside' }],
      [30, 1.3, 45, { side: 'left', turn: 'straight' }],
    ])
  })
  it('tells rates by boat speed, by turn and by side', () => {
    const rows = effortRows([outing], at(60))
    const by = (id: 'boat-speed' | 'turn' | 'side') =>
      Object.fromEntries(ratesBy(rows, id, null, 'landed').cells.map((c) => [c.row, [c.minutes, c.events]]))
    expect(by('turn')).toEqual({ inside: [10, 1], straight: [30, 0] })
    expect(by('side')).toEqual({ left: [50, 1] })
    expect(Object.values(by('boat-speed'))).toEqual([
      [10, 0],
      [50, 1],
    ])
  })
  it('a cast rig knows nothing of the boat, and the next rig lets its line out anew', () => {
    const cast = rig('cast')
    const mixed = log(
      [
        [0, inHand('spoon')],
        [5, { kind: 'boat', speedMps: 1.4, lineOutM: 50 }],
        [10, { kind: 'rig', carriedId: 'cast', wayId: 'wind' }],
        [20, inHand('spoon')],
      ],
      [SPOON, cast],
    )
    expect(accountOf(mixed, at(60)).stretches.map((s) => [s.way.paceMps, s.way.castM])).toEqual([
      [1, 30],
      [1.4, 50],
      [0.6, 28],
      [1.4, 30],
    ])
  })
  it('is lost to a table, and that is said', () => {
    expect(notInTable([outing])).toContainEqual({ kind: 'boat', count: 3 })
  })
})

describe('the adviser behind a boat', () => {
  const outing = log([[0, inHand('spoon')]], [SPOON])
  const account = { ...accountOf({ ...outing, entries: outing.entries.slice(0, 1) }, at(40)) }
  const { weighed } = changesFor({ account, carried: [SPOON], spots: [], schooling: false, now: at(40) })
  const paces = weighed.filter((w) => w.variable === 'speed')
  it('offers one and two steps of a fifth of a mile an hour either way', () => {
    expect(paces.map((p) => Math.round(p.to.way.paceMps * 100) / 100).sort()).toEqual([0.82, 0.91, 1.09, 1.18])
    const steps = new Set(paces.map((p) => levelsOf(p.to, account.water).speed))
    expect(steps.size).toBe(4)
  })
  it('followed, it writes down the pace and leaves the rig in the hand', () => {
    const [pace] = paces
    if (!pace) throw new Error('no pace')
    const change = {
      kind: 'change',
      variable: 'speed',
      to: pace.to,
      giveMin: 10,
      does: { code: 'keep-on' },
    } as Parameters<typeof followAdvice>[0]
    expect(followAdvice(change, 'Troll faster.', null)[1]).toEqual({
      kind: 'boat',
      speedMps: pace.to.way.paceMps,
    })
  })
})

describe('several lures on a line', () => {
  const outing = log(
    [
      [0, inHand('both')],
      [10, took()],
      [20, took('fly')],
      [30, took('fly')],
    ],
    [BOTH],
  )
  const rows = effortRows([outing], at(60))
  it('each has all of the time and its own fish; what is not asked of lures is counted once', () => {
    const cells = (id: 'lure' | 'hour') =>
      ratesBy(rows, id, null, 'landed').cells.map((c) => [c.row, c.minutes, c.events])
    expect(cells('lure')).toEqual([
      ['spoon', 60, 1],
      ['fly', 60, 2],
    ])
    expect(cells('hour').reduce((sum, [, min]) => sum + Number(min), 0)).toBe(60)
  })
  it('the match and the costs hear of each by itself', () => {
    expect(costsOf(rows, [outing], []).map((c) => [c.lureId, c.landed, c.minutes])).toEqual(
      expect.arrayContaining([
        ['spoon', 1, 60],
        ['fly', 2, 60],
      ]),
    )
    expect(recordEntries(rows)).toHaveLength(2)
  })
  it('a log of before, with one lure on every line, is counted as ever', () => {
    const old = effortRows(
      [
        log(
          [
            [0, inHand('spoon')],
            [10, took()],
          ],
          [SPOON],
        ),
      ],
      at(60),
    )
    expect(old[0]?.byLure).toBeUndefined()
    expect(ratesBy(old, 'lure', null, 'landed').cells.map((c) => [c.row, c.minutes, c.events])).toEqual([
      ['spoon', 60, 1],
    ])
  })
})
