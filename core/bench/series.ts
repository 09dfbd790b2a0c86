import { faultOf, type SchemaFault } from '../fault'
import { weighed, type Lure } from '../tackle'
import { BenchTest, type TestKind } from './tests/kinds'
import { snapshotState } from './as-tested'
import { sampleOf } from './sample'

/** What is held fixed in a series, beside lure and kind. */
export type Settings = Readonly<Record<string, unknown>>

/** Reading fields in an angler's words, for what is wrong with them. */
interface SeriesProblem {
  readonly field: string
  readonly fault: SchemaFault
}
export type SeriesResult =
  | { readonly ok: true; readonly test: BenchTest }
  | { readonly ok: false; readonly problems: SeriesProblem[] }

/** A new series with its first reading, or what is wrong with it. */
export function newSeries(given: {
  id: string
  lure: Lure
  kind: TestKind
  called: string
  date: string
  tempC: number
  salinity: number
  settings: Settings
  reading: Settings
}): SeriesResult {
  const { id, lure, kind, called, date, tempC, salinity, settings, reading } = given
  return checked({
    id,
    lureId: lure.id,
    kind,
    name: `${lure.name}, ${called}`,
    date,
    tempC,
    salinity,
    withKg: 0,
    asTested: snapshotState(lure),
    notes: '',
    ...settings,
    readings: [reading],
  })
}

/** A series with one more reading. */
export function withReading(test: BenchTest, reading: Settings): SeriesResult {
  return checked({ ...test, readings: [...test.readings, reading] })
}

/** A series without the reading at a place; null where none is left. */
export function withoutReading(test: BenchTest, at: number): BenchTest | null {
  const readings = (test.readings as unknown[]).filter((_, i) => i !== at)
  return readings.length > 0 ? ({ ...test, readings } as BenchTest) : null
}

function checked(raw: unknown): SeriesResult {
  const parsed = BenchTest.safeParse(raw)
  if (parsed.success) return { ok: true, test: parsed.data }
  const problems = parsed.error.issues.map((issue) => ({
    field: String(issue.path.at(-1) ?? ''),
    fault: faultOf(issue, raw),
  }))
  return { ok: false, problems }
}

/** The lure with the means of a series as its weight and, where it was measured, its length. */
export function weighedBy(lure: Lure, test: BenchTest): Lure {
  if (test.kind !== 'weigh') return lure
  const mass = sampleOf(test.readings.map((r) => r.massKg))
  const length = sampleOf(test.readings.flatMap((r) => r.lengthM ?? []))
  const heavy = mass ? weighed(lure, mass.mean) : lure
  return length ? { ...heavy, lengthM: Math.round(length.mean * 1e4) / 1e4 } : heavy
}

/** Taps of a finger as a pace, beats a second: from the first to the last tap; null before the second. Times in seconds. */
export function paceOf(tapsS: readonly number[]): number | null {
  const [first, last] = [tapsS[0], tapsS[tapsS.length - 1]]
  if (first === undefined || last === undefined || tapsS.length < 2 || last <= first) return null
  return (tapsS.length - 1) / (last - first)
}
