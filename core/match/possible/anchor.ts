import { METAL_KG_M3, ballDiameterM, sphereDrag, weightInWaterN, type BuildMotion } from '../../motion'
import type { Box } from '../../box'
import type { Sinker } from '../../tackle'
import type { EvaluatedBuild } from './dressed'

/** What stands on the bottom while the lure hangs in the current behind it: the sinker of a three-way, on its dropper. */

/** Reynolds numbers of a sinker in a current are some thousands. */
const RE = 5000

/** A three-way as the bottom feels it: the sinker with its weight and drag, and the drag of the lure behind it. */
export function anchorMotion(
  { massKg, metal = 'lead' }: Pick<Sinker, 'massKg' | 'metal'>,
  lure: BuildMotion,
  density: number,
): BuildMotion {
  const d = ballDiameterM(massKg, METAL_KG_M3[metal])
  const area = sphereDrag(RE) * (Math.PI / 4) * d * d
  return {
    basis: 'assumed',
    diveAngleTan: 0,
    submergedWeightN: weightInWaterN(massKg, METAL_KG_M3[metal], density) + Math.max(0, lure.submergedWeightN),
    towDragAreaM2: area + lure.towDragAreaM2,
    sinkDragAreaM2: area + lure.sinkDragAreaM2,
  }
}

/** Each dressed lure behind each sinker that goes on a dropper. Baits over a sinker of their own, and bodies with one ahead, need none. */
export function anchored(dressed: readonly EvaluatedBuild[], { sinkers }: Pick<Box, 'sinkers'>): EvaluatedBuild[] {
  const droppers = sinkers.filter((s) => s.count > 0 && s.kind === 'dropper')
  return dressed
    .filter(({ build: { mount } }) => mount.kind !== 'drop-shot' && mount.kind !== 'texas')
    .flatMap((one) =>
      droppers.map((anchor) => ({
        ...one,
        build: { ...one.build, anchor, massKg: one.build.massKg + anchor.massKg },
      })),
    )
}
