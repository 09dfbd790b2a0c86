import { colourOf, type Colouring } from '../../colour'
import { fishBody } from '../../drawing/body'
import { n, solid, type Shape } from '../../drawing/shape'

/** A slim minnow with a forked tail. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  return [
    solid(
      `M${n(0.84 * L)} 0L${n(L)} ${n(-0.06 * L)}Q${n(0.93 * L)} 0 ${n(L)} ${n(0.06 * L)}Z`,
      colourOf(colour.back).hex,
    ),
    ...fishBody(0, 0.88 * L, { height: 0.15, shoulder: 0.3, tail: 0.15 }, colour),
  ]
}
