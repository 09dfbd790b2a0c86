import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import { INK, n, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** A stubby bar with a keel edge along its flank, one assist hook at its head. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  return [
    ...fishBody(0, L, { height: 0.21, shoulder: 0.62, tail: 0.42 }, colour),
    stroke(`M${n(0.06 * L)} 0L${n(0.62 * L)} ${n(0.035 * L)}L${n(0.97 * L)} 0`, INK, 0.5),
    ...hang(hooks, [
      [0, -0.02 * L],
      [0, 0.05 * L],
    ]),
    eyelet(-1.2, 0, 1.1),
    eyelet(L + 1.1, 0, 1.1),
  ]
}
