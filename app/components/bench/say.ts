import type { RoleId } from '../../../core/quantity'
import type { BenchTest } from '../../../core/bench'
import type { HowTo } from './test-form'

export type ReadingRecord = Readonly<Record<string, unknown>>
/** The readings of a series of any kind, field by field. */
export const asRecords = (test: BenchTest) => test.readings as readonly ReadingRecord[]

/** One reading in words: “25 m · 3.4 m”. */
export function sayReading(
  reading: ReadingRecord,
  how: Pick<HowTo, 'readings'>,
  show: (value: number, role: RoleId) => string,
): string {
  return how.readings
    .map((f) => {
      const v = reading[f.key]
      return typeof v === 'number' && f.role ? show(v, f.role) : String(v ?? '')
    })
    .filter(Boolean)
    .join(' · ')
}
