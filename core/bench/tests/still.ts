import { sinkRateMps } from '../../motion'
import { familyOf } from '../../tackle'
import { waterDensity } from '../../water'
import { SHIMMIES } from '../action-scores'
import { ofPosterior } from '../estimate'
import { restSpeedIn } from '../fit-rest'
import { predictWithInterval } from '../least-squares'
import { motionFromProfile } from '../lure-profile'
import { always, apartFromFit, bare, finding, ofFit, ofMean, swims, type TestDefinition } from './definition'
import { choice, formOf, measure, measureOrNone } from './form'
import { testsOf } from './tests-of'

/** Tests of a lure that is weighed or let go. */

export const STILL_FORMS = {
  weigh: formOf(
    {},
    {
      massKg: measure('lureMass', 0.0003, 1, { by: 'scale' }),
      /** Nose to tail, hooks and lip left out; null where only its weight was taken. */
      lengthM: measureOrNone('lureLength', 0.01, 0.5),
    },
  ),
  fall: formOf(
    {
      depthM: measure('depth', 0.1, 30, { start: 2 }),
      withKg: measure('lureMass', 0, 0.5, { start: 0 }),
      lineDiameterM: measureOrNone('lineDiameter', 0.00003, 0.002, { start: 0.00013 }),
    },
    { seconds: measure('watch', 0.05, 600, { by: 'watch' }) },
  ),
  rest: formOf(
    { distanceM: measure('lureLength', 0.05, 10, { start: 0.4 }) },
    {
      /** Weight hung or glued on for this reading, as lead, kg. */
      addedKg: measure('lead', 0, 0.2, { start: 0 }),
      way: choice(['rises', 'hangs', 'sinks'], 'rises'),
      /** Over the whole distance; 0 where it hangs. */
      seconds: measure('watch', 0, 600, { by: 'watch' }),
    },
  ),
  revival: formOf({}, { hookKg: measure('lead', 0, 0.05, { start: 0.001 }), shimmy: choice(SHIMMIES, 'dead') }),
}

export const STILL: Readonly<Record<keyof typeof STILL_FORMS, TestDefinition>> = {
  weigh: {
    applies: always,
    finding: (_, known) => finding(known.mass, 'lureMass'),
    points: (lure, { tests }) =>
      ofMean(
        'weight',
        'lureMass',
        testsOf(tests, lure.id, 'weigh')
          .flatMap((t) => t.readings)
          .map((r) => r.massKg),
      ),
  },
  fall: {
    applies: swims('sinks'),
    finding: (lure, known, water) => {
      const { fall } = known
      const { submergedWeightN } = motionFromProfile(bare(lure), known, water)
      if (!fall || submergedWeightN <= 0) return null
      const ln = predictWithInterval(fall, ([lnArea = 0]) =>
        Math.log(
          sinkRateMps(
            { submergedWeightN, sinkDragAreaM2: Math.exp(lnArea) },
            waterDensity(water.tempC, water.salinity),
          ),
        ),
      )
      const interval = { value: Math.exp(ln.value), low: Math.exp(ln.low), high: Math.exp(ln.high) }
      return finding(ofPosterior(fall, interval), 'lureSpeed')
    },
    points: (_, { fall }) => ofFit('fall', 'watch', fall?.residuals ?? [], apartFromFit(fall?.residuals ?? [])),
  },
  rest: {
    applies: swims('dives'),
    finding: (_, { rest }, water) =>
      rest &&
      finding(
        ofPosterior(
          rest,
          predictWithInterval(rest, (p) => restSpeedIn(rest, water, p)),
        ),
        'restSpeed',
      ),
    points: (_, { rest }) => ofFit('rest', 'restSpeed', rest?.residuals ?? []),
  },
  revival: {
    applies: (lure) => familyOf(lure.family).capabilities?.revives === true,
    finding: (lure, known) => {
      const from = known.revival?.shimmiesFromKg
      if (from === null || from === undefined) return null
      const n = testsOf(known.tests, lure.id, 'revival').flatMap((t) => t.readings).length
      const low = known.revival?.deadToKg ?? 0
      return { value: from, low, high: from, basis: 'measured', n, poor: false, role: 'lead' }
    },
    points: () => [],
  },
}
