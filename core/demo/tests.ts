import { READING_SD } from '../../data/bench'
import { DEMO_TESTS } from '../../data/demo/tests'
import { runningDepthM, snapshotState, withDive } from '../bench'
import { LINE_DENSITY } from '../../data/tackle-limits'
import {
  METAL_KG_M3,
  STEADY_WIND,
  depthOnPath,
  motionOf,
  retrievePath,
  sinkTimeS,
  trollingDepth,
  weightInWaterN,
} from '../motion'
import { lureMass, type Lure } from '../tackle'
import { waterFluid } from '../water'

/** A hand that errs the same way each time the demo is opened: a linear congruential generator (Numerical Recipes) and the polar-free normal of Box and Muller. */
function seededHand(seed: number) {
  let state = seed >>> 0
  const even = () => (state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0) / 2 ** 32
  return () => Math.sqrt(-2 * Math.log(even() + 1e-12)) * Math.cos(2 * Math.PI * even())
}

const TEMP_C = 12
const REPEATS = 3
const BENCH_LINE_M = 0.00013
const REST_DISTANCE_M = 0.4

/** Readings of the demo's tests, from what each lure is believed to be, made a little different, and read off with a shaky hand. */
export function demoTests(lures: readonly Lure[], daysBefore: (days: number) => string): unknown[] {
  const normal = seededHand(20_260_612)
  const near = (value: number, share: number) => value * Math.exp(share * normal())
  const rounded = (value: number, to: number) => Math.round(value / to) * to
  const fluid = waterFluid(TEMP_C, 0)
  const { density } = fluid
  const thrice = <T>(one: () => T) => Array.from({ length: REPEATS }, one)
  return DEMO_TESTS.map((test, i) => {
    const lure = lures.find((l) => l.name === test.lure)
    if (!lure) throw new Error(`the demo has no ${test.lure}`)
    const motion = motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: 0 }, density)
    const by = test.by ?? 1
    const common = {
      id: `demo-test-${String(i + 1).padStart(2, '0')}`,
      lureId: lure.id,
      kind: test.kind,
      name: `${test.lure}, ${test.kind}`,
      date: daysBefore(test.daysAgo),
      tempC: TEMP_C,
      salinity: 0,
      withKg: 0,
      asTested: snapshotState(lure),
      notes: test.note ?? '',
    }
    const seen = () => {
      switch (test.kind) {
        case 'weigh':
          return {
            readings: thrice(() => ({ massKg: rounded(near(lureMass(lure).kg * by, 0.004), 1e-5), lengthM: null })),
          }
        case 'fall': {
          const withKg = (test.withG ?? 0) / 1000
          const submergedWeightN = motion.submergedWeightN + weightInWaterN(withKg, METAL_KG_M3.lead, density)
          const sinkDragAreaM2 = motion.sinkDragAreaM2 * by ** 2
          const s = sinkTimeS({ submergedWeightN, sinkDragAreaM2 }, density, BENCH_LINE_M, test.depthM)
          const readings = thrice(() => ({
            seconds: rounded(near(s, READING_SD.fall) + (READING_SD.watchS / 2) * normal(), 0.01),
          }))
          if (test.slip) readings.push({ seconds: rounded(s * 1.75, 0.01) })
          return { withKg, depthM: test.depthM, lineDiameterM: BENCH_LINE_M, readings }
        }
        case 'depth': {
          const cast = { rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM: test.lineMm / 1000, ...fluid }
          const truth = withDive(motion, [Math.log(motion.diveAngleTan * by), Math.log(motion.towDragAreaM2)])
          const readings = test.castsM.map((castM) => ({
            castM,
            depthM: rounded(near(runningDepthM(truth, { ...cast, castM }), test.scatter ?? READING_SD.depth), 0.05),
          }))
          return { lineDiameterM: cast.lineDiameterM, rodTipM: 1, retrieveSpeedMps: 0.8, readings }
        }
        case 'trolled': {
          const line = { diameterM: test.lineMm / 1000, densityKgM3: LINE_DENSITY.mono }
          const truth = withDive(motion, [Math.log(motion.diveAngleTan * by), Math.log(motion.towDragAreaM2)])
          const readings = test.linesOutM.map((lineOutM) => ({
            speedMps: test.speedMps,
            lineOutM,
            depthM: rounded(
              near(trollingDepth(truth, fluid, line, test.speedMps, lineOutM, 1).depthM, READING_SD.depth),
              0.05,
            ),
          }))
          return { lineDiameterM: line.diameterM, rodTipM: 1, readings }
        }
        case 'wound': {
          const { castM, awayM, paceMps } = test
          const readings = test.counts.map((countS) => {
            const path = retrievePath({
              ...STEADY_WIND,
              motion: { ...motion, towDragAreaM2: motion.towDragAreaM2 * by },
              ...fluid,
              castM,
              rodTipM: 1,
              depthM: 100,
              lineDiameterM: test.lineMm / 1000,
              lineDensityKgM3: LINE_DENSITY.mono,
              countDownS: countS,
              retrieveSpeedMps: paceMps,
            })
            const depthM = rounded(near(depthOnPath(path, awayM), READING_SD.depth), 0.05)
            return { castM, countS, awayM, depthM }
          })
          return { lineDiameterM: test.lineMm / 1000, rodTipM: 1, retrieveSpeedMps: paceMps, readings }
        }
        case 'rest': {
          // `by` is the weight in water as grams: below zero it floats.
          const readings = test.addedG.map((grams) => {
            const submergedWeightN = weightInWaterN((by + grams) / 1000, METAL_KG_M3.lead, density)
            const v = Math.sqrt(Math.abs(submergedWeightN) / (0.5 * density * motion.sinkDragAreaM2))
            if (v < 0.008) return { addedKg: grams / 1000, way: 'hangs', seconds: 0 }
            const seconds = rounded(near(REST_DISTANCE_M / v, READING_SD.rest), 0.1)
            return { addedKg: grams / 1000, way: submergedWeightN > 0 ? 'sinks' : 'rises', seconds }
          })
          return { distanceM: REST_DISTANCE_M, readings }
        }
        case 'action':
          return {
            speedMps: test.speedMps,
            readings: thrice(() => ({
              swing: test.swing,
              amplitudeM: rounded(near(test.share * lure.lengthM, 0.06), 0.001),
              beatsPerS: rounded(near(test.beats, 0.04), 0.1),
            })),
          }
        case 'window':
          return {
            readings: thrice(() => ({
              slowMps: rounded(near(test.slow, 0.04), 0.01),
              fastMps: rounded(near(test.fast, 0.04), 0.01),
            })),
          }
        case 'tear':
          return { bagKg: 0.012, readings: thrice(() => ({ volumeM3: rounded(near(test.litres / 1000, 0.07), 2e-5) })) }
        case 'cast':
          return { rodId: test.rodId, readings: thrice(() => ({ castM: rounded(near(test.castM, 0.05), 0.5) })) }
        case 'revival':
          return { readings: test.readings.map(([grams, shimmy]) => ({ hookKg: grams / 1000, shimmy })) }
        case 'damping':
          return {
            trailerId: test.trailerId,
            readings: thrice(() => ({
              bareBeatsPerS: rounded(near(test.bare, 0.03), 0.1),
              withBeatsPerS: rounded(near(test.bare * test.share, 0.03), 0.1),
            })),
          }
      }
    }
    return { ...common, ...seen() }
  })
}
