import { familyOf, testsOf, type BenchTest, type Lure, type TestKind } from '../tackle'
import type { RoleId } from '../quantity'
import { GRAVITY_MPS2, sinkRateMps } from '../motion'
import { waterDensity } from '../water'
import { BAG_WATER_KG_M3 } from './action-scores'
import { isPoor, type Estimate, type Posterior } from './estimate'
import { fitSwing } from './fit-cast'
import { diveDepth } from './fit-dive'
import type { Residual } from './fit-fall'
import { restSpeedIn, type Carrying } from './fit-rest'
import { predictWithInterval } from './least-squares'
import { motionFromProfile, type LureProfile } from './lure-profile'
import { sampleOf } from './sample'

/** What one kind of test comes to for one lure, in one figure that lures can be compared by; words/ says what the figure is. */
export interface Finding extends Estimate {
  readonly role: RoleId
}

/** The readings of all series of a kind, each beside what was fitted to it (or the mean), ready to be drawn. */
export interface SeriesPoints {
  readonly title: SeriesTitle
  readonly role: RoleId
  readonly points: readonly { label: string; observed: number; fitted: number; apart: boolean }[]
}
/** What a series of points shows; words/ says it. */
export type SeriesTitle =
  | 'fall'
  | 'depth'
  | 'rest'
  | 'cast'
  | 'cast-by-rod'
  | 'weight'
  | 'tear'
  | 'beats'
  | 'travel'
  | 'slowest'
  | 'fastest'
  | 'damped'

/** A kind of test: to which lures it applies, the figure it comes to, and how its readings are drawn. */
interface TestDefinition {
  readonly applies: (lure: Lure) => boolean
  /** Null where it says nothing of this lure. Untested figures come with the basis that they have. */
  readonly finding: (lure: Lure, known: LureProfile, water: Carrying) => Finding | null
  readonly points: (lure: Lure, known: LureProfile, allTests: readonly BenchTest[]) => SeriesPoints[]
}

/** A cast on which running depths compare: 0.30 mm line, 25 m, rod tip 1 m up. */
const COMPARED = { castM: 25, rodTipM: 1, retrieveSpeedMps: 0.8, lineDiameterM: 0.0003 } as const
const bare = (lure: Lure) => ({ lure, mount: { kind: 'own' as const }, trailer: null, massKg: 0 })
const densityOf = (water: Carrying) => waterDensity(water.tempC, water.salinity)

const finding = (figure: Estimate | null, role: RoleId): Finding | null => figure && { ...figure, role }
function ofPosterior(p: Posterior, interval: { value: number; low: number; high: number }): Estimate {
  return { ...interval, basis: p.basis, n: p.n, poor: isPoor(p) }
}

const ofFit = (
  title: SeriesTitle,
  role: RoleId,
  residuals: readonly Residual[],
  apart: readonly number[] = [],
): SeriesPoints[] =>
  residuals.length === 0
    ? []
    : [
        {
          title,
          role,
          points: residuals.map((r, i) => ({
            label: String(i + 1),
            observed: r.observed,
            fitted: r.fitted,
            apart: apart.includes(i),
          })),
        },
      ]
function ofMean(title: SeriesTitle, role: RoleId, values: readonly number[]): SeriesPoints[] {
  const sample = sampleOf(values)
  const residuals = values.map((observed) => ({ label: '', observed, fitted: sample?.mean ?? observed }))
  return ofFit(title, role, residuals, sample?.apart)
}
/** Readings that stand apart by how far they lie from the fit. */
const apartFromFit = (residuals: readonly Residual[]) => sampleOf(residuals.map((r) => r.observed / r.fitted))?.apart

const swims = (how: 'dives' | 'sinks') => (lure: Lure) => familyOf(lure.family).swims === how
const always = () => true

const TESTS: Readonly<Record<TestKind, TestDefinition>> = {
  weigh: {
    applies: always,
    finding: (_, known) => finding(known.mass, 'lureMass'),
    points: (lure, { tests }) =>
      ofMean(
        'weight',
        'lureMass',
        testsOf(tests, lure.id, 'weigh').flatMap((t) => t.readings.map((r) => r.massKg)),
      ),
  },
  fall: {
    applies: swims('sinks'),
    finding: (lure, known, water) => {
      const { fall } = known
      const { submergedWeightN } = motionFromProfile(bare(lure), known, water)
      if (!fall || submergedWeightN <= 0) return null
      const ln = predictWithInterval(fall, ([lnArea = 0]) =>
        Math.log(sinkRateMps({ submergedWeightN, sinkDragAreaM2: Math.exp(lnArea) }, densityOf(water))),
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
  depth: {
    applies: swims('dives'),
    finding: (lure, known, water) => {
      const { dive } = known
      if (!dive) return null
      const motion = motionFromProfile(bare(lure), known, water)
      return finding(ofPosterior(dive, diveDepth(dive, motion, { ...COMPARED, density: densityOf(water) })), 'depth')
    },
    points: (_, { dive }) => ofFit('depth', 'depth', dive?.residuals ?? [], apartFromFit(dive?.residuals ?? [])),
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
  tear: {
    applies: (lure) => familyOf(lure.family).body === 'soft',
    finding: (_, known) => finding(known.tear, 'lineStrength'),
    points: (lure, { tests }) =>
      ofMean(
        'tear',
        'lineStrength',
        testsOf(tests, lure.id, 'tear').flatMap((t) =>
          t.readings.map((r) => (r.volumeM3 * BAG_WATER_KG_M3 + t.bagKg) * GRAVITY_MPS2),
        ),
      ),
  },
  cast: {
    applies: always,
    finding: (_, known) => finding(known.cast, 'distance'),
    points: (lure, { tests }, allTests) => {
      const own = testsOf(tests, lure.id, 'cast')
      const casts = own.flatMap((t) => t.readings.map((r) => r.castM))
      const swing = fitSwing([lure], allTests, own[0]?.rodId ?? null)
      return [
        ...ofMean('cast', 'distance', casts),
        ...(casts.length > 0 && swing.n > casts.length ? ofFit('cast-by-rod', 'distance', swing.residuals) : []),
      ]
    },
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
  damping: {
    applies: (lure) => familyOf(lure.family).takesTrailer,
    finding: () => null,
    points: (lure, { tests }) =>
      ofMean(
        'damped',
        'beats',
        testsOf(tests, lure.id, 'damping').flatMap((t) => t.readings.map((r) => r.withBeatsPerS)),
      ),
  },
}

/** Water that figures are compared in unless another is given. */
const PLAIN: Carrying = { tempC: 15, salinity: 0 }

/** The figure of a kind of test, or null where that kind says nothing of this lure. */
export function findingOf(kind: TestKind, lure: Lure, known: LureProfile, water: Carrying = PLAIN): Finding | null {
  return TESTS[kind].finding(lure, known, water)
}

/** The readings of a kind of test as they are drawn. `allTests`: those of other lures, where a rod is fitted over them. */
export function seriesPoints(
  kind: TestKind,
  lure: Lure,
  known: LureProfile,
  allTests: readonly BenchTest[] = known.tests,
): SeriesPoints[] {
  return TESTS[kind].points(lure, known, allTests)
}

/** Kinds of tests that tell something of a lure. */
export function kindsFor(lure: Lure): TestKind[] {
  return (Object.keys(TESTS) as TestKind[]).filter((kind) => TESTS[kind].applies(lure))
}
