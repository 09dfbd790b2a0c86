import { colourOf } from '../../colour'
import { eyelet, hang } from '../../drawing/fittings'
import { n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'

/** An egg of metal, narrow at the nose, with its back colour as a slash across the flank. */
export function draw({ lengthMm: L, colour, hooks, make }: DrawInput<unknown>): Shape[] {
  const w = (0.17 * (make?.widthM ?? 0.36 * (L / 1000)) * 1000) / 0.36
  const outline = `M0 0C${n(0.12 * L)} ${n(-w * 0.9)} ${n(0.5 * L)} ${n(-w * 1.5)} ${n(0.86 * L)} 0C${n(0.5 * L)} ${n(w * 1.5)} ${n(0.12 * L)} ${n(w * 0.9)} 0 0Z`
  const slash = `M${n(0.24 * L)} ${n(-w * 0.82)}C${n(0.4 * L)} ${n(-w * 0.2)} ${n(0.46 * L)} ${n(w * 0.2)} ${n(0.64 * L)} ${n(w * 0.7)}L${n(0.5 * L)} ${n(w * 0.9)}C${n(0.36 * L)} ${n(w * 0.2)} ${n(0.28 * L)} ${n(-w * 0.1)} ${n(0.14 * L)} ${n(-w * 0.62)}Z`
  return [
    solid(outline, colourOf(colour.flank).hex),
    { d: slash, fill: colourOf(colour.back).hex, opacity: 0.9 },
    {
      d: `M${n(0.3 * L)} ${n(-w * 0.72)}Q${n(0.6 * L)} ${n(-w * 0.9)} ${n(0.76 * L)} ${n(-w * 0.3)}`,
      stroke: '#ffffff',
      width: 0.9,
      opacity: 0.7,
    },
    eyelet(-1, 0),
    eyelet(0.88 * L, 0),
    ...hang(hooks, [[0.9 * L, 0.01 * L]]),
  ]
}
