import type { z } from 'zod'
import { colourOf } from '../../colour'
import { INK, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './definition'

/** Ribbed trunk; two claws for the craw, paddles and legs for the creature. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const flank = colourOf(colour.flank).hex
  const back = colourOf(colour.back).hex
  const h = 0.085 * L
  const limb = (side: 1 | -1) =>
    t.form === 'craw'
      ? `M${n(0.5 * L)} ${n(side * h * 0.5)}C${n(0.6 * L)} ${n(side * h * 1.9)} ${n(0.75 * L)} ${n(side * h * 2.6)} ${n(L)} ${n(side * h * 2)}C${n(0.9 * L)} ${n(side * h * 1.6)} ${n(0.88 * L)} ${n(side * h * 1.5)} ${n(0.97 * L)} ${n(side * h * 0.9)}C${n(0.8 * L)} ${n(side * h * 0.6)} ${n(0.66 * L)} ${n(side * h * 0.9)} ${n(0.52 * L)} 0Z`
      : t.form === 'chunk'
        ? `M${n(0.5 * L)} ${n(side * h * 0.2)}C${n(0.66 * L)} ${n(side * h * 1.1)} ${n(0.84 * L)} ${n(side * h * 1.5)} ${n(L)} ${n(side * h * 1.2)}L${n(0.66 * L)} 0Z`
        : `M${n(0.58 * L)} ${n(side * h * 0.4)}C${n(0.7 * L)} ${n(side * h * 2.2)} ${n(0.9 * L)} ${n(side * h * 2.2)} ${n(L)} ${n(side * h * 1.1)}C${n(0.9 * L)} ${n(side * h * 0.5)} ${n(0.75 * L)} ${n(side * h * 0.4)} ${n(0.6 * L)} 0Z`
  return [
    solid(limb(-1), back),
    solid(limb(1), colourOf(colour.belly).hex),
    ...(t.form === 'creature'
      ? [0.24, 0.36, 0.48].flatMap((s) => [
          stroke(`M${n(s * L)} 0l${n(0.12 * L)} ${n(-h * 1.9)}`, back, 1.1),
          stroke(`M${n(s * L)} 0l${n(0.12 * L)} ${n(h * 1.9)}`, flank, 1.1),
        ])
      : t.form === 'chunk'
        ? []
        : [stroke(`M${n(0.04 * L)} 0q${n(-0.05 * L)} ${n(-h)} ${n(0.08 * L)} ${n(-h * 1.9)}`, back, 0.7)]),
    solid(ellipse(0.31 * L, 0, 0.31 * L, h), flank),
    ...[0.2, 0.29, 0.38, 0.47].map((s) =>
      stroke(`M${n(s * L)} ${n(-h * 0.85)}q${n(0.02 * L)} ${n(h * 0.85)} 0 ${n(h * 1.7)}`, INK, 0.35),
    ),
  ]
}
