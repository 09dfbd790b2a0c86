import type { z } from 'zod'
import { colourOf } from '../../colour'
import { eyelet, hang } from '../../drawing/fittings'
import { n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A thin leaf, widest behind the middle; bent evenly, or only near its tail. */
export function draw({ lengthMm: L, colour, hooks, traits: t, make }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const w = (0.13 * (make?.widthM ?? 0.36 * (L / 1000)) * 1000) / 0.36
  const lift = t.bend === 'late' ? 0.07 * L : 0.02 * L
  const outline = `M0 0C${n(0.14 * L)} ${n(-w * 0.7)} ${n(0.5 * L)} ${n(-w * 1.5 - lift)} ${n(0.92 * L)} ${n(-lift)}C${n(0.6 * L)} ${n(w * 1.3 - lift)} ${n(0.2 * L)} ${n(w * 0.8)} 0 0Z`
  return [
    ...hang(hooks, [[0.93 * L, -lift]]),
    solid(outline, colourOf(colour.flank).hex),
    {
      d: `M${n(0.08 * L)} ${n(-w * 0.1)}C${n(0.2 * L)} ${n(-w * 0.7)} ${n(0.5 * L)} ${n(-w * 1.3 - lift)} ${n(0.88 * L)} ${n(-lift)}C${n(0.6 * L)} ${n(-w * 0.4 - lift)} ${n(0.3 * L)} ${n(-w * 0.2)} ${n(0.08 * L)} ${n(-w * 0.1)}Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.85,
    },
    stroke(
      `M${n(0.2 * L)} ${n(w * 0.25)}Q${n(0.5 * L)} ${n(w * 0.5 - lift / 2)} ${n(0.8 * L)} ${n(-lift * 0.6)}`,
      colourOf(colour.belly).hex,
      1.1,
    ),
    eyelet(-1, 0),
  ]
}
