import { describe, expect, it } from 'vitest'
import { COLOURS, techniqueOf, workAt, type Lure } from '../../tackle'
import { PLACE, WORLD, water } from '../../../testing/world'
import { bestOf, bestSingleChange, createMatchContext, rank } from '..'
import { SNAG_LIMIT } from '../tuned/cast-evaluation'
import { scoreSetUp } from '../tuned/score-breakdown'

const zone = { topM: 1.4, bottomM: 3.4 }
const OPEN = water({ depthM: 6, zone })
const TIMBER = water({ depthM: 6, zone, cover: { kind: 'timber', topM: 1.6, density: 0.4 } })
const contextOf = (c: typeof OPEN) => createMatchContext(c, PLACE, WORLD.box, { sides: {} })
const [open, timber] = [contextOf(OPEN), contextOf(TIMBER)]
/** What is right in open water, cast into timber: set-ups that hang up there. */
const snagged = rank(WORLD.box, open, 60)
  .map((r) => scoreSetUp(r.setUp, timber))
  .filter((r) => r.thrown.risk > SNAG_LIMIT)

const painted = (lure: Lure): Lure[] =>
  COLOURS.map((c) => {
    const id = c.id as Lure['colour']['flank']
    return { ...lure, colour: { back: id, flank: id, belly: id, pattern: 'plain' } }
  })

describe('the best single change of a set-up that hangs up', () => {
  it('there are such set-ups, and paint alone would lift some of them', () => {
    expect(snagged.length).toBeGreaterThan(5)
    const lifted = snagged.filter((r) =>
      painted(r.setUp.build.lure).some(
        (lure) => scoreSetUp({ ...r.setUp, build: { ...r.setUp.build, lure } }, timber).score > r.score + 0.5,
      ),
    )
    expect(lifted.length).toBeGreaterThan(0)
  })
  it('is never one that leaves it in the timber: no paint, no rattle', () => {
    const kinds = snagged.flatMap((r) => bestSingleChange(r, timber)?.change.kind ?? [])
    expect(kinds.length).toBeGreaterThan(0)
    expect(kinds.filter((kind) => kind === 'colour' || kind === 'sound')).toEqual([])
  })
  it('a shallower dive brings it out of the timber', () => {
    const plugs = WORLD.box.lures.filter((l) => l.family === 'crankbait' || l.family === 'jerkbait')
    const hung = plugs
      .flatMap((l) => bestOf(l, WORLD.box, open) ?? [])
      // Wound straight through: the best ways in open water touch and rise.
      .map(({ setUp }) => ({
        ...setUp,
        handling: {
          ...setUp.handling,
          ...workAt(techniqueOf('wind'), { tempo: 0.45, patience: 0.5 }, [0.4, 1.6]),
          rodTipM: 0.2,
        },
      }))
      .map((setUp) => scoreSetUp(setUp, timber))
      .filter((r) => r.thrown.risk > SNAG_LIMIT / 2)
    const dives = hung.flatMap((r) => {
      const change = bestSingleChange(r, timber)?.change
      const { lure } = r.setUp.build
      if (change?.kind !== 'running-depth' || !('depthM' in lure.traits)) return []
      const shallower = { ...lure, id: `${lure.id}~`, traits: { ...lure.traits, depthM: change.toM } } as Lure
      const { thrown } = scoreSetUp({ ...r.setUp, build: { ...r.setUp.build, lure: shallower } }, timber)
      return [{ before: r.thrown.risk, after: thrown.risk }]
    })
    expect(dives.length).toBeGreaterThan(0)
    for (const { before, after } of dives) expect(after).toBeLessThan(0.75 * before)
  })
})
