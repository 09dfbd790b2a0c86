import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, hang } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A long bar; the tail-weighted one is fullest far back. Its assist hooks hang at the head. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  return [
    ...fishBody(0, L, { height: 0.115, shoulder: t.balance === 'tail' ? 0.68 : 0.48, tail: 0.3 }, colour),
    ...hang(hooks, [
      [0, -0.015 * L],
      [0, 0.03 * L],
    ]),
    eyelet(-1.4, 0, 1.2),
    eyelet(L + 1.2, 0, 1.2),
  ]
}
