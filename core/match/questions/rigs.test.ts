import { describe, expect, it } from 'vitest'
import { WORLD, water } from '../../../testing/world'
import type { Rig } from '../../tackle'
import type { Box } from '../../box'
import { matchWater, scoreSetUp, createMatchContext } from '..'

const { box } = WORLD
const place = WORLD.places[0]!
const perch = { speciesId: 'perch', placeId: place.id } as const
const answer = (of: Box, over = {}) =>
  matchWater(water({ ...perch, ...over }), place, of, { sides: {}, limit: 5, lifts: 0 })
const row = (rig: Rig, over = {}, of: Partial<Box> = {}) => answer({ ...box, ...of, rigs: [rig] }, over).rigs[0]
const named = (name: string) => box.rigs.find((r) => r.name === name) as Rig
const sill = named('Sill, slow')
const spinner = box.lures.find((l) => l.family === 'in-line-spinner')!

describe('saved rigs in the match', () => {
  it('each is fished with just the parts it is tied of', () => {
    for (const { rig, row: ranked } of answer(box).rigs) {
      if (!ranked) continue
      const saved = box.rigs.find((r) => r.id === rig.id) as Rig
      const { build, outfit, leader } = ranked.setUp
      expect([build.lure.id, outfit.line.id, outfit.rod.id, leader?.id ?? null]).toEqual([
        saved.lureId,
        saved.lineId,
        saved.rodId,
        saved.leaderId,
      ])
      if (saved.headId) expect(build.mount).toMatchObject({ kind: 'head', head: { id: saved.headId } })
      if (saved.trailerId) expect(build.trailer?.id).toBe(saved.trailerId)
    }
  })
  it('its chances multiply, and are those of the set-up itself', () => {
    const c = water(perch)
    for (const { row: ranked } of answer(box).rigs) {
      if (!ranked) continue
      expect(ranked.parts.reduce((product, p) => product * p.chance, 1)).toBeCloseTo(ranked.chance, 10)
      const context = createMatchContext(c, place, box, { sides: {} })
      expect(scoreSetUp(ranked.setUp, context).score).toBeCloseTo(ranked.score, 6)
    }
  })
  it('stand best first, what cannot be fished last', () => {
    const scores = answer(box).rigs.map((r) => r.row?.score ?? -1)
    expect(scores).toEqual([...scores].sort((a, b) => b - a))
  })
  it('the lure of a rig never earns more in it than in its best set-up', () => {
    const all = matchWater(water(perch), place, box, { sides: {}, limit: 50, lifts: 0 })
    for (const { row: ranked } of all.rigs) {
      const best = all.rows.find((r) => r.setUp.build.lure.id === ranked?.setUp.build.lure.id)
      // The search for the best may be out by as much as an estimate is.
      if (ranked && best) expect(ranked.score).toBeLessThanOrEqual(best.score + 4)
    }
  })
  it.each([
    ['a lure is gone', { lureId: 'gone' }, {}, ['part-missing']],
    [
      'it is trolled, from the bank',
      { type: 'trolled-keel', lureId: spinner.id },
      { stand: 'shore' },
      ['not-from-here'],
    ],
    [
      'a three-way in still water',
      { type: 'three-way', lureId: spinner.id, sinkerId: 'dropper-20' },
      {},
      ['still-water'],
    ],
    ['the rod cannot throw it', { rodId: 'rod-barge' }, {}, ['rod-cannot-cast', 'reel-off-rod', 'line-off-rod']],
    ['teeth', {}, { speciesId: 'pike' }, ['not-bite-proof', 'too-weak']],
    ['no reel under the line', { lineId: 'none' }, {}, ['part-missing']],
  ] as const)('says why not: %s', (_, over, waterOver, codes) => {
    const found = row({ ...sill, ...over } as Rig, waterOver)
    expect(found?.row).toBeNull()
    expect(codes).toContain(found?.why?.code)
  })
  it('an unwound reel and a used-up lure are told', () => {
    expect(row(sill, {}, { reels: [] })?.why).toEqual({ code: 'reel-off-rod' })
    const lures = box.lures.map((l) => (l.id === sill.lureId ? { ...l, count: 0 } : l))
    expect(row(sill, {}, { lures })?.why).toEqual({ code: 'used-up' })
  })
})
