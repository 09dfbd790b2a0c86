import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../../testing/world'
import type { Lure } from '..'
import { COLOURS, FAMILIES, drawLure, familyOf, usualHooks } from '..'
import { colourOf } from '../colour'
import { BLADE_SHAPES } from '../blades'
import { blade, hang, lip, skirt, treble } from './fittings'
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
/** Whose hooks are cast in: only their size shows. */
const ownHooks = lures.filter((l) => l.hooks && l.hooks.style !== 'moulded')

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
  const choices = lures.flatMap((lure) =>
    Object.entries(familyOf(lure.family).traits.shape).flatMap(([key, schema]) =>
      UNSEEN.has(key) || !('options' in schema) ? [] : [[lure.family, key, lure, schema.options as string[]] as const],
    ),
  )
  it.each(choices)('%s: every %s makes another picture', (_, key, lure, options) => {
    const pictures = new Set(options.map((o) => picture({ ...lure, traits: { ...lure.traits, [key]: o } } as Lure)))
    expect(pictures.size).toBe(options.length)
  })
  it('no figure in any drawing is missing, at any length (property)', () => {
    fc.assert(
      fc.property(fc.constantFrom(...lures), fc.double({ min: 0.01, max: 0.5, noNaN: true }), (lure, lengthM) => {
        // Blades and hooks have sizes of their own; those that come with this length.
        const traits = 'bladeSize' in lure.traits ? { ...lure.traits, bladeSize: 0 } : lure.traits
        const sized = { ...lure, lengthM, traits, hooks: usualHooks(lure.family, lengthM) } as Lure
        for (const { d, width, opacity } of drawLure(sized)) {
          expect(d).not.toMatch(/NaN|Infinity|undefined/)
          // A tail, a skirt or a blade may stand out of the body, but not by much more than its length.
          expect(reach(d)).toBeLessThan(lengthM * 1000 * 1.8 + 25)
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

describe('hooks are hung as they are', () => {
  it.each(ownHooks.map((l) => [l.family, l] as const))('%s: style, size, wire and number show', (_, lure) => {
    const with_ = (hooks: object) => picture({ ...lure, hooks: { ...lure.hooks, ...hooks } } as Lure)
    for (const [a, b] of [
      [{ style: 'round treble' }, { style: 'single' }],
      [{ style: 'round treble' }, { style: 'in-turned treble' }],
      [{ size: '#8' }, { size: '2/0' }],
      [{ wire: 'light' }, { wire: 'heavy' }],
    ])
      expect(with_(a ?? {})).not.toBe(with_(b ?? {}))
    expect(picture({ ...lure, hooks: null } as Lure).length).toBeLessThan(picture(lure).length)
  })
  it('a gap on the drawing is the gap of the size, in millimetres', () => {
    const [hook] = hang({ style: 'single', size: '1/0', wire: 'medium', count: 1 }, [[0, 0]])
    // Shank, bend, point: the bend reaches 0.9 gaps up behind the shank.
    expect(hook?.d).toContain(`h${1.7 * 12}`)
  })
  it('no more hooks than there are places, no more than are told', () => {
    const hooks = { style: 'single', size: '#4', wire: 'medium' } as const
    expect(hang({ ...hooks, count: 3 }, [[0, 0]])).toHaveLength(1)
    expect(
      hang({ ...hooks, count: 1 }, [
        [0, 0],
        [5, 0],
      ]),
    ).toHaveLength(1)
    expect(hang(null, [[0, 0]])).toEqual([])
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
