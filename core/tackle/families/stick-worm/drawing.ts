import { colourOf, type Colouring } from '../../colour'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'

/** A cigar of soft plastic with rings at its egg-sack end. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const h = 0.042 * L
  return [
    solid(
      `M0 0Q0 ${n(-h)} ${n(0.08 * L)} ${n(-h)}L${n(0.7 * L)} ${n(-h)}Q${n(0.95 * L)} ${n(-h * 0.7)} ${n(L)} 0Q${n(0.95 * L)} ${n(h * 0.7)} ${n(0.7 * L)} ${n(h)}L${n(0.08 * L)} ${n(h)}Q0 ${n(h)} 0 0Z`,
      colourOf(colour.flank).hex,
    ),
    {
      d: `M${n(0.02 * L)} ${n(h * 0.3)}L${n(0.96 * L)} ${n(h * 0.2)}Q${n(0.9 * L)} ${n(h * 0.8)} ${n(0.7 * L)} ${n(h * 0.95)}L${n(0.08 * L)} ${n(h * 0.95)}Z`,
      fill: colourOf(colour.belly).hex,
      opacity: 0.7,
    },
    ...[0.34, 0.38, 0.42, 0.46, 0.5, 0.54].map((s) => stroke(`M${n(s * L)} ${n(-h)}v${n(2 * h)}`, INK, 0.35)),
  ]
}
