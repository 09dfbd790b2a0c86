import { colourOf } from '../../colour'
import { hang } from '../../drawing/fittings'
import { INK, LEAD, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** A thin fish-shaped plate, holes along the back for the snap, lead cast round its chin. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  const h = 0.17 * L
  const outline = `M0 ${n(h * 0.3)}C${n(0.15 * L)} ${n(-h * 1.2)} ${n(0.45 * L)} ${n(-h * 1.4)} ${n(0.8 * L)} ${n(-h * 0.2)}L${n(0.95 * L)} ${n(-h * 0.7)}L${n(0.95 * L)} ${n(h * 0.6)}L${n(0.8 * L)} ${n(h * 0.2)}C${n(0.5 * L)} ${n(h)} ${n(0.2 * L)} ${n(h * 1.1)} 0 ${n(h * 0.3)}Z`
  return [
    solid(outline, colourOf(colour.flank).hex),
    {
      d: `M${n(0.04 * L)} ${n(-h * 0.1)}C${n(0.15 * L)} ${n(-h * 1.15)} ${n(0.45 * L)} ${n(-h * 1.3)} ${n(0.78 * L)} ${n(-h * 0.2)}C${n(0.5 * L)} ${n(-h * 0.6)} ${n(0.25 * L)} ${n(-h * 0.5)} ${n(0.04 * L)} ${n(-h * 0.1)}Z`,
      fill: colourOf(colour.back).hex,
    },
    solid(ellipse(0.2 * L, h * 0.72, 0.17 * L, h * 0.42, 6), LEAD),
    solid(ellipse(0.13 * L, -h * 0.05, h * 0.2, h * 0.2), '#f3efe2'),
    ...[0.36, 0.44, 0.52].map((s) => stroke(ellipse(s * L, -h * 0.85, 0.7, 0.7), INK, 0.4)),
    ...hang(hooks, [
      [0.3 * L, h * 1.1],
      [0.95 * L, h * 0.05],
    ]),
  ]
}
