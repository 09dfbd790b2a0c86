import type { z } from 'zod'
import { colourOf } from '../../colour'
import { fishBody } from '../../drawing/body'
import { INK, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** Body, thin wrist, and a boot of a tail. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const fat = t.shape === 'fat-ribbed'
  const height = fat ? 0.25 : 0.17
  const boot = `M${n(0.86 * L)} ${n(-0.012 * L)}L${n(0.94 * L)} ${n(-0.02 * L)}Q${n(0.99 * L)} ${n(-0.01 * L)} ${n(L)} ${n(0.09 * L)}Q${n(0.93 * L)} ${n(0.1 * L)} ${n(0.92 * L)} ${n(0.03 * L)}L${n(0.86 * L)} ${n(0.02 * L)}Z`
  const ribs = t.shape === 'slim-smooth' ? [] : [0.25, 0.33, 0.41, 0.49, 0.57, 0.65]
  return [
    solid(boot, colourOf(colour.flank).hex),
    ...fishBody(0, 0.88 * L, { height, shoulder: 0.3, tail: 0.14 }, colour),
    ...ribs.map((s) =>
      stroke(
        `M${n(s * L)} ${n(-height * 0.42 * L * (1.2 - s))}q${n(0.014 * L)} ${n(height * 0.4 * L * (1.2 - s))} 0 ${n(height * 0.84 * L * (1.2 - s))}`,
        INK,
        0.35,
      ),
    ),
  ]
}
