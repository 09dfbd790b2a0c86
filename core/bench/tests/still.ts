import { sinkRateMps } from '../../motion'
import { familyOf } from '../../tackle'
import { waterDensity } from '../../water'
import { ofPosterior } from '../estimate'
import { restSpeedIn } from '../fit-rest'
import { predictWithInterval } from '../least-squares'
import { motionFromProfile } from '../lure-profile'
import { always, apartFromFit, bare, finding, ofFit, ofMean, swims, type TestDefinition } from './definition'
import type { STILL_FORMS } from './kinds'
import { testsOf } from './tests-of'

/** Tests of a lure that is weighed or let go. */

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
