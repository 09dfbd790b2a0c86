import { fitSwing, sampleOf, type LureProfile, type Residual } from '../../../core/bench'
import type { RoleId } from '../../../core/quantity'
import { testsOf, type BenchTest, type Lure, type TestKind } from '../../../core/tackle'
import { GRAVITY_MPS2 } from '../../../core/motion'

/** The readings of all series of a kind, each beside what was fitted to it (or the mean), ready to be drawn. */
export interface SeriesPoints {
  readonly title: string
  readonly role: RoleId
  readonly points: readonly { label: string; observed: number; fitted: number; apart: boolean }[]
}

const ofFit = (
  title: string,
  role: RoleId,
  residuals: readonly Residual[],
  apart: readonly number[],
): SeriesPoints => ({
  title,
  role,
  points: residuals.map((r, i) => ({
    label: String(i + 1),
    observed: r.observed,
    fitted: r.fitted,
    apart: apart.includes(i),
  })),
})
const ofMean = (title: string, role: RoleId, values: readonly number[]): SeriesPoints => {
  const sample = sampleOf(values)
  return ofFit(
    title,
    role,
    values.map((observed) => ({ label: '', observed, fitted: sample?.mean ?? observed })),
    sample?.apart ?? [],
  )
}
/** Readings that stand apart by how far they lie from the fit. */
function apartFromFit(residuals: readonly Residual[]): readonly number[] {
  return sampleOf(residuals.map((r) => r.observed / r.fitted))?.apart ?? []
}

export function seriesPoints(
  kind: TestKind,
  lure: Lure,
  known: LureProfile,
  allTests: readonly BenchTest[] = known.tests,
): SeriesPoints[] {
  const of = <K extends TestKind>(k: K) => testsOf(known.tests, lure.id, k)
  switch (kind) {
    case 'fall': {
      const r = known.fall?.residuals ?? []
      return r.length ? [ofFit('Seconds of fall, and the fit', 'watch', r, apartFromFit(r))] : []
    }
    case 'depth': {
      const r = known.dive?.residuals ?? []
      return r.length ? [ofFit('Running depth, and the fit', 'depth', r, apartFromFit(r))] : []
    }
    case 'rest': {
      const r = known.rest?.residuals ?? []
      return r.length ? [ofFit('Speed at rest (below zero it rises), and the fit', 'restSpeed', r, [])] : []
    }
    case 'cast': {
      const own = of('cast').flatMap((t) => t.readings.map((r) => r.castM))
      const swing = fitSwing([lure], allTests, of('cast')[0]?.rodId ?? null)
      return own.length
        ? [ofMean('Casts, and their mean', 'distance', own)].concat(
            swing.n > own.length ? [ofFit('Casts with this rod, and the fit', 'distance', swing.residuals, [])] : [],
          )
        : []
    }
    case 'weigh':
      return some(
        'Weights, and their mean',
        'lureMass',
        of('weigh').flatMap((t) => t.readings.map((r) => r.massKg)),
      )
    case 'tear':
      return some(
        'Pull at which it tore, and the mean',
        'lineStrength',
        of('tear').flatMap((t) => t.readings.map((r) => (r.volumeM3 * 998 + t.bagKg) * GRAVITY_MPS2)),
      )
    case 'action': {
      const all = of('action').flatMap((t) => t.readings)
      return [
        ...some(
          'Beats a second, and their mean',
          'beats',
          all.map((r) => r.beatsPerS),
        ),
        ...some(
          'Travel of the tail, and the mean',
          'hookGap',
          all.map((r) => r.amplitudeM),
        ),
      ]
    }
    case 'window': {
      const all = of('window').flatMap((t) => t.readings)
      return [
        ...some(
          'Slowest that works, and the mean',
          'lureSpeed',
          all.map((r) => r.slowMps),
        ),
        ...some(
          'Fastest that works, and the mean',
          'lureSpeed',
          all.map((r) => r.fastMps),
        ),
      ]
    }
    case 'damping': {
      const all = of('damping').flatMap((t) => t.readings)
      return some(
        'Beats with the trailer, and the mean',
        'beats',
        all.map((r) => r.withBeatsPerS),
      )
    }
    case 'revival':
      return []
  }
}
const some = (title: string, role: RoleId, values: readonly number[]) =>
  values.length ? [ofMean(title, role, values)] : []
