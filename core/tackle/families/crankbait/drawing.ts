import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, hang, lip } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

const LIPS = {
  square: { reach: 0.24, steepDeg: 52, square: true },
  round: { reach: 0.34, steepDeg: 32, square: false },
  long: { reach: 0.52, steepDeg: 16, square: false },
} as const

/** A tubby body, two trebles, a lip that grows with the depth. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const l = LIPS[t.lip]
  return [
    lip(0.05 * L, 0.06 * L, l.reach * L, l.steepDeg, l.square),
    ...hang(hooks, [
      [0.36 * L, 0.19 * L],
      [0.97 * L, 0.01 * L],
    ]),
    ...fishBody(0, 0.96 * L, { height: 0.4, shoulder: 0.38, tail: 0.18, nose: 0.1 }, colour),
    eyelet(-1, -0.01 * L),
  ]
}
