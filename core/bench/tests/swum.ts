import { familyOf } from '../../tackle'
import { waterFluid } from '../../water'
import { ofPosterior } from '../estimate'
import { diveDepth, withDive } from '../fit-dive'
import { withPull } from '../fit-pull'
import { predictWithInterval } from '../least-squares'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import {
  STEADY_WIND,
  depthOnPath,
  retrievePath,
  sinkTimeS,
  trollingDepth,
  type BuildMotion,
  type Fluid,
} from '../../motion'
import { motionFromProfile, trolledMotion } from '../lure-profile'
import { always, apartFromFit, bare, finding, ofFit, ofMean, swims, type TestDefinition } from './definition'
import type { SWUM_FORMS } from './kinds'
import { testsOf } from './tests-of'

/** Tests of a lure that is drawn through the water. */

/** A cast on which running depths compare: 0.30 mm line, 25 m, rod tip 1 m up. */
const COMPARED_BOAT = {
  speedMps: 1,
  lineOutM: 30,
  line: { diameterM: 0.0003, densityKgM3: LINE_DENSITY.mono },
} as const
const COMPARED = { castM: 25, rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM: 0.0003 } as const

/** Depth half-way home: counted to 3 m on a cast of 25 m, wound at 0.8 m/s on 0.20 mm line. */
function halfWayM(motion: BuildMotion, fluid: Fluid): number {
  const lineDiameterM = 0.0002
  const path = retrievePath({
    ...STEADY_WIND,
    motion,
    ...fluid,
    castM: 25,
    lineDiameterM,
    lineDensityKgM3: LINE_DENSITY.mono,
    rodTipM: 1,
    depthM: 100,
    countDownS: sinkTimeS(motion, fluid.density, lineDiameterM, 3),
    retrieveSpeedMps: 0.8,
  })
  return depthOnPath(path, 12.5)
}

export const SWUM: Readonly<Record<keyof typeof SWUM_FORMS, TestDefinition>> = {
  depth: {
    applies: swims('dives'),
    finding: (lure, known, water) => {
      const { dive } = known
      if (!dive) return null
      const motion = motionFromProfile(bare(lure), known, water)
      const fluid = waterFluid(water.tempC, water.salinity)
      return finding(ofPosterior(dive, diveDepth(dive, motion, { ...COMPARED, ...fluid })), 'depth')
    },
    points: (_, { dive }) => ofFit('depth', 'depth', dive?.residuals ?? [], apartFromFit(dive?.residuals ?? [])),
  },
  trolled: {
    applies: (lure) => familyOf(lure.family).swims !== 'surface',
    finding: (lure, known, water) => {
      const fitted = known.troll ?? known.pull
      const motion = trolledMotion(known, motionFromProfile(bare(lure), known, water))
      if (!fitted || fitted.n === 0) return null
      const { speedMps, lineOutM, line } = COMPARED_BOAT
      const fluid = waterFluid(water.tempC, water.salinity)
      const depthOf = (p: readonly number[]) =>
        trollingDepth(known.troll ? withDive(motion, p) : withPull(motion, p), fluid, line, speedMps, lineOutM, 1)
          .depthM
      const depth = predictWithInterval(fitted, depthOf)
      return finding(ofPosterior(fitted, { ...depth, low: Math.max(0, depth.low) }), 'depth')
    },
    points: (_, { troll, pull }) => {
      const residuals = (troll ?? pull)?.residuals ?? []
      return ofFit('trolled', 'depth', residuals, apartFromFit(residuals))
    },
  },
  wound: {
    applies: swims('sinks'),
    finding: (lure, known, water) => {
      const { pull } = known
      if (!pull || pull.n === 0) return null
      const motion = motionFromProfile(bare(lure), known, water)
      const fluid = waterFluid(water.tempC, water.salinity)
      const depth = predictWithInterval(pull, (p) => halfWayM(withPull(motion, p), fluid))
      return finding(ofPosterior(pull, { ...depth, low: Math.max(0, depth.low) }), 'depth')
    },
    points: (_, { pull }) => ofFit('wound', 'depth', pull?.residuals ?? [], apartFromFit(pull?.residuals ?? [])),
  },
  action: {
    applies: always,
    finding: (_, known) => finding(known.action?.beatsPerS ?? null, 'beats'),
    points: (lure, { tests }) => {
      const all = testsOf(tests, lure.id, 'action').flatMap((t) => t.readings)
      return [
        ...ofMean(
          'beats',
          'beats',
          all.map((r) => r.beatsPerS),
        ),
        ...ofMean(
          'travel',
          'hookGap',
          all.map((r) => r.amplitudeM),
        ),
      ]
    },
  },
  window: {
    applies: always,
    finding: (_, known) => finding(known.window.slow, 'lureSpeed'),
    points: (lure, { tests }) => {
      const all = testsOf(tests, lure.id, 'window').flatMap((t) => t.readings)
      return [
        ...ofMean(
          'slowest',
          'lureSpeed',
          all.map((r) => r.slowMps),
        ),
        ...ofMean(
          'fastest',
          'lureSpeed',
          all.map((r) => r.fastMps),
        ),
      ]
    },
  },
  damping: {
    applies: (lure) => familyOf(lure.family).takesTrailer,
    finding: () => null,
    points: (lure, { tests }) =>
      ofMean(
        'damped',
        'beats',
        testsOf(tests, lure.id, 'damping')
          .flatMap((t) => t.readings)
          .map((r) => r.withBeatsPerS),
      ),
  },
}
