import { deviation, mean as meanOf, median as medianOf } from 'd3-array'
import { studentQuantile } from '../statistics'

/** Repeats of one measurement: mean, spread, and the band in which the true mean lies 19 times in 20. */
export interface Sample {
  readonly n: number
  readonly mean: number
  /** Standard deviation of one reading; 0 for a single one. */
  readonly sd: number
  /** The mean's band at 95 % (Student's t); equal to the mean for a single reading. */
  readonly low: number
  readonly high: number
  /** Readings that stand apart, by index: shown, never dropped. */
  readonly apart: readonly number[]
  /** Mean without those that stand apart; equal to the mean where none does. */
  readonly without: number
}

export function sampleOf(values: readonly number[]): Sample | null {
  const n = values.length
  const mean = meanOf(values)
  if (mean === undefined) return null
  const sd = deviation(values) ?? 0
  const half = n > 1 ? (studentQuantile(0.975, n - 1) * sd) / Math.sqrt(n) : 0
  const apart = outlierIndices(values)
  const kept = values.filter((_, i) => !apart.includes(i))
  return { n, mean, sd, low: mean - half, high: mean + half, apart, without: meanOf(kept) ?? mean }
}

/** Modified z-score above which a reading stands apart: Iglewicz and Hoaglin (1993), as in the NIST/SEMATECH e-Handbook, 1.3.5.17. */
const APART = 3.5
/** Readings nearer to the median than this share of it never stand apart, however well the others agree: a hand times and paces to some per cent. */
const NEAR = 0.15

/** Indices of readings that stand apart, by modified z-score; needs three readings. */
export function outlierIndices(values: readonly number[]): number[] {
  const median = medianOf(values)
  if (median === undefined || values.length < 3) return []
  const away = values.map((v) => Math.abs(v - median))
  const mad = medianOf(away) ?? 0
  return away.flatMap((d, i) => {
    if (d <= NEAR * Math.abs(median)) return []
    return mad === 0 || (0.6745 * d) / mad > APART ? [i] : []
  })
}
