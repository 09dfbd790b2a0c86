import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import { INK, LEAD, n, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** Filler that fills the drawn chamber, kg. */
const FULL_KG = 0.06

/** A needle with its chamber drawn on the flank, filled as far as it is loaded. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const h = 0.028 * L
  const [from, to] = [0.2 * L, 0.8 * L]
  const filled = Math.min(1, t.loadKg / FULL_KG)
  return [
    ...hang(hooks, [
      [0.34 * L, 0.045 * L],
      [0.99 * L, 0],
    ]),
    ...fishBody(0, 0.98 * L, { height: 0.105, shoulder: 0.42, tail: 0.42 }, colour),
    ...(filled > 0 ? [stroke(`M${n(from)} 0H${n(from + filled * (to - from))}`, LEAD, h)] : []),
    {
      d: `M${n(from)} ${n(-h)}H${n(to)}a${n(h)} ${n(h)} 0 0 1 0 ${n(2 * h)}H${n(from)}a${n(h)} ${n(h)} 0 0 1 0 ${n(-2 * h)}Z`,
      stroke: INK,
      width: 0.35,
      opacity: 0.6,
    },
    eyelet(-1, 0),
  ]
}
