import { colourOf, type Colouring } from '../../colour'
import { INK, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'

/** Ringed body and a curled tail. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const h = 0.1 * L
  const flank = colourOf(colour.flank).hex
  return [
    solid(
      `M${n(0.48 * L)} ${n(-h * 0.3)}C${n(0.68 * L)} ${n(-h * 0.6)} ${n(0.98 * L)} ${n(-h * 1.3)} ${n(L)} ${n(h * 0.1)}C${n(L)} ${n(h * 1.4)} ${n(0.8 * L)} ${n(h * 1.3)} ${n(0.78 * L)} ${n(h * 0.7)}C${n(0.88 * L)} ${n(h * 0.9)} ${n(0.93 * L)} ${n(h * 0.4)} ${n(0.9 * L)} ${n(h * 0.05)}C${n(0.86 * L)} ${n(-h * 0.4)} ${n(0.66 * L)} ${n(h * 0.4)} ${n(0.48 * L)} ${n(h * 0.35)}Z`,
      flank,
    ),
    solid(
      `M0 0Q0 ${n(-h)} ${n(0.16 * L)} ${n(-h)}L${n(0.34 * L)} ${n(-h * 0.85)}Q${n(0.52 * L)} ${n(-h * 0.4)} ${n(0.52 * L)} 0Q${n(0.52 * L)} ${n(h * 0.5)} ${n(0.34 * L)} ${n(h * 0.85)}L${n(0.16 * L)} ${n(h)}Q0 ${n(h)} 0 0Z`,
      flank,
    ),
    {
      d: `M${n(0.02 * L)} ${n(-h * 0.3)}Q${n(0.1 * L)} ${n(-h)} ${n(0.34 * L)} ${n(-h * 0.8)}L${n(0.46 * L)} ${n(-h * 0.3)}Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.8,
    },
    ...[0.14, 0.21, 0.28, 0.35, 0.42].map((s) => stroke(`M${n(s * L)} ${n(-h * 0.8)}v${n(1.6 * h)}`, INK, 0.3)),
    { d: ellipse(0.07 * L, -h * 0.2, 0.8, 0.8), fill: INK },
  ]
}
