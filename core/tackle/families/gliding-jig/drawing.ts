import type { z } from 'zod'
import { colourOf } from '../../colour'
import { fishBody } from '../../drawing/body'
import { eyelet, hang, singleHook } from '../../drawing/fittings'
import { n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A level little fish hung by its back, a fin of plastic behind, hooks turned up at both ends, a treble below. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const gap = 0.09 * L
  return [
    solid(
      `M${n(0.68 * L)} 0L${n(0.9 * L)} ${n(-0.14 * L)}Q${n(0.86 * L)} 0 ${n(0.9 * L)} ${n(0.11 * L)}Z`,
      colourOf(colour.belly).hex,
    ),
    singleHook(0.8 * L, 0, 0.14 * L, gap),
    ...fishBody(0.06 * L, 0.7 * L, { height: 0.3, shoulder: 0.36, tail: 0.25 }, colour),
    eyelet(0.38 * L, -0.12 * L, 1),
    ...hang(hooks, t.hangs === 'treble below' ? [[0.38 * L, 0.1 * L]] : [[0.96 * L, 0]]),
  ]
}
