import type { z } from 'zod'
import { colourOf } from '../../colour'
import { leadHead, ownHook, skirt } from '../../drawing/fittings'
import { n, solid, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import { FINISH_HEX } from '../traits'
import type { traits } from './traits'

/** A jig whose line is tied to a six-sided plate hinged before the head. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const strands = [colourOf(colour.flank).hex, colourOf(colour.back).hex, colourOf(colour.belly).hex]
  const plate = `M${n(0.01 * L)} ${n(-0.2 * L)}l${n(0.07 * L)} ${n(0.02 * L)}l${n(0.1 * L)} ${n(0.17 * L)}l${n(-0.02 * L)} ${n(0.06 * L)}l${n(-0.09 * L)} ${n(-0.02 * L)}l${n(-0.09 * L)} ${n(-0.17 * L)}Z`
  return [
    ownHook(hooks, 0.26 * L, 0, 0.45 * L),
    ...skirt(0.3 * L, 0, (t.skirt === 'trimmed' ? 0.44 : 0.66) * L, 0.17 * L, strands),
    ...leadHead(0.24 * L, 0, 0.1 * L, 0.075 * L, colourOf(colour.back).hex),
    solid(plate, FINISH_HEX[t.bladeFinish]),
  ]
}
