import { describe, expect, it } from 'vitest'
import { packed, readShare, unpacked, writeShare } from '../exchange'
import { effortRows, seasonSummary, companionsBy, findPatterns } from '../review'
import { dayAt } from '../../testing/day-at'
import { at, logOf, RIG_A, RIG_B } from '../../testing/outing'
import { WORLD } from '../../testing/world'
import type { NewEntry, Outing, Party } from './outing'
import {
  asFriends,
  dayIdOf,
  friendsCopy,
  invitationOf,
  isInvitation,
  joined,
  partyOutingId,
  shareAt,
  withoutTwice,
} from './party'
import { splitKit } from './split'

const A = { carriedId: 'a', wayId: 'wind' }
const B = { carriedId: 'b', wayId: 'wind' }
const PARTY: Party = {
  id: 'p1',
  names: ['Anouk', 'Bren'],
  who: 0,
  startedAt: at(0),
  turnMin: 20,
  turns: [
    [A, B],
    [B, A],
  ],
}
type InParty = Outing & { party: Party }
const partyLog = (who: number, said: readonly (readonly [number, NewEntry])[], over: Partial<Party> = {}): InParty => {
  const party = { ...PARTY, who, ...over }
  return { ...logOf(said, { id: partyOutingId(party), party }), party }
}
const fish = (speciesId = 'perch') => ({
  speciesId,
  lengthM: null,
  massKg: null,
  hooked: null,
  ate: null,
  released: true,
})
const landed = (min: number): readonly [number, NewEntry] => [
  min,
  { kind: 'answer', answer: 'landed', aim: null, fish: fish() },
]
const noted = (min: number, who: string | null): readonly [number, NewEntry] => [
  min,
  { kind: 'companion', who, speciesId: 'perch', lengthM: null },
]
const takes = (min: number, carriedId: string): readonly [number, NewEntry] => [
  min,
  { kind: 'rig', carriedId, wayId: 'wind' },
]
const end = (min: number): readonly [number, NewEntry] => [min, { kind: 'end' }]

describe('turns', () => {
  it('go by the clock that all share, and begin anew after the last', () => {
    expect(shareAt(PARTY, at(0))).toMatchObject({ nth: 0, shares: [A, B], leftMin: 20 })
    expect(shareAt(PARTY, at(19.5))).toMatchObject({ nth: 0, leftMin: 0.5 })
    expect(shareAt(PARTY, at(20))).toMatchObject({ nth: 1, shares: [B, A], leftMin: 20 })
    expect(shareAt(PARTY, at(47))).toMatchObject({ nth: 2, shares: [A, B], leftMin: 13 })
  })
  it('before the first it is the first: a phone whose clock is late', () => {
    expect(shareAt(PARTY, at(-3))).toMatchObject({ nth: 0, leftMin: 20 })
  })
})

describe('asking along', () => {
  const host = partyLog(0, [takes(0, 'a'), landed(3)])
  it('brings the kit and the turns, nothing of what happened, and no prices', () => {
    const asked = invitationOf({ ...host, note: 'mine', track: [{ at: at(1), latDeg: 1, lonDeg: 2, accuracyM: 3 }] })
    expect(isInvitation(asked)).toBe(true)
    expect(isInvitation(host)).toBe(false)
    expect(asked).toMatchObject({ entries: [], note: '', party: PARTY })
    expect(asked.track).toBeUndefined()
    expect(asked.carried.map((c) => [c.id, c.cost])).toEqual([
      ['a', null],
      ['b', null],
    ])
  })
  it('a friend who comes later begins with the turn of that moment', () => {
    const asked = { ...invitationOf(host), party: PARTY }
    const log = joined(asked, 1, at(25), 'x')
    expect(log.id).toBe('p1-2')
    expect(log.entries).toEqual([{ id: 'x', at: at(25), kind: 'rig', ...A }])
    expect(log.party).toMatchObject({ who: 1 })
  })
  it('fits into a code that a phone reads, with eight rigs for four friends over a whole day', async () => {
    const { carried, outing } = dayAt('vessamere-north')
    const turns = splitKit({ carried }, outing.water, 4, 20)
    if (!turns) throw new Error('no split')
    const party: Party = { ...PARTY, id: crypto.randomUUID(), names: ['Anouk', 'Bren', 'Corvin', 'Delph'], turns }
    const text = writeShare('party', 'day', { ...WORLD, outings: [{ ...outing, party }] })
    const code = await packed(text ?? '')
    // A code of version 40 with low correction holds 2,953 bytes (ISO/IEC 18004, from memory); some go for the address, and a large one is hard to read off a phone.
    expect(code.length).toBeLessThan(2700)
    const read = readShare((await unpacked(code)) ?? '')
    expect(read.ok && read.archive.outings[0]?.party).toEqual(party)
    expect(read.ok && read.archive.places.length).toBe(1)
  })
})

