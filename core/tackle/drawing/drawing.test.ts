import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import type { Lure } from '..'
import { COLOURS, FAMILIES, drawLure, familyOf } from '..'
import { colourOf } from '../colour'
import { BLADE_SHAPES, blade, lip, skirt, treble } from './fittings'
import { ellipse, n } from './shape'

const NUMBER = /-?\d+(?:\.\d+)?/g
const numbers = (d: string) => (d.match(NUMBER) ?? []).map(Number)
/** Ends of the first absolute points of a path: rough, but the same for the same way of drawing. */
const reach = (d: string) => Math.max(...numbers(d).map(Math.abs))
const picture = (lure: Lure) => JSON.stringify(drawLure(lure))
const lures = FAMILIES.map(({ id }) => {
  const lure = WORLD.box.lures.find((l) => l.family === id)
  if (!lure) throw new Error(`no ${id} in the demo box`)
  return lure
})
/** Choices that change how a lure is drawn; what cannot be seen from outside is left out. */
const UNSEEN = new Set(['buoyancy', 'depthM'])

describe('every family', () => {
  it.each(lures.map((l) => [l.family, l] as const))('%s: each colour of back and flank is seen', (_, lure) => {
    const pictures = new Set(
      COLOURS.map((c) => picture({ ...lure, colour: { ...lure.colour, back: c.id, flank: c.id } } as Lure)),
    )
    expect(pictures.size).toBe(COLOURS.length)
  })
  it.each(lures.map((l) => [l.family, l] as const))('%s: the same lure is always the same picture', (_, lure) => {
    expect(picture(lure)).toBe(picture(structuredClone(lure)))
    expect(picture({ ...lure, name: 'Another', count: 9 })).toBe(picture(lure))
  })
  it.each(lures.map((l) => [l.family, l] as const))('%s: every choice that shows makes another picture', (_, lure) => {
    for (const [key, schema] of Object.entries(familyOf(lure.family).traits.shape)) {
      if (UNSEEN.has(key) || !('options' in schema)) continue
      const options = schema.options as string[]
      const pictures = new Set(options.map((o) => picture({ ...lure, traits: { ...lure.traits, [key]: o } } as Lure)))
      expect([key, pictures.size]).toEqual([key, options.length])
    }
  })
  it('no figure in any drawing is missing, at any length (property)', () => {
    fc.assert(
      fc.property(fc.constantFrom(...lures), fc.double({ min: 0.01, max: 0.5, noNaN: true }), (lure, lengthM) => {
        for (const { d, width, opacity } of drawLure({ ...lure, lengthM })) {
          expect(d).not.toMatch(/NaN|Infinity|undefined/)
          // A tail, a skirt or a blade may stand out of the body, but not by much more than its length.
          expect(reach(d)).toBeLessThan(lengthM * 1000 * 1.8 + 5)
          if (width !== undefined) expect(width).toBeGreaterThan(0)
          if (opacity !== undefined) expect(opacity).toBeLessThanOrEqual(1)
        }
      }),
    )
  })
  it('a plug shows its own three colours', () => {
    const plug = lures.find((l) => l.family === 'crankbait')
    if (!plug) throw new Error('no plug')
    const fills = new Set(drawLure(plug).map((s) => s.fill))
    for (const part of ['back', 'flank', 'belly'] as const) expect(fills).toContain(colourOf(plug.colour[part]).hex)
  })
})

describe('fittings', () => {
  it('blades widen from willow to Colorado', () => {
    const widths = BLADE_SHAPES.map((shape) => {
      const ys = numbers(blade(0, 0, 100, shape, '#ccc', 0)[0]?.d ?? '').filter((_, i) => i % 2 === 1)
      return Math.max(...ys) - Math.min(...ys)
    })
    expect(widths).toEqual([...widths].sort((a, b) => a - b))
    expect(new Set(widths).size).toBe(BLADE_SHAPES.length)
  })
  it('a longer lip reaches farther, a flatter one farther forward', () => {
    expect(reach(lip(0, 0, 20, 30, false).d)).toBeGreaterThan(reach(lip(0, 0, 10, 30, false).d))
    const forward = (steep: number) => -Math.min(...numbers(lip(0, 0, 20, steep, true).d))
    expect(forward(15)).toBeGreaterThan(forward(60))
  })
  it('a treble has a shank and three bends', () => expect(treble(0, 0, 8)).toHaveLength(4))
  it('a skirt takes its colours in turn, each with a dark edge', () => {
    const strands = skirt(0, 0, 40, 10, ['#111111', '#eeeeee'])
    expect(strands.filter((s) => s.stroke === '#111111').length).toBe(7)
    expect(strands.filter((s) => s.stroke === '#eeeeee').length).toBe(6)
    expect(strands.filter((s) => s.opacity !== undefined).length).toBe(13)
  })
  it('an ellipse closes where it began, turned or not', () => {
    for (const turn of [0, 30, 90]) {
      const all = numbers(ellipse(5, 5, 4, 2, turn))
      expect(all.slice(0, 2)).toEqual(all.slice(-2))
    }
  })
  it('figures are rounded to a hundredth of a millimetre', () => {
    expect(n(1.23456)).toBe('1.23')
    expect(n(-0.001)).toBe('0')
  })
})
