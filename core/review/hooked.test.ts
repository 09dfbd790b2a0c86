import { describe, expect, it } from 'vitest'
import { demoWorld } from '../demo/world'
import { at, logOf, rig } from '../../testing/outing'
import type { Fish, NewEntry } from '../outing'
import { companionsBy, hookedFish, landedBy, partsLost, sizesBy, whyLost } from './hooked'

const gear = (rod: string, hook?: string) => ({ rod, line: 'Braid 0.13', ...(hook && { hook }) })
const STIFF = rig('stiff', { gear: gear('Stiff', 'small trebles') })
const SOFT = rig('soft', { gear: gear('Soft', 'single'), beside: [{ ...rigLooks('fly') }] })
function rigLooks(id: string) {
  const {
    lureId: _,
    ways: __,
    rig: ___,
    linePerTurnM: ____,
    fallMps: _____,
    cost: ______,
    id: _______,
    ...looks
  } = rig(id)
  return { ...looks, lureId: id }
}
const take = (carriedId: string): NewEntry => ({ kind: 'rig', carriedId, wayId: 'wind' })
const fishOf = (lengthM: number | null): Fish => ({
  speciesId: 'perch',
  lengthM,
  massKg: null,
  hooked: null,
  ate: null,
  released: true,
})
const landed = (lengthM: number | null = null, lureId?: string): NewEntry => ({
  kind: 'answer',
  answer: 'landed',
  aim: null,
  fish: fishOf(lengthM),
  ...(lureId && { lureId }),
})
const lost = (lostHow?: 'jumped' | 'hook-opened'): NewEntry => ({
  kind: 'answer',
  answer: 'lost',
  aim: null,
  fish: null,
  ...(lostHow && { lostHow }),
})
const log = logOf(
  [
    [0, take('stiff')],
    [1, lost('jumped')],
    [5, lost('jumped')],
    [9, lost('hook-opened')],
    [13, landed(0.2)],
    [20, take('soft')],
    [21, landed(0.45)],
    [25, landed(0.45)],
    [29, landed(0.2, 'fly')],
    [33, lost()],
    [36, { kind: 'lost-part', part: 'sinker' }],
    [37, { kind: 'lost-part', part: 'sinker' }],
    [38, { kind: 'lost-part', part: 'leader' }],
    [40, { kind: 'end' }],
  ],
  { carried: [STIFF, SOFT] },
)
const fish = hookedFish([log], at(40))

describe('fish that were on', () => {
  it('are landed or lost by rod, hook, line and lure', () => {
    const rows = (by: Parameters<typeof landedBy>[1]) => landedBy(fish, by).map((r) => [r.name, r.landed, r.of])
    expect(rows('rod')).toEqual([
      ['Soft', 3, 4],
      ['Stiff', 1, 4],
    ])
    expect(rows('hook')).toEqual([
      ['single', 3, 4],
      ['small trebles', 1, 4],
    ])
    expect(rows('line')).toEqual([['Braid 0.13', 4, 8]])
    expect(rows('lure')).toEqual([
      ['Lure stiff', 1, 4],
      ['Lure soft', 2, 3],
      ['Lure fly', 1, 1],
    ])
  })
  it('tell less where there are few: one of one is not sure, and lies nearer to all of them', () => {
    const [, , fly] = landedBy(fish, 'lure')
    expect(fly?.share.median).toBeLessThan(0.75)
    expect(fly?.share.high).toBeGreaterThan(0.8)
    expect(fly?.share.low).toBeLessThan(0.35)
  })
  it('of which nobody knows the gear are left out of its rows', () => {
    const old = logOf([
      [0, take('a')],
      [1, landed()],
    ])
    expect(landedBy(hookedFish([old], at(9)), 'rod')).toEqual([])
    expect(landedBy(hookedFish([old], at(9)), 'lure')).toHaveLength(1)
  })
  it('came off for reasons, the commonest first', () => {
    expect(whyLost(fish)).toEqual([
      { how: 'jumped', fish: 2 },
      { how: 'hook-opened', fish: 1 },
      { how: null, fish: 1 },
    ])
  })
  it('have a length by lure: the geometric mean, and Student’s interval of it', () => {
    const [soft, ...others] = sizesBy(fish, 'lure')
    expect(soft).toMatchObject({ name: 'Lure soft', fish: 2, longestM: 0.45 })
    expect(soft?.meanM).toBeCloseTo(0.45, 9)
    expect(others.map((r) => r.name)).toEqual(['Lure stiff', 'Lure fly'])
    // One fish each but for two of one length: their common spread is none.
    expect(others[0]?.likely?.low).toBeCloseTo(0.2, 9)
    expect(sizesBy([{ ...hookedOne, lengthM: 0.3 }], 'lure')[0]?.likely).toBeNull()
    const two = sizesBy(
      [0.2, 0.45].map((lengthM) => ({ ...hookedOne, lengthM })),
      'lure',
    )[0]
    expect(two?.meanM).toBeCloseTo(0.3, 9)
    // t(0.95, 1) = 6.3138 (tables); the standard error of the logarithms is ½ · ln(0.45 / 0.2) = 0.40547.
    expect(Math.log((two?.likely?.high ?? 0) / 0.3)).toBeCloseTo(6.3138 * 0.40547, 3)
  })
  const hookedOne = { landed: true, lostHow: undefined, lure: 'x', spot: null, gear: undefined }
})

describe('what is lost and seen beside', () => {
  it('parts on the bottom are counted', () => {
    expect(partsLost([log])).toEqual([
      { part: 'sinker', lost: 2 },
      { part: 'leader', lost: 1 },
    ])
  })
  it('fish of others are told by lure', () => {
    const theirs = (name: string | null, lengthM: number | null): NewEntry => ({
      kind: 'companion',
      who: null,
      speciesId: 'perch',
      lengthM,
      ...(name && { lure: { name, family: 'spoon', lengthM: 0.05, colour: 'gold', lureId: null } }),
    })
    const seen = logOf([
      [1, theirs('Gold spoon', 0.3)],
      [2, theirs('Gold spoon', null)],
      [3, theirs(null, null)],
    ])
    expect(companionsBy([seen, log])).toEqual([
      { lure: 'Gold spoon', fish: 2, longestM: 0.3 },
      { lure: null, fish: 1, longestM: null },
    ])
  })
  it('the demo tells of all of it', () => {
    const { outings } = demoWorld('2026-06-12')
    const all = hookedFish(outings, '2026-06-12T12:00:00+02:00')
    expect(landedBy(all, 'rod').length).toBeGreaterThan(1)
    expect(whyLost(all).some(({ how }) => how !== null)).toBe(true)
    expect(companionsBy(outings).length).toBeGreaterThan(0)
    expect(partsLost(outings).length).toBeGreaterThan(0)
  })
})
