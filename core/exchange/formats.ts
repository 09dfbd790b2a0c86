import type { Lure } from '../tackle'
import type { Box } from '../box'
import type { BenchTest } from '../bench'
import type { Place } from '../water'
import type { Entry, Outing } from '../outing'
import type { ArchiveContent } from './box-file'
import type { PackRow, PlanCalendar } from './plan-out'

/** A kind of file that leaves the app: what it is called, its type, and how it is written. */
export interface ExportFormat<Input> {
  readonly extension: string
  readonly mime: string
  /** Name of the file without its extension; `label`: what it is of, `day`: an ISO date. */
  readonly stem: (label: string, day: string) => string
  /** What writes it is fetched when something leaves. */
  readonly write: (input: Input) => Promise<string>
}

const format = <Input>(of: ExportFormat<Input>): ExportFormat<Input> => of
/** Spreadsheets take a file for UTF-8 when it begins with this mark. */
const BYTE_ORDER_MARK = '\uFEFF'
const CSV = 'text/csv;charset=utf-8'

/** Every format in which something leaves, one row each. */
export const FORMATS = {
  archive: format<ArchiveContent>({
    extension: 'json',
    mime: 'application/json',
    stem: (_, day) => `ygrion-${day}`,
    write: async (content) => (await import('./box-file')).writeArchive(content),
  }),
  lures: format<Box>({
    extension: 'csv',
    mime: CSV,
    stem: (_, day) => `ygrion-lures-${day}`,
    write: async (box) => `${BYTE_ORDER_MARK}${(await import('./csv')).writeLures(box)}`,
  }),
  tests: format<{ readonly lures: readonly Lure[]; readonly tests: readonly BenchTest[] }>({
    extension: 'csv',
    mime: CSV,
    stem: (label) => `${label} tests`,
    write: async ({ lures, tests }) => (await import('./csv')).writeTests(lures, tests),
  }),
  log: format<readonly Outing[]>({
    extension: 'csv',
    mime: CSV,
    stem: (_, day) => `ygrion-log-${day}`,
    write: async (outings) => (await import('./outings-out')).writeOutings(outings),
  }),
  'log-json': format<readonly Outing[]>({
    extension: 'json',
    mime: 'application/json',
    stem: (_, day) => `ygrion-log-${day}`,
    write: async (outings) => (await import('./outings-json')).writeOutingsJson(outings),
  }),
  calendar: format<PlanCalendar>({
    extension: 'ics',
    mime: 'text/calendar;charset=utf-8',
    stem: (label) => label,
    write: async (calendar) => (await import('./plan-out')).writeCalendar(calendar),
  }),
  packing: format<readonly PackRow[]>({
    extension: 'csv',
    mime: CSV,
    stem: (label) => `${label} packing`,
    write: async (rows) => `${BYTE_ORDER_MARK}${(await import('./plan-out')).writePacking(rows)}`,
  }),
  track: format<{ readonly outing: Outing; readonly nameOf: (entry: Entry) => string }>({
    extension: 'gpx',
    mime: 'application/gpx+xml',
    stem: (label) => `${label} track`,
    write: async (track) => (await import('./gpx')).writeTrack(track),
  }),
  places: format<readonly Place[]>({
    extension: 'gpx',
    mime: 'application/gpx+xml',
    stem: () => 'places',
    write: async (places) => (await import('./gpx')).writeGpx(places),
  }),
} as const
