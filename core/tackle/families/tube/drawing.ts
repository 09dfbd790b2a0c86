import { colourOf, type Colouring } from '../../colour'
import { skirt } from '../../drawing/fittings'
import { INK, n, solid, type Shape } from '../../drawing/shape'

/** A blunt hollow tube with a fringe. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const h = 0.09 * L
  return [
    ...skirt(0.58 * L, 0, 0.42 * L, h * 1.2, [colourOf(colour.flank).hex, colourOf(colour.back).hex]),
    solid(
      `M0 0C0 ${n(-h)} ${n(0.08 * L)} ${n(-h)} ${n(0.16 * L)} ${n(-h)}L${n(0.62 * L)} ${n(-h * 0.95)}L${n(0.62 * L)} ${n(h * 0.95)}L${n(0.16 * L)} ${n(h)}C${n(0.08 * L)} ${n(h)} 0 ${n(h)} 0 0Z`,
      colourOf(colour.flank).hex,
    ),
    {
      d: `M${n(0.03 * L)} ${n(-h * 0.4)}Q${n(0.06 * L)} ${n(-h * 0.95)} ${n(0.16 * L)} ${n(-h * 0.95)}L${n(0.62 * L)} ${n(-h * 0.9)}L${n(0.62 * L)} ${n(-h * 0.3)}Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.8,
    },
    ...[0.2, 0.3, 0.4, 0.5].map((s, i) => ({
      d: `M${n(s * L)} ${n((i % 2 ? 0.2 : -0.1) * h)}h0.1`,
      stroke: INK,
      width: 1,
    })),
  ]
}
