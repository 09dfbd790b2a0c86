import { describe, expect, it } from 'vitest'
import { OwnTechnique, USUAL_PRACTICE, bestOf, copyOf, createMatchContext, judgedBy, rulesFor } from '../match'
import { techniqueOf } from '../tackle'
import { demoWorld } from '../demo/world'
import { WORLD, PLACE, water } from '../../testing/world'
import { sayRig } from '../../words'
import { carryAny } from './carry-any'
import { Carried, Outing } from './outing'

/** What is carried is logged, whether the match would fish it or not. */

const world = demoWorld('2026-06-12')
const { box } = world
const contextOf = (over: Parameters<typeof water>[0], place = PLACE) =>
  createMatchContext(water(over), place, box, { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) })
const lake = contextOf({ depthM: 4, speciesId: 'perch' })

describe('anything of the box', () => {
  it('goes on the water as the match would fish it, where that would', () => {
    const lure = box.lures.find((l) => l.count > 0 && bestOf(l, box, lake))
    if (!lure) throw new Error('nothing of the demo can be fished')
    const taken = carryAny({ kind: 'lure', id: lure.id }, 'rig-7', box, lake, sayRig)
    expect(taken?.why).toBeNull()
    expect(taken?.carried.id).toBe('rig-7')
    expect(taken?.carried.gear?.rod).not.toBe('')
    expect(taken?.carried.ways[0]?.points).toBeGreaterThan(0)
  })
  it('every lure and rig of the demo box can be carried, and what is carried is as its schema says', () => {
    const wanted = [
      ...box.lures.map(({ id }) => ({ kind: 'lure' as const, id })),
      ...box.rigs.map(({ id }) => ({ kind: 'rig' as const, id })),
    ]
    const taken = wanted.map((one, i) => carryAny(one, `rig-${i}`, box, lake, sayRig))
    expect(taken.filter((one) => one === null)).toEqual([])
    expect(taken.filter((one) => !Carried.safeParse(one?.carried).success)).toEqual([])
    // Some the match would not fish here: they say why, and are carried all the same.
    expect(taken.filter((one) => one?.why).length).toBeGreaterThan(0)
  })
  it('what breaks the law of the place is told, not refused: the log holds what was done', () => {
    const place = { ...PLACE, singlesOnly: true }
    const trebles = box.lures.find((l) => l.hooks?.style === 'round treble')
    if (!trebles) throw new Error('no trebles in the demo')
    const taken = carryAny({ kind: 'lure', id: trebles.id }, 'rig-1', box, contextOf({ depthM: 4 }, place), sayRig)
    expect(taken?.why?.code).toBe('trebles')
    expect(taken?.carried.lureId).toBe(trebles.id)
    expect(taken?.carried.ways.length).toBeGreaterThan(0)
  })
  it('a rig with several lures keeps them all', () => {
    const rig = box.rigs.find((r) => r.further.some((f) => !f.dummy))
    if (!rig) return expect(box.rigs.length).toBeGreaterThan(0)
    const taken = carryAny({ kind: 'rig', id: rig.id }, 'rig-1', box, lake, sayRig)
    expect(taken?.carried.beside?.map((b) => b.lureId)).toEqual(
      rig.further.filter((f) => !f.dummy).map((f) => f.lureId),
    )
  })
  it('what the box no longer has is null', () => {
    expect(carryAny({ kind: 'lure', id: 'gone' }, 'x', box, lake, sayRig)).toBeNull()
    expect(carryAny({ kind: 'rig', id: 'gone' }, 'x', box, lake, sayRig)).toBeNull()
  })
  it('fished by a technique of the angler’s own, at the ends of what it may be, it fits an outing', () => {
    const id = `own-${crypto.randomUUID()}`
    const reach = { sentence: 'Always.', when: {}, weight: 12 }
    for (const over of [{ restS: [120, 120, 120] }, { restS: [0, 0, 0], pace: { mps: [6, 6, 6] } }, { pullS: 60 }]) {
      const own = OwnTechnique.parse({ ...copyOf(techniqueOf('rip-pause'), id), name: 'x'.repeat(60), reach, ...over })
      const by = judgedBy({ ...USUAL_PRACTICE, techniques: [own] })
      const context = createMatchContext(water({ depthM: 4, speciesId: 'pike' }), PLACE, box, by)
      const only = { ...context, techniquesOf: () => by.techniques }
      const lure = box.lures.find((l) => l.family === 'jerkbait')
      const taken = lure && carryAny({ kind: 'lure', id: lure.id }, 'rig-1', box, only, sayRig)
      expect(taken?.carried.ways[0]?.techniqueId).toBe(id)
      const [demo] = world.outings
      expect(Outing.safeParse({ ...demo, carried: [taken?.carried], entries: [] }).error?.issues ?? []).toEqual([])
    }
  })
  it('plainly carried things fit an outing', () => {
    const empty = { ...box, rods: [], reels: [], lines: [] }
    const context = createMatchContext(water({ depthM: 4 }), PLACE, empty, {
      sides: USUAL_PRACTICE.sides,
      rules: rulesFor(USUAL_PRACTICE),
    })
    const [lure] = WORLD.box.lures.length > 0 ? box.lures : []
    const taken = lure && carryAny({ kind: 'lure', id: lure.id }, 'rig-1', empty, context, sayRig)
    expect(taken?.why?.code).toBe('no-rod')
    const [demo] = world.outings
    expect(Outing.safeParse({ ...demo, carried: [taken?.carried], entries: [] }).success).toBe(true)
  })
})
