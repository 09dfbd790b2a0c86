import { colourOf, type Colouring } from '../../colour'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'

/** A thin ringed worm that ends in a broad ribbon folded over itself. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const h = 0.034 * L
  return [
    solid(
      `M${n(0.58 * L)} ${n(-h * 0.5)}C${n(0.7 * L)} ${n(-h * 3)} ${n(0.82 * L)} ${n(-h * 2.4)} ${n(0.84 * L)} ${n(h * 0.2)}C${n(0.86 * L)} ${n(h * 2.6)} ${n(0.95 * L)} ${n(h * 2.8)} ${n(L)} ${n(-h * 0.6)}C${n(0.99 * L)} ${n(h * 4.6)} ${n(0.8 * L)} ${n(h * 4.4)} ${n(0.77 * L)} ${n(h * 1)}C${n(0.75 * L)} ${n(-h * 0.8)} ${n(0.68 * L)} ${n(-h * 0.4)} ${n(0.58 * L)} ${n(h * 0.6)}Z`,
      colourOf(colour.back).hex,
    ),
    solid(
      `M0 0Q0 ${n(-h)} ${n(0.05 * L)} ${n(-h)}L${n(0.4 * L)} ${n(-h)}Q${n(0.55 * L)} ${n(-h * 0.8)} ${n(0.62 * L)} 0Q${n(0.55 * L)} ${n(h * 0.8)} ${n(0.4 * L)} ${n(h)}L${n(0.05 * L)} ${n(h)}Q0 ${n(h)} 0 0Z`,
      colourOf(colour.flank).hex,
    ),
    {
      d: `M${n(0.02 * L)} ${n(h * 0.4)}L${n(0.56 * L)} ${n(h * 0.3)}Q${n(0.48 * L)} ${n(h * 0.85)} ${n(0.4 * L)} ${n(h * 0.9)}L${n(0.05 * L)} ${n(h * 0.9)}Z`,
      fill: colourOf(colour.belly).hex,
      opacity: 0.7,
    },
    ...[0.06, 0.1, 0.14, 0.18, 0.22, 0.26].map((s) => stroke(`M${n(s * L)} ${n(-h)}v${n(2 * h)}`, INK, 0.35)),
  ]
}
