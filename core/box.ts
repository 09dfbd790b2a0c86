import { BenchTest } from './bench/tests/register'
import { TackleBox } from './tackle'
import { z } from './zod'

/** Everything the angler owns, and what was measured of it. */
export const Box = TackleBox.extend({ tests: z.array(BenchTest).max(20_000) })
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
