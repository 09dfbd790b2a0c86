import type { z } from 'zod'
import { colourOf } from '../../colour'
import { eyelet, hang } from '../../drawing/fittings'
import { n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A long leaf; the cupped one is drawn bellied, the flat one straight. */
export function draw({ lengthMm: L, colour, hooks, traits: t, make }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const w = (0.09 * (make?.widthM ?? 0.24 * (L / 1000)) * 1000) / 0.24
  const sag = t.cup === 'cupped' ? 0.05 * L : 0.01 * L
  const outline = `M0 0C${n(0.2 * L)} ${n(sag - w)} ${n(0.65 * L)} ${n(sag - w * 1.3)} ${n(0.93 * L)} 0C${n(0.7 * L)} ${n(sag + w * 1.2)} ${n(0.2 * L)} ${n(sag + w)} 0 0Z`
  return [
    solid(outline, colourOf(colour.flank).hex),
    {
      d: `M${n(0.06 * L)} 0C${n(0.2 * L)} ${n(sag - w * 0.8)} ${n(0.65 * L)} ${n(sag - w * 1.1)} ${n(0.9 * L)} ${n(-w * 0.05)}C${n(0.65 * L)} ${n(sag - w * 0.4)} ${n(0.3 * L)} ${n(sag - w * 0.2)} ${n(0.06 * L)} 0Z`,
      fill: colourOf(colour.back).hex,
      opacity: 0.85,
    },
    eyelet(-1, 0, 1.2),
    eyelet(0.95 * L, 0.005 * L, 1.4),
    ...hang(hooks, [[0.96 * L, 0]]),
  ]
}
