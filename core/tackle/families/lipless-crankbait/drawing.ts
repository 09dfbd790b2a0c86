import type { Colouring } from '../../colour'
import { fishBody } from '../../drawing/body'
import { eyelet, treble } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'

/** High-shouldered and flat-sided; the line goes to the back. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  return [
    ...treble(0.34 * L, 0.15 * L, 0.17 * L),
    ...treble(0.98 * L, 0, 0.17 * L),
    ...fishBody(0, 0.97 * L, { height: 0.34, shoulder: 0.3, tail: 0.2, nose: -0.15 }, colour),
    eyelet(0.2 * L, -0.16 * L),
  ]
}
