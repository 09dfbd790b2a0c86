import { itemAt } from '../list'
import { PRIOR_SD, READING_SD, SHELL_EXPANSION } from '../../data/bench'
import { familyOf, lureMass, type Lure } from '../tackle'
import { testsOf } from './tests/tests-of'
import type { BenchTest, ReadingOf } from './tests/kinds'
import { METAL_KG_M3, sinkRateMps, motionOf, weightInWaterN } from '../motion'
import { GRAVITY_MPS2 } from '../constants'
import { waterDensity } from '../water'
import { addedSince } from './as-tested'
import { priorOnly } from './estimate'
import type { Fitted } from './fit-fall'
import { fit } from './least-squares'

/** A water as far as it carries a lure. */
export interface Carrying {
  readonly tempC: number
  readonly salinity: number
}

/** How a plug hangs: [weight in water, N, in the water of its test; ln of its drag area rising or sinking]. */
export type Rest = Fitted & { readonly at: Carrying; readonly massKg: number }

/** Speed of a reading, m/s, down positive. */
function restSpeed(distanceM: number, { way, seconds }: ReadingOf<'rest'>): number {
  if (way === 'hangs' || seconds <= 0) return 0
  return (way === 'sinks' ? 1 : -1) * (distanceM / seconds)
}

/**
 * Weight in water and drag area of a plug from how fast it rises or sinks with known weights added. Fitted is v·|v| = W′/(½ρ·C·A), which passes evenly through
 * hanging; one reading pins the ratio, two with different weights pin both.
 */
export function fitRest(lure: Lure, tests: readonly BenchTest[]): Rest {
  const all = testsOf(tests, lure.id, 'rest').filter((t) => t.readings.length > 0)
  const last = all[all.length - 1]
  const here = last ?? { tempC: 15, salinity: 0 }
  const at: Carrying = { tempC: here.tempC, salinity: here.salinity }
  const density = waterDensity(at.tempC, at.salinity)
  const massKg = lureMass(lure).kg
  const before = motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg }, density)
  const believed = [
    { at: before.submergedWeightN, sd: PRIOR_SD.rest * massKg * GRAVITY_MPS2 },
    { at: Math.log(before.sinkDragAreaM2), sd: PRIOR_SD.drag },
  ]
  if (!last) return { ...priorOnly(believed, 'labelled'), residuals: [], at, massKg }
  // Readings of other days are brought to the water and the weight of now.
  const readings = all.flatMap((test) => {
    const then = waterDensity(test.tempC, test.salinity)
    const since = weightInWaterN(addedSince(lure, test), METAL_KG_M3.lead, density)
    const moved = carriedDifferenceN(massKg, believed[0]?.at ?? 0, test, at)
    return test.readings.map((r) => ({
      test,
      r,
      density: then,
      // Weight in water of this reading = weight now + `offset`.
      offset: weightInWaterN(r.addedKg + test.withKg, METAL_KG_M3.lead, then) - since - moved,
      v: restSpeed(test.distanceM, r),
    }))
  })
  const found = fit({
    believed,
    predict: ([weight = 0, lnArea = 0]) =>
      readings.map(({ offset, density: rho }) => (weight + offset) / (0.5 * rho * Math.exp(lnArea))),
    observed: readings.map(({ v }) => v * Math.abs(v)),
    readingSd: readings.map(({ v }) => {
      const sd = Math.hypot(READING_SD.restMps, READING_SD.rest * v)
      return 2 * Math.abs(v) * sd + sd ** 2
    }),
  })
  const signedRoot = (square: number) => Math.sign(square) * Math.sqrt(Math.abs(square))
  return {
    ...found,
    basis: 'fitted',
    n: readings.length,
    at,
    massKg,
    residuals: readings.map(({ test, r, v }, i) => ({
      label: `${test.date}, ${(r.addedKg * 1000).toFixed(2)} g added`,
      observed: v,
      fitted: signedRoot(v * Math.abs(v) - itemAt(found.residuals, i)),
    })),
  }
}

/**
 * Weight in water that a plug gains, N, from one water to another: displaced water changes with its density, and the shell's volume with temperature.
 *
 * @param expansion of the shell's volume, per °C; 0 leaves the water's part alone
 */
export function carriedDifferenceN(
  massKg: number,
  submergedWeightN: number,
  from: Carrying,
  to: Carrying,
  expansion = SHELL_EXPANSION,
): number {
  const rho = waterDensity(from.tempC, from.salinity)
  const volume = (massKg - submergedWeightN / GRAVITY_MPS2) / rho
  const then = waterDensity(to.tempC, to.salinity) * (1 + expansion * (to.tempC - from.tempC))
  return GRAVITY_MPS2 * volume * (rho - then)
}

/** Weight in water, N, of a plug in any water, from how it hangs. */
export function restWeightN(rest: Rest, water: Carrying, parameters = rest.parameters): number {
  const weight = itemAt(parameters, 0)
  return weight + carriedDifferenceN(rest.massKg, weight, rest.at, water)
}

export const canRest = (lure: Lure) => familyOf(lure.family).swims === 'dives'

/** Speed of rise (negative) or fall of a plug, m/s, in a water. */
export function restSpeedIn(rest: Rest, water: Carrying, p = rest.parameters): number {
  const motion = { submergedWeightN: restWeightN(rest, water, p), sinkDragAreaM2: Math.exp(itemAt(p, 1)) }
  return sinkRateMps(motion, waterDensity(water.tempC, water.salinity))
}
