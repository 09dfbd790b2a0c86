import type { z } from 'zod'
import { colourOf } from '../../colour'
import { fishBody } from '../../drawing/body'
import { blade, eyelet, leadHead } from '../../drawing/fittings'
import { STEEL, n, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A head, its wires spread, a small swimmer at the end of each and a bulkier one in the middle. */
export function draw({ lengthMm: L, colour, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const spread = t.arms === 'five' ? [-0.27, -0.14, 0, 0.14, 0.27] : [-0.2, 0, 0.2]
  const hub = 0.16 * L
  return [
    ...spread.flatMap((s) => {
      const x = (s === 0 ? 0.62 : 0.55) * L
      const size = (s === 0 ? 0.36 : 0.26) * L
      const body = fishBody(x, size, { height: s === 0 ? 0.3 : 0.22, shoulder: 0.3, tail: 0.2 }, colour)
      return [
        stroke(`M${n(hub)} 0L${n(x)} ${n(s * L)}`, STEEL, 0.9),
        ...(t.bladed && s !== 0 ? blade((hub + x) / 2, (s * L) / 2, 0.13 * L, 'willow', '#cdd6da', s * 70) : []),
        ...body.map((shape) => ({ ...shape, d: moved(shape.d, s * L) })),
      ]
    }),
    ...leadHead(0.1 * L, 0, 0.09 * L, 0.05 * L, colourOf(colour.back).hex),
    eyelet(-0.5, 0, 1.4),
  ]
}

/** A path of absolute commands moved down: every second figure of a pair is its height. */
function moved(d: string, dy: number): string {
  return d.replace(/([A-Z])([^A-Za-z]*)/g, (_, command: string, rest: string) => {
    if (command === 'A') {
      const v = rest
        .trim()
        .split(/[\s,]+/)
        .map(Number)
      return `A${v.map((x, i) => n(i % 7 === 6 ? x + dy : x)).join(' ')}`
    }
    const v =
      rest.trim() === ''
        ? []
        : rest
            .trim()
            .split(/[\s,]+/)
            .map(Number)
    return `${command}${v.map((x, i) => n(i % 2 ? x + dy : x)).join(' ')}`
  })
}
