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
  if (n === 0) return null
  const mean = meanOf(values)
  const sd = n > 1 ? Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (n - 1)) : 0
  const half = n > 1 ? (studentQuantile(0.975, n - 1) * sd) / Math.sqrt(n) : 0
  const apart = standingApart(values)
  const kept = values.filter((_, i) => !apart.includes(i))
  return { n, mean, sd, low: mean - half, high: mean + half, apart, without: meanOf(kept) }
}

const meanOf = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length

export function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const mid = Math.floor(sorted.length / 2)
  return sorted.length % 2 ? (sorted[mid] ?? NaN) : ((sorted[mid - 1] ?? NaN) + (sorted[mid] ?? NaN)) / 2
}

/** Modified z-score above which a reading stands apart: Iglewicz and Hoaglin (1993), as in the NIST/SEMATECH e-Handbook, 1.3.5.17. */
const APART = 3.5
/** Readings nearer to the median than this share of it never stand apart, however well the others agree: a hand times and paces to some per cent. */
const NEAR = 0.15

/** Indices of readings that stand apart, by modified z-score; needs three readings. */
export function standingApart(values: readonly number[]): number[] {
  if (values.length < 3) return []
  const median = medianOf(values)
  const away = values.map((v) => Math.abs(v - median))
  const mad = medianOf(away)
  return away.flatMap((d, i) => {
    if (d <= NEAR * Math.abs(median)) return []
    return mad === 0 || (0.6745 * d) / mad > APART ? [i] : []
  })
}
