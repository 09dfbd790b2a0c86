import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { colourOf, type Colouring } from '../../colour'
import { eyelet, hang, ownHook } from '../../drawing/fittings'
import type { HungHooks } from '../../hung-hooks'
import { INK, STEEL, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A hollow body with its double hook along the back and a pair of legs of strands. */
function frog(L: number, colour: Colouring, hooks: HungHooks | null): Shape[] {
  const leg = (side: 1 | -1) =>
    [colour.back, colour.flank, colour.belly].map((id, i) =>
      stroke(
        `M${n(0.5 * L)} ${n(side * 0.04 * L)}q${n(0.2 * L)} ${n(side * (0.05 + 0.05 * i) * L)} ${n((0.46 - 0.05 * i) * L)} ${n(side * (0.06 + 0.07 * i) * L)}`,
        colourOf(id).hex,
        1,
      ),
    )
  return [
    ...leg(-1),
    ...leg(1),
    ...fishBody(0.02 * L, 0.54 * L, { height: 0.44, shoulder: 0.48, tail: 0.3 }, colour),
    ownHook(hooks, 0.12 * L, -0.07 * L, 0.34 * L),
    eyelet(-1, 0),
  ]
}

/** A cigar; the popper has a cupped mouth, the prop a propeller at its tail. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const shoulder = t.style === 'popper' ? 0.3 : 0.45
  const h = 0.1 * L
  if (t.style === 'frog') return frog(L, colour, hooks)
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
