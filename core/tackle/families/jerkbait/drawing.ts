import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, lip, treble } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './definition'

/** A minnow with two or three trebles. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const hooks = L > 85 ? [0.24, 0.54] : [0.3]
  return [
    lip(0.03 * L, 0.03 * L, (t.lip === 'long' ? 0.24 : 0.1) * L, t.lip === 'long' ? 20 : 45, false),
    ...hooks.flatMap((s) => treble(s * L, 0.07 * L, 0.09 * L)),
    ...treble(0.98 * L, 0, 0.09 * L),
    ...fishBody(0, 0.97 * L, { height: 0.165, shoulder: 0.34, tail: 0.24 }, colour),
    eyelet(-1, 0),
  ]
}
