import { familyOf, type Lure } from '../../tackle'
import type { RoleId } from '../../quantity'
import type { Estimate } from '../estimate'
import type { Residual } from '../fit-fall'
import type { Carrying } from '../fit-rest'
import type { LureProfile } from '../lure-profile'
import { sampleOf } from '../sample'
import type { BenchTest } from './kinds'

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
  | 'trolled'
  | 'wound'
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

/** A kind of test beside its form: to which lures it applies, the figure it comes to, and how its readings are drawn. */
export interface TestDefinition {
  readonly applies: (lure: Lure) => boolean
  /** Null where it says nothing of this lure. Untested figures come with the basis that they have. */
  readonly finding: (lure: Lure, known: LureProfile, water: Carrying) => Finding | null
  readonly points: (lure: Lure, known: LureProfile, allTests: readonly BenchTest[]) => SeriesPoints[]
}

export const finding = (figure: Estimate | null, role: RoleId): Finding | null => figure && { ...figure, role }
export const always = () => true
export const swims = (how: 'dives' | 'sinks') => (lure: Lure) => familyOf(lure.family).swims === how
export const bare = (lure: Lure) => ({ lure, mount: { kind: 'own' as const }, trailer: null, massKg: 0 })

/** Readings beside the fit, if there are any. */
export const ofFit = (
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
/** Readings beside their mean. */
export function ofMean(title: SeriesTitle, role: RoleId, values: readonly number[]): SeriesPoints[] {
  const sample = sampleOf(values)
  const residuals = values.map((observed) => ({ label: '', observed, fitted: sample?.mean ?? observed }))
  return ofFit(title, role, residuals, sample?.apart)
}
/** Readings that stand apart by how far they lie from the fit. */
export const apartFromFit = (residuals: readonly Residual[]) =>
  sampleOf(residuals.map((r) => r.observed / r.fitted))?.apart
