import { fillerKg, type Lure } from '../tackle'
import type { BenchTest } from './tests/kinds'
import type { BuildMotion } from '../motion'
import { METAL_KG_M3, motionOf, weightInWaterN } from '../motion'
import { waterFluid } from '../water'

/** How a lure stands now, to be kept with a test. */
export function snapshotState(lure: Lure): BenchTest['asTested'] {
  const { measuredMassKg, alteredKg, lengthM } = lure
  return { measuredMassKg, alteredKg, lengthM, loadKg: fillerKg(lure) }
}

/** The lure as it was when it was tested. A weight found on the scale later holds for it too, where nothing was changed before the test. */
export function lureAsTested(lure: Lure, { asTested }: Pick<BenchTest, 'asTested'>): Lure {
  const later = asTested.alteredKg === 0 ? lure.measuredMassKg : null
  const traits = 'loadKg' in lure.traits ? { ...lure.traits, loadKg: asTested.loadKg } : lure.traits
  return {
    ...lure,
    measuredMassKg: asTested.measuredMassKg ?? later,
    alteredKg: asTested.alteredKg,
    lengthM: asTested.lengthM,
    traits,
  } as Lure
}

/** Glued, hung or poured on since the test, kg. A weighing in between begins the count of `alteredKg` anew. */
export function addedSince(lure: Lure, { asTested }: Pick<BenchTest, 'asTested'>): number {
  const again = lure.measuredMassKg !== asTested.measuredMassKg
  return lure.alteredKg - (again ? 0 : asTested.alteredKg) + fillerKg(lure) - asTested.loadKg
}

/** A bare lure, with a head or hook of lead hung on, as physics knew it before the test, in the water of the test. */
export function motionAsTested(
  lure: Lure,
  test: BenchTest,
): {
  motion: BuildMotion
  density: number
  viscosity: number
} {
  const { density, viscosity } = waterFluid(test.tempC, test.salinity)
  const then = lureAsTested(lure, test)
  const motion = motionOf({ lure: then, mount: { kind: 'own' }, trailer: null, massKg: 0 }, density)
  return {
    density,
    viscosity,
    motion: {
      ...motion,
      submergedWeightN: motion.submergedWeightN + weightInWaterN(test.withKg, METAL_KG_M3.lead, density),
    },
  }
}
