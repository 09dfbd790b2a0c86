import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** A leaf-shaped bar with a pair of assist hooks at its head. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  return [
    ...fishBody(0, L, { height: 0.3, shoulder: 0.5, tail: 0.2 }, colour),
    ...hang(hooks, [
      [0, -0.02 * L],
      [0, 0.05 * L],
    ]),
    eyelet(-1, 0),
    eyelet(L + 1, 0),
  ]
}
