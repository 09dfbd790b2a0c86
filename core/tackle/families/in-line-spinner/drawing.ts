import type { z } from 'zod'
import { bladeLengthMm } from '../../blades'
import { colourOf } from '../../colour'
import { blade, eyelet, hang } from '../../drawing/fittings'
import { STEEL, ellipse, n, solid, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import { FINISH_HEX } from '../traits'
import type { traits } from './traits'

/** Shaft, weight and beads in line; the blade swings from the clevis. */
export function draw({ lengthMm: L, colour, hooks, traits: t }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const body = colourOf(colour.flank).hex
  return [
    stroke(`M0 0H${n(0.72 * L)}`, STEEL, 0.8),
    eyelet(-1, 0),
    ...blade(
      0.16 * L,
      -0.01 * L,
      bladeLengthMm(t.blade, t.bladeSize),
      t.blade,
      FINISH_HEX[t.bladeFinish],
      -24,
      t.hammered,
    ),
    solid(ellipse(0.44 * L, 0, 0.17 * L, 0.055 * L), body),
    solid(ellipse(0.24 * L, 0, 0.022 * L, 0.022 * L), colourOf(colour.back).hex),
    solid(ellipse(0.64 * L, 0, 0.025 * L, 0.025 * L), colourOf(colour.belly).hex),
    ...hang(hooks, [[0.72 * L, 0]]),
  ]
}
