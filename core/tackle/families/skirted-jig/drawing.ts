import type { z } from 'zod'
import { colourOf } from '../../colour'
import { eyelet, leadHead, ownHook, skirt } from '../../drawing/fittings'
import { n, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

const HEADS = { flipping: [0.1, 0.07], football: [0.065, 0.11], finesse: [0.075, 0.07], swim: [0.13, 0.065] } as const

/** Head by kind, weed guard over the hook, skirt behind. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const [rx, ry] = HEADS[t.style]
  const strands = [
    colourOf(colour.flank).hex,
    colourOf(colour.back).hex,
    colourOf(colour.flank).hex,
    colourOf(colour.belly).hex,
  ]
  const length = (t.style === 'finesse' ? 0.5 : 0.76) * (t.skirt === 'trimmed' ? 0.68 : 1)
  return [
    ownHook(hooks, 0.14 * L, 0, 0.46 * L),
    ...skirt(0.18 * L, 0, length * L, 0.22 * L, strands),
    stroke(`M${n(0.16 * L)} ${n(-0.03 * L)}L${n(0.5 * L)} ${n(-0.2 * L)}`, '#3c3f3a', 1.2),
    stroke(`M${n(0.16 * L)} ${n(-0.03 * L)}L${n(0.47 * L)} ${n(-0.23 * L)}`, '#3c3f3a', 1.2),
    ...leadHead(0.11 * L, 0, rx * L, ry * L, colourOf(colour.back).hex),
    eyelet(0.06 * L, -ry * L),
  ]
}
