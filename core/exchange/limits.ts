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
} as const

/** The largest archive that is written or read, letters: more does not fit into the memory of a page twice. */
export const LARGEST_ARCHIVE = 250_000_000
