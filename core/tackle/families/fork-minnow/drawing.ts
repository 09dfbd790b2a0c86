import { colourOf, type Colouring } from '../../colour'
import { fishBody } from '../../drawing/body'
import { n, solid, type Shape } from '../../drawing/shape'

/** A plump little fish that runs out into two long thin tips. */
export function draw({ lengthMm: L, colour }: { lengthMm: number; colour: Colouring }): Shape[] {
  const tip = (side: 1 | -1) =>
    `M${n(0.62 * L)} ${n(side * 0.012 * L)}Q${n(0.8 * L)} ${n(side * 0.02 * L)} ${n(L)} ${n(side * 0.085 * L)}Q${n(0.84 * L)} ${n(side * 0.075 * L)} ${n(0.62 * L)} ${n(side * 0.035 * L)}Z`
  return [
    solid(tip(-1), colourOf(colour.back).hex),
    solid(tip(1), colourOf(colour.belly).hex),
    ...fishBody(0, 0.68 * L, { height: 0.26, shoulder: 0.32, tail: 0.28 }, colour),
  ]
}
