import type { z } from 'zod'
import { fishBody } from '../../drawing/body'
import { eyelet, hang, lip } from '../../drawing/fittings'
import type { Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import type { traits } from './traits'

/** A minnow with two or three trebles. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const belly = (hooks?.count ?? 0) > 2 ? [0.24, 0.54] : [0.3]
  return [
    lip(0.03 * L, 0.03 * L, (t.lip === 'long' ? 0.24 : 0.1) * L, t.lip === 'long' ? 20 : 45, false),
    ...hang(hooks, [...belly.map((s) => [s * L, 0.07 * L] as const), [0.98 * L, 0]]),
    ...fishBody(0, 0.97 * L, { height: 0.165, shoulder: 0.34, tail: 0.24 }, colour),
    eyelet(-1, 0),
  ]
}
