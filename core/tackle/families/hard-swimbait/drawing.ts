import type { z } from 'zod'
import { colourOf } from '../../colour'
import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

const CUTS = { two: [0.42, 0.64], three: [0.36, 0.53, 0.7], four: [0.32, 0.45, 0.58, 0.71] } as const

/** Segments hinged one behind the other, a fin above and below, a soft boot for a tail. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const h = 0.115 * L
  return [
    solid(
      `M${n(0.84 * L)} 0L${n(L)} ${n(-h * 0.9)}L${n(0.95 * L)} 0L${n(L)} ${n(h * 0.9)}Z`,
      colourOf(colour.belly).hex,
    ),
    solid(
      `M${n(0.4 * L)} ${n(-h * 0.9)}q${n(0.07 * L)} ${n(-h * 0.8)} ${n(0.16 * L)} ${n(-h * 0.5)}l${n(-0.02 * L)} ${n(h * 0.55)}Z`,
      colourOf(colour.back).hex,
    ),
    ...hang(hooks, [
      [0.25 * L, 0.11 * L],
      [0.6 * L, 0.085 * L],
    ]),
    ...fishBody(0, 0.88 * L, { height: 0.26, shoulder: 0.3, tail: 0.16 }, colour),
    ...CUTS[t.joints].map((s) =>
      stroke(
        `M${n(s * L)} ${n(-h * (1.25 - s))}q${n(0.03 * L)} ${n(h * (1.25 - s))} 0 ${n(2 * h * (1.25 - s))}`,
        INK,
        1,
      ),
    ),
    eyelet(-1, 0),
  ]
}
