import type { z } from 'zod'
import { colourOf } from '../../colour'
import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A deep body cut by one joint or two, with a soft tail. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const cuts = t.joint === 'two' ? [0.4, 0.62] : [0.5]
  const h = 0.12 * L
  return [
    solid(`M${n(0.84 * L)} 0L${n(L)} ${n(-h)}Q${n(0.93 * L)} 0 ${n(L)} ${n(h)}Z`, colourOf(colour.back).hex),
    ...hang(hooks, [
      [0.28 * L, 0.11 * L],
      [0.66 * L, 0.09 * L],
    ]),
    ...fishBody(0, 0.88 * L, { height: 0.27, shoulder: 0.36, tail: 0.18 }, colour),
    ...cuts.map((s) => stroke(`M${n(s * L)} ${n(-h)}l${n(0.02 * L)} ${n(h)}l${n(-0.02 * L)} ${n(h)}`, INK, 1)),
    eyelet(-1, 0),
  ]
}