describe('a code made by hand', () => {
  const text = (party: object, carried = [RIG_A, RIG_B]) =>
    JSON.stringify({
      format: 'ygrion-share',
      version: 14,
      box: {},
      outings: [{ ...partyLog(0, []), party: { ...PARTY, ...party }, carried }],
    })
  it.each([
    ['a log of nobody', { who: 3 }],
    ['a friend without a share', { names: ['Anouk', 'Bren', 'Corvin'] }],
    ['a turn without end', { turnMin: 1e9 }],
    ['one friend', { names: ['Anouk'], turns: [[A]] }],
  ])('%s is refused with its place', (_, party) => {
    const read = readShare(text(party))
    expect(read.ok).toBe(false)
    expect(!read.ok && read.problems[0]?.place).toMatch(/outings/)
  })
  it('a share of what is not carried begins with what is', () => {
    const asked = { ...partyLog(0, []), carried: [RIG_B] }
    expect(joined(asked, 1, at(21), 'x').entries[0]).toMatchObject({ carriedId: 'b', wayId: 'wind' })
  })
})

describe('a friend’s log', () => {
  const his = partyLog(1, [takes(0, 'b'), landed(8), landed(9), takes(20, 'a')], {})
  it('is over when it comes, and under the same id on every phone', () => {
    const log = asFriends({ ...his, id: 'elsewhere' })
    expect(log.id).toBe('p1-2')
    expect(log.party?.isFriends).toBe(true)
    expect(log.entries.at(-1)).toMatchObject({ kind: 'end', at: at(20) })
    expect(asFriends({ ...log, party: PARTY }).entries.filter((e) => e.kind === 'end')).toHaveLength(1)
  })
  it('a day of ninety entries fits into a code', async () => {
    const said = Array.from({ length: 90 }, (_, i): readonly [number, NewEntry] =>
      i % 6 === 0
        ? takes(i * 5, i % 12 ? 'a' : 'b')
        : [
            i * 5,
            {
              kind: 'answer',
              answer: i % 5 ? 'follow' : 'landed',
              aim: null,
              fish: i % 5 ? null : { ...fish(), lengthM: 0.2 + i / 500 },
            },
          ],
    )
    const log = partyLog(1, said)
    const ids = { ...log, entries: log.entries.map((e) => ({ ...e, id: crypto.randomUUID() })) }
    const code = await packed(writeShare('party-log', ids.id, { ...WORLD, outings: [ids] }) ?? '')
    expect(code.length).toBeLessThan(2880)
    const read = readShare((await unpacked(code)) ?? '')
    const back = read.ok ? read.archive.outings[0] : undefined
    expect(back?.entries.map(({ id: _, ...e }) => e)).toEqual(log.entries.map(({ id: _, ...e }) => e))
  })
  it('what was left at home for the code is there again where it is taken in', () => {
    const mine = {
      ...RIG_B,
      rig: 'tied so',
      modelKey: 'a long key',
      fallMps: 0.123456,
      gear: { rod: 'mine', line: 'mine' },
    }
    const copy = friendsCopy({ ...his, carried: [RIG_A, mine] })
    expect(copy.carried[1]).toMatchObject({ rig: '', modelKey: 'model 2', fallMps: 0.123 })
    const taken = asFriends({ ...copy, party: his.party }, { carried: [RIG_A, mine] }).carried[1]
    expect(taken).toMatchObject({ rig: 'tied so', modelKey: 'a long key', fallMps: 0.123456 })
    // He had a rod of his own.
    expect(taken?.gear).toBeUndefined()
  })
  it('leaves out lures that he never fished, and ways', () => {
    const copy = friendsCopy({ ...his, carried: [...his.carried, { ...RIG_A, id: 'c' }] })
    expect(copy.carried.map((c) => c.id)).toEqual(['a', 'b'])
  })
})

