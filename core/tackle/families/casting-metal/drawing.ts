import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, singleHook, treble } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './definition'

/** A slim bar, thickest behind the middle. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  return [
    ...(t.hook === 'treble' ? treble(0.93 * L, 0, 0.13 * L) : [singleHook(0.93 * L, 0, 0.1 * L, 0.09 * L)]),
    ...fishBody(0, 0.92 * L, { height: 0.17, shoulder: 0.55, tail: 0.25 }, colour),
    eyelet(-1, 0),
    eyelet(0.93 * L, 0),
  ]
}
