import { z } from '../zod'
import { Lure } from './lure'
import { BladePart, Head, Hook, Leader, Line, Reel, Rod, Sinker, Terminal, Trailer } from './parts'
import { Rig } from './rig'
import { Tray } from './tray'

/** How many of each kind a box can hold. */
export const MOST_THINGS = {
  lures: 20_000,
  heads: 2000,
  hooks: 2000,
  sinkers: 2000,
  trailers: 2000,
  leaders: 500,
  lines: 500,
  reels: 500,
  rods: 500,
  blades: 2000,
  terminals: 2000,
  trays: 1000,
  rigs: 2000,
} as const

/** Everything that lies in the box, and what is tied of it. */
export const TackleBox = z.strictObject({
  lures: z.array(Lure).max(MOST_THINGS.lures),
  heads: z.array(Head).max(MOST_THINGS.heads),
  hooks: z.array(Hook).max(MOST_THINGS.hooks),
  sinkers: z.array(Sinker).max(MOST_THINGS.sinkers),
  trailers: z.array(Trailer).max(MOST_THINGS.trailers),
  leaders: z.array(Leader).max(MOST_THINGS.leaders),
  lines: z.array(Line).max(MOST_THINGS.lines),
  reels: z.array(Reel).max(MOST_THINGS.reels),
  rods: z.array(Rod).max(MOST_THINGS.rods),
  blades: z.array(BladePart).max(MOST_THINGS.blades),
  terminals: z.array(Terminal).max(MOST_THINGS.terminals),
  trays: z.array(Tray).max(MOST_THINGS.trays),
  rigs: z.array(Rig).max(MOST_THINGS.rigs),
})
export type TackleBox = z.infer<typeof TackleBox>
