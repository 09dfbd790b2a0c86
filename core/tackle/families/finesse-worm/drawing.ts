import { colourOf, type Colouring } from '../../colour'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'

/** Thick at the head, flat below, thinning to a paddle of a tail. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const h = 0.075 * L
  return [
    solid(
      `M0 0Q${n(0.02 * L)} ${n(-h)} ${n(0.2 * L)} ${n(-h)}Q${n(0.5 * L)} ${n(-h * 0.9)} ${n(0.72 * L)} ${n(-h * 0.3)}Q${n(0.86 * L)} ${n(-h * 0.55)} ${n(L)} ${n(-h * 0.1)}Q${n(0.88 * L)} ${n(h * 0.45)} ${n(0.72 * L)} ${n(h * 0.2)}L${n(0.2 * L)} ${n(h * 0.35)}Q${n(0.02 * L)} ${n(h * 0.35)} 0 0Z`,
      colourOf(colour.flank).hex,
    ),
    {
      d: `M${n(0.04 * L)} ${n(-h * 0.45)}Q${n(0.2 * L)} ${n(-h * 0.95)} ${n(0.5 * L)} ${n(-h * 0.7)}L${n(0.7 * L)} ${n(-h * 0.25)}L${n(0.1 * L)} ${n(-h * 0.2)}Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.85,
    },
    ...[0.16, 0.26, 0.36, 0.46, 0.56].map((s) => stroke(`M${n(s * L)} ${n(-h * 0.9)}v${n(1.1 * h)}`, INK, 0.3)),
  ]
}
