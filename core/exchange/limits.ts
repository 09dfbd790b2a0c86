import { MOST_IN_BOX } from '../box'

/** How many of each kind can be kept: the same when something is stored, goes out and comes back. */
export const MOST_KEPT = {
  ...MOST_IN_BOX,
  places: 2000,
  waters: 2000,
  photos: 20_000,
  bin: 20_000,
  aside: 200,
  unreadable: 20_000,
  outings: 20_000,
  plans: 500,
} as const

/** The largest files that are read, bytes: told before any of it is read. */
export const LARGEST_FILE = {
  archive: 250_000_000,
  sheet: 30_000_000,
  log: 100_000_000,
  places: 20_000_000,
  sounder: 50_000_000,
} as const

/** What a sheet of rows and columns may hold, so that a page can show it and a person go through it. */
export const MOST_IN_SHEET = { rows: 20_000, columns: 100, lettersInCell: 10_000, lettersInHeading: 200 } as const

/** The largest archive that is written or read, letters: more does not fit into the memory of a page twice. */
export const LARGEST_ARCHIVE = LARGEST_FILE.archive
