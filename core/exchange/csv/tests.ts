import Papa from 'papaparse'
import { neutral } from './cells'
import { TEST_KINDS, findingOf, profileFromTests, testsOf, type BenchTest } from '../../bench'
import type { Lure } from '../../tackle'

/** Settings that a series holds fixed, beside what every series has. */
const HEAD = new Set([
  'id',
  'lureId',
  'name',
  'kind',
  'date',
  'tempC',
  'salinity',
  'withKg',
  'asTested',
  'notes',
  'readings',
])

/**
 * Every reading of the lures' tests as one table, SI units in the headings' names (massKg, seconds, depthM …): one row a reading, and after them one row for what
 * each kind comes to, with its band. A spreadsheet reads it as it stands.
 */
export function writeTests(lures: readonly Lure[], tests: readonly BenchTest[]): string {
  const rows = lures.flatMap((lure) => {
    const known = profileFromTests(lure, tests)
    return TEST_KINDS.flatMap((kind) => {
      const series = testsOf(tests, lure.id, kind)
      if (series.length === 0) return []
      const readings = series.flatMap((t) =>
        t.readings.map((reading, i) => ({
          lure: lure.name,
          test: kind,
          row: 'reading',
          date: t.date,
          number: i + 1,
          tempC: t.tempC,
          salinity: t.salinity,
          withKg: t.withKg,
          ...Object.fromEntries(Object.entries(t).filter(([key]) => !HEAD.has(key))),
          ...reading,
          notes: t.notes,
        })),
      )
      const found = findingOf(kind, lure, known)
      const told = found
        ? [
            {
              lure: lure.name,
              test: kind,
              row: 'finding',
              what: found.role,
              value: found.value,
              low: found.low,
              high: found.high,
              basis: found.basis,
              readings: found.n,
              poor: found.poor,
            },
          ]
        : []
      return [...readings, ...told]
    })
  })
  if (rows.length === 0) return ''
  const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))]
  const safe = rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([key, cell]) => [key, typeof cell === 'string' ? neutral(cell) : (cell as unknown)]),
    ),
  )
  return Papa.unparse(safe, { columns, newline: '\n' })
}
