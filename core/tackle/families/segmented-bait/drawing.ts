import type { z } from 'zod'
import { colourOf } from '../../colour'
import { INK, ellipse, n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** Segments growing smaller towards the tail, each joined to the next by a thread. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const flank = colourOf(colour.flank).hex
  const belly = colourOf(colour.belly).hex
  const rings = Array.from({ length: 9 }, (_, i) => 0.14 + i * 0.087)
  const tail =
    t.end === 'pointed'
      ? `M${n(0.9 * L)} ${n(-0.02 * L)}L${n(L)} 0L${n(0.9 * L)} ${n(0.02 * L)}Z`
      : `M${n(0.9 * L)} ${n(-0.015 * L)}L${n(L)} ${n(-0.05 * L)}V${n(0.05 * L)}L${n(0.9 * L)} ${n(0.015 * L)}Z`
  return [
    solid(`M${n(0.08 * L)} ${n(-0.012 * L)}H${n(0.92 * L)}V${n(0.012 * L)}H${n(0.08 * L)}Z`, colourOf(colour.back).hex),
    solid(tail, flank),
    ...rings.map((s, i) => solid(ellipse(s * L, 0, 0.034 * L, (0.075 - i * 0.0048) * L), i % 2 ? belly : flank)),
    solid(ellipse(0.05 * L, 0, 0.06 * L, 0.072 * L), colourOf(colour.back).hex),
    { d: ellipse(0.03 * L, -0.02 * L, 0.012 * L, 0.012 * L), fill: INK },
  ]
}
