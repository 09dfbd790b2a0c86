import type { z } from 'zod'
import { bladeLengthMm } from '../../blades'
import { colourOf } from '../../colour'
import { blade, leadHead, ownHook, skirt } from '../../drawing/fittings'
import { STEEL, n, stroke, type Shape } from '../../drawing/shape'
import type { DrawInput } from '../../family'
import { FINISH_HEX, frontBladeOf, type BladeFinish } from '../traits'
import type { traits } from './traits'

/** A bent wire: head and skirt on the lower arm, blades on the upper. */
export function draw({ lengthMm: L, colour, hooks, traits: t, make }: DrawInput<z.infer<typeof traits>>): Shape[] {
  const paint = make?.paint ? colourOf(make.paint).hex : FINISH_HEX.painted
  const hexOf = (finish: BladeFinish) => (finish === 'painted' ? paint : FINISH_HEX[finish])
  const metal = hexOf(t.bladeFinish)
  const long = bladeLengthMm(t.blade, t.bladeSize)
  const front = frontBladeOf(t, make)
  const frontMm =
    make?.frontSize === undefined && make?.frontBlade === undefined
      ? 0.65 * long
      : bladeLengthMm(front.blade, front.bladeSize)
  const skirtColours = [colourOf(colour.flank).hex, colourOf(colour.back).hex, colourOf(colour.belly).hex]
  const bend = { x: 0.06 * L, y: -0.12 * L }
  const headX = 0.3 * L
  const headY = 0.14 * L
  const armEndX = (make?.arm === 'short' ? 0.36 : 0.5) * L
  const armEndY = (make?.arm === 'short' ? -0.28 : -0.36) * L
  return [
    ownHook(hooks, headX, headY, 0.42 * L),
    ...skirt(headX + 0.05 * L, headY, (t.skirt === 'trimmed' ? 0.38 : 0.58) * L, 0.17 * L, skirtColours),
    stroke(
      `M${n(headX)} ${n(headY)}L${n(bend.x)} ${n(bend.y)}L${n(armEndX)} ${n(armEndY)}`,
      STEEL,
      t.wire === 'thin' ? 0.6 : 1.1,
    ),
    ...(t.blades === 'two'
      ? blade(0.3 * L, -0.27 * L, frontMm, front.blade, hexOf(make?.frontFinish ?? t.bladeFinish), 24, t.hammered)
      : []),
    ...blade(armEndX, armEndY, long, t.blade, metal, 14, t.hammered),
    ...(t.stinger ? [ownHook(hooks, headX + 0.44 * L, headY - 0.02 * L, 0.26 * L)] : []),
    ...leadHead(headX, headY, 0.1 * L, 0.065 * L, colourOf(colour.back).hex),
  ]
}
