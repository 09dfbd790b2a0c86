import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import { INK, STEEL, ellipse, n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './definition'

/** A cigar; the popper has a cupped mouth, the prop a propeller at its tail. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const shoulder = t.style === 'popper' ? 0.3 : 0.45
  const h = 0.1 * L
  return [
    ...hang(hooks, [
      [0.36 * L, 0.09 * L],
      [0.98 * L, 0],
    ]),
    ...fishBody(0.02 * L, 0.94 * L, { height: 0.2, shoulder, tail: 0.25 }, colour),
    ...(t.style === 'popper' ? [solid(ellipse(0.03 * L, 0, 0.03 * L, h * 0.72), '#8d2f22')] : []),
    ...(t.style === 'prop'
      ? [
          solid(
            `M${n(0.965 * L)} 0q${n(-0.03 * L)} ${n(-h)} ${n(0.01 * L)} ${n(-h * 1.2)}q${n(0.03 * L)} ${n(h * 0.6)} ${n(-0.01 * L)} ${n(h * 1.2)}q${n(0.04 * L)} ${n(h * 0.7)} ${n(0)} ${n(h * 1.2)}q${n(-0.03 * L)} ${n(-h * 0.6)} 0 ${n(-h * 1.2)}Z`,
            STEEL,
          ),
        ]
      : []),
    eyelet(-1, 0),
    { d: ellipse(0.03 * L, 0, 0.6, 0.6), fill: INK },
  ]
}
