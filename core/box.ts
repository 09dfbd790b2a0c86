import { BenchTest } from './bench/tests/kinds'
import { MOST_THINGS, TackleBox } from './tackle'
import { z } from './zod'

/** How many of each kind can be kept. */
export const MOST_IN_BOX = { ...MOST_THINGS, tests: 20_000 } as const

/** Everything the angler owns, and what was measured of it. */
export const Box = TackleBox.extend({ tests: z.array(BenchTest).max(MOST_IN_BOX.tests) })
export type Box = z.infer<typeof Box>

export const EMPTY_BOX: Box = {
  lures: [],
  heads: [],
  hooks: [],
  sinkers: [],
  trailers: [],
  leaders: [],
  lines: [],
  reels: [],
  rods: [],
  blades: [],
  terminals: [],
  trays: [],
  rigs: [],
  tests: [],
}
