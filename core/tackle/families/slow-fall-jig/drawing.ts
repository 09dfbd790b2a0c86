import { fishBody } from '../../drawing/body'
import { eyelet, singleHook } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { Colouring } from '../../colour'

/** A leaf-shaped bar with a pair of assist hooks at its head. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  return [
    singleHook(0, -0.02 * L, 0.16 * L, 0.14 * L),
    singleHook(0, 0.04 * L, 0.14 * L, -0.14 * L),
    ...fishBody(0, L, { height: 0.3, shoulder: 0.5, tail: 0.2 }, colour),
    eyelet(-1, 0),
    eyelet(L + 1, 0),
  ]
}
