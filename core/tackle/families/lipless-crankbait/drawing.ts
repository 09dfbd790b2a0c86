import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** High-shouldered and flat-sided; the line goes to the back. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  return [
    ...hang(hooks, [
      [0.34 * L, 0.15 * L],
      [0.98 * L, 0],
    ]),
    ...fishBody(0, 0.97 * L, { height: 0.34, shoulder: 0.3, tail: 0.2, nose: -0.15 }, colour),
    eyelet(0.2 * L, -0.16 * L),
  ]
}
