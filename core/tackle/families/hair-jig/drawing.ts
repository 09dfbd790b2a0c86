import { colourOf } from '../../colour'
import { eyelet, leadHead, ownHook } from '../../drawing/fittings'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** A round head and a tuft of hair. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  const tuft = `M${n(0.18 * L)} ${n(-0.07 * L)}C${n(0.45 * L)} ${n(-0.17 * L)} ${n(0.8 * L)} ${n(-0.12 * L)} ${n(L)} ${n(0.01 * L)}C${n(0.8 * L)} ${n(0.12 * L)} ${n(0.45 * L)} ${n(0.15 * L)} ${n(0.18 * L)} ${n(0.07 * L)}Z`
  return [
    ownHook(hooks, 0.1 * L, 0, 0.5 * L),
    solid(tuft, colourOf(colour.flank).hex),
    {
      d: `M${n(0.18 * L)} ${n(-0.06 * L)}C${n(0.45 * L)} ${n(-0.16 * L)} ${n(0.8 * L)} ${n(-0.11 * L)} ${n(0.98 * L)} 0L${n(0.2 * L)} ${n(-0.02 * L)}Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.85,
    },
    ...[-0.09, -0.05, 0, 0.04, 0.08].map((y) =>
      stroke(
        `M${n(0.24 * L)} ${n(y * 0.6 * L)}Q${n(0.6 * L)} ${n(y * 1.4 * L)} ${n(0.94 * L)} ${n(y * 0.3 * L)}`,
        INK,
        0.25,
      ),
    ),
    stroke(`M${n(0.2 * L)} ${n(-0.075 * L)}v${n(0.15 * L)}`, colourOf(colour.belly).hex, 1.6),
    ...leadHead(0.1 * L, 0, 0.095 * L, 0.095 * L, colourOf(colour.back).hex),
    eyelet(0.08 * L, -0.1 * L),
  ]
}
