import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** A slim bar, thickest behind the middle. */
export function draw({ lengthMm: L, colour, hooks }: DrawInput<unknown>): Shape[] {
  return [
    ...hang(hooks, [[0.93 * L, 0]]),
    ...fishBody(0, 0.92 * L, { height: 0.17, shoulder: 0.55, tail: 0.25 }, colour),
    eyelet(-1, 0),
    eyelet(0.93 * L, 0),
  ]
}
