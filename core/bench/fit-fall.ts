import { itemAt } from '../list'
import { PRIOR_SD, READING_SD } from '../../data/bench'
import { familyOf, type Lure } from '../tackle'
import { testsOf } from './tests/tests-of'
import type { BenchTest } from './tests/kinds'
import { motionOf, sinkTimeS } from '../motion'
import { waterDensity } from '../water'
import { motionAsTested } from './as-tested'
import { priorOnly, type Posterior } from './estimate'
import { fit } from './least-squares'

/** Fresh water at 15 °C, for figures that no water is named for. */
const ANY_WATER = waterDensity(15, 0)

export interface Residual {
  readonly label: string
  readonly observed: number
  readonly fitted: number
}
export type Fitted = Posterior & { readonly residuals: readonly Residual[] }

/** Once it was timed, what was believed of its fall hardly counts: it is held this many times as loosely. */
const LOOSE = 3

/** Drag area of a free fall as its family has it, m². */
function assumedFallDrag(lure: Lure): number {
  return motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: 0 }, ANY_WATER).sinkDragAreaM2
}

/** A length that only became better known changes nothing; one that was cut does. */
const wasCut = (lure: Lure) => lure.changes.some((c) => c.kind === 'cut')

/**
 * Drag area of the free fall, as its logarithm, from timed falls: ln t is fitted, because hands and eyes err by shares.
 * A lure cut since it was tested keeps its shape: the area goes with the square of the length.
 *
 * @returns the belief alone where nothing fell, or what was timed floats by the weights known of it
 */
export function fitFall(lure: Lure, tests: readonly BenchTest[]): Fitted {
  const assumed = Math.log(assumedFallDrag(lure))
  const belief = (sd: number) => [{ at: assumed, sd }]
  const falls = testsOf(tests, lure.id, 'fall').flatMap((test) => {
    const { motion, density } = motionAsTested(lure, test)
    if (motion.submergedWeightN <= 0) return []
    const bySize = wasCut(lure) ? 2 * Math.log(test.asTested.lengthM / lure.lengthM) : 0
    return test.readings.map(({ seconds }) => ({ test, motion, density, seconds, bySize }))
  })
  if (falls.length === 0) return { ...priorOnly(belief(PRIOR_SD.drag), 'assumed'), residuals: [] }
  const secondsAt = (lnArea: number, { test, motion, density, bySize }: (typeof falls)[number]) =>
    sinkTimeS(
      { submergedWeightN: motion.submergedWeightN, sinkDragAreaM2: Math.exp(lnArea + bySize) },
      density,
      test.lineDiameterM ?? 0,
      test.depthM,
    )
  const found = fit({
    believed: belief(LOOSE * PRIOR_SD.drag),
    predict: ([lnArea = 0]) => falls.map((f) => Math.log(secondsAt(lnArea, f))),
    observed: falls.map((f) => Math.log(f.seconds)),
    readingSd: falls.map((f) => Math.hypot(READING_SD.fall, READING_SD.watchS / f.seconds)),
  })
  return {
    ...found,
    basis: 'fitted',
    n: falls.length,
    residuals: falls.map((f, i) => ({
      label: `${f.test.date}, ${f.test.depthM} m`,
      observed: f.seconds,
      fitted: f.seconds / Math.exp(itemAt(found.residuals, i)),
    })),
  }
}

/** Whether timing its fall tells anything: it must sink, alone or with a head. */
export const canFall = (lure: Lure) => familyOf(lure.family).swims === 'sinks'