describe('nothing is counted twice', () => {
  const mine = partyLog(0, [
    takes(0, 'a'),
    landed(5),
    noted(8, 'bren '),
    noted(30, null),
    noted(100, null),
    noted(50, 'Corvin'),
    end(120),
  ])
  const his = asFriends(partyLog(1, [takes(0, 'b'), landed(7), landed(27), end(120)]))
  it('a fish noted for a friend whose log is there is his; an unnamed one only where he landed one about then', () => {
    const left = withoutTwice([mine, his])[0]?.entries.flatMap((e) => (e.kind === 'companion' ? [e.at] : []))
    expect(left).toEqual([at(100), at(50)])
    expect(companionsBy(withoutTwice([mine, his]))).toMatchObject([{ fish: 2 }])
  })
  it('one fish of his stands for one unnamed note', () => {
    const two = partyLog(0, [takes(0, 'a'), noted(26, null), noted(27, null), end(120)])
    const left = withoutTwice([two, his])[0]?.entries.filter((e) => e.kind === 'companion')
    expect(left).toHaveLength(1)
  })
  it('a log by itself, or of another party, keeps all of its notes', () => {
    expect(withoutTwice([mine])).toEqual([mine])
    const other = { ...his, party: { ...PARTY, who: 1, id: 'p2' } }
    expect(withoutTwice([mine, other])[0]).toBe(mine)
  })
  it('both logs are of one day; the season is one’s own', () => {
    expect(dayIdOf(mine)).toBe(dayIdOf(his))
    const rows = effortRows([mine, his], at(120))
    expect(new Set(rows.map((r) => r.dayId)).size).toBe(1)
    expect(rows.map((r) => r.who)).toEqual(['Anouk', 'Bren'])
    const season = seasonSummary(rows, [mine, his])
    expect(season).toMatchObject({ outings: 1, landed: 1, hours: 2 })
  })
  it('two logs of a day are one day to a pattern: what was alike for both is not proved by both', () => {
    const days = Array.from({ length: 8 }, (_, day) => {
      const water = { ...logOf([]).water, windMps: day < 4 ? 9 : 1 }
      const log = (who: number): InParty => ({
        ...partyLog(who, [takes(0, 'a'), ...(day < 4 ? [landed(10), landed(30), landed(50)] : []), end(120)], {
          id: `d${day}`,
        }),
        water,
      })
      return [log(0), asFriends(log(1))]
    }).flat()
    const p = (outings: readonly Outing[]) =>
      findPatterns(effortRows(outings, at(120)), 'bites').patterns.find((one) => one.factor === 'wind')?.pValue
    const together = p(days)
    const alone = p(days.map((o, i) => ({ ...o, id: `x${i}`, party: undefined })))
    // Eight days, four and four: of 70 ways to deal them out two are as strong as this. Sixteen days would make it two of 12,870.
    expect(together).toBeGreaterThan(0.015)
    expect(together).toBeLessThan(0.06)
    expect(alone).toBeLessThan(0.01)
  })
  it('the two lures are told apart by who else fished then', () => {
    expect(effortRows([mine, his], at(120)).map((r) => r.carried.id)).toEqual([RIG_A.id, RIG_B.id])
  })
})
