import type { z } from 'zod'
import { colourOf } from '../../colour'
import { ownHook } from '../../drawing/fittings'
import { INK, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A bound body on its hook, a long wing swept back over it, a few bright strands. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const wing = (dy: number, hex: string) =>
    solid(
      `M${n(0.08 * L)} ${n(-0.03 * L + dy)}C${n(0.35 * L)} ${n(-0.16 * L + dy)} ${n(0.75 * L)} ${n(-0.13 * L + dy)} ${n(L)} ${n(-0.02 * L + dy)}C${n(0.7 * L)} ${n(-0.02 * L + dy)} ${n(0.35 * L)} ${n(-0.01 * L + dy)} ${n(0.08 * L)} ${n(-0.03 * L + dy)}Z`,
      hex,
    )
  return [
    ownHook(hooks, 0.05 * L, 0.02 * L, 0.4 * L),
    solid(ellipse(0.26 * L, 0.02 * L, 0.18 * L, 0.035 * L), colourOf(colour.belly).hex),
    wing(0.015 * L, colourOf(colour.flank).hex),
    wing(-0.03 * L, colourOf(colour.back).hex),
    ...[-0.1, -0.07, -0.04].map((y) =>
      stroke(
        `M${n(0.1 * L)} ${n(-0.03 * L)}Q${n(0.5 * L)} ${n(y * 1.6 * L)} ${n(0.95 * L)} ${n(y * 0.5 * L)}`,
        '#e9eef0',
        0.35,
      ),
    ),
    stroke(
      `M${n(0.09 * L)} 0q${n(0.04 * L)} ${n(0.09 * L)} ${n(0.1 * L)} ${n(0.1 * L)}`,
      colourOf(colour.belly).hex,
      1,
    ),
    solid(ellipse(0.06 * L, 0, 0.035 * L, 0.03 * L), INK),
    ...(t.eyes === 'bead' ? [solid(ellipse(0.05 * L, 0, 0.036 * L, 0.036 * L), '#c9a13d')] : []),
  ]
}
