import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { LABEL_CAST_M } from '../../data/casting'
import { Lure, labelCastOf, usualLabelCastM, withLabelCast } from '.'

const plugs = WORLD.box.lures.filter((lure) => labelCastOf(lure) !== null)

describe('the cast that a packet’s depth is meant for', () => {
  it('stands with every crankbait and jerkbait, and with nothing else', () => {
    expect(new Set(plugs.map((lure) => lure.family))).toEqual(new Set(['crankbait', 'jerkbait']))
    for (const lure of plugs) expect(labelCastOf(lure)).toBe(LABEL_CAST_M)
  })
  it('is filled in where an older record says nothing of it, and kept where it does', () => {
    const [plug] = plugs
    if (!plug) throw new Error('no plug')
    const { labelCastM: _, ...older } = plug.traits as { labelCastM: number }
    expect(labelCastOf(Lure.parse({ ...plug, traits: older }))).toBe(LABEL_CAST_M)
    expect(labelCastOf(Lure.parse(withLabelCast(plug, 25)))).toBe(25)
    expect(Lure.safeParse(withLabelCast(plug, 4)).success).toBe(false)
  })
  it('of a new plug is what most of the box have: a habit', () => {
    expect(usualLabelCastM([])).toBe(LABEL_CAST_M)
    const half = plugs.map((lure, i) => (i % 3 ? withLabelCast(lure, 25) : lure))
    expect(usualLabelCastM(half)).toBe(25)
    expect(usualLabelCastM(plugs.slice(0, 2).map((lure, i) => withLabelCast(lure, i ? 30 : 50)))).toBe(50)
  })
  it('changes nothing of what has no such depth', () => {
    const jig = WORLD.box.lures.find((lure) => lure.family === 'skirted-jig')
    if (!jig) throw new Error('no jig')
    expect(withLabelCast(jig, 25)).toBe(jig)
  })
})
