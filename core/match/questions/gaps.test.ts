import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import type { Lure } from '../../tackle'
import { EMPTY_BOX } from '../../box'
import { bandsOf, gapTable } from '..'
import { sayGap } from '../../../words'

const { box, waters, places } = WORLD
const own = waters.flatMap((c) => {
  const place = places.find((p) => p.id === c.placeId)
  return place ? [{ c, place }] : []
})
const family = (id: Lure['family']) => box.lures.find((l) => l.family === id) as Lure

describe('gaps of the box', () => {
  it('what an empty box lacks adds up to all that is asked', () => {
    const table = gapTable(EMPTY_BOX, own)
    expect(table.days).toBe(own.length * 24)
    expect(table.cells.reduce((sum, c) => sum + c.asked, 0)).toBeCloseTo(1, 6)
    expect(table.gaps.length).toBeGreaterThan(2)
    const wanted = table.gaps.map((g) => g.asked)
    expect(wanted).toEqual([...wanted].sort((a, b) => b - a))
  })
  it('a full box lacks less than an empty one, and a filled cell is no gap', () => {
    const full = gapTable(box, own)
    expect(full.gaps.length).toBeLessThan(gapTable(EMPTY_BOX, own).gaps.length)
    for (const gap of full.gaps) expect(gap.lureIds).toEqual([])
  })
  it('a lure of the kind fills its cell and no other', () => {
    const empty = gapTable(EMPTY_BOX, own)
    const one = box.lures.find((l) => l.name === 'Bumblecrag D Hush') as Lure
    const table = gapTable({ ...EMPTY_BOX, lures: [one] }, own)
    const filled = table.cells.filter((c) => c.lureIds.includes(one.id))
    expect(filled.map((c) => [c.depth, c.sound])).toEqual([['deep', 'silent']])
    expect(table.gaps.length).toBe(
      empty.gaps.length -
        empty.gaps.filter(
          (g) =>
            g.depth === filled[0]?.depth &&
            g.action === filled[0].action &&
            g.sound === filled[0].sound &&
            g.colour === filled[0].colour,
        ).length,
    )
    expect(gapTable({ ...EMPTY_BOX, lures: [{ ...one, count: 0 }] }, own).gaps).toEqual(empty.gaps)
  })
  it('mud asks for other lures than clear water', () => {
    const at = (visibilityM: number) =>
      gapTable(EMPTY_BOX, [{ c: water({ visibilityM }), place: PLACE }]).gaps.map(sayGap)
    expect(at(0.3)).not.toEqual(at(6))
    expect(at(0.3).some((s) => s.includes('rattling'))).toBe(true)
  })
  it('no waters, no gaps', () => expect(gapTable(box, []).gaps).toEqual([]))
  it('is said in one sentence', () => {
    for (const gap of gapTable(EMPTY_BOX, own).gaps)
      expect(sayGap(gap)).toMatch(/^No [^{}]+: \d+ of 100 days on your waters ask for one\.$/)
  })
  it('surface plugs stay on top, plugs where their label says, light lures do not reach the deep', () => {
    expect(bandsOf(family('surface'), box, { tempC: 15, salinity: 0 })).toEqual(['surface'])
    const plug = family('crankbait')
    const at = (depthM: number) =>
      bandsOf({ ...plug, traits: { ...plug.traits, depthM } } as Lure, box, { tempC: 15, salinity: 0 })
    expect([at(1), at(2), at(4)]).toEqual([['shallow'], ['middle'], ['deep']])
    expect(bandsOf(family('blade-bait'), box, { tempC: 15, salinity: 0 })).toContain('deep')
    expect(bandsOf(family('streamer'), box, { tempC: 15, salinity: 0 })).not.toContain('deep')
  })
})
