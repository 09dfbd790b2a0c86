import { z } from '../zod'
import { Lure } from './lure'
import { BladePart, Head, Hook, Leader, Line, Reel, Rod, Sinker, Terminal, Trailer } from './parts'
import { Rig } from './rig'
import { Tray } from './tray'

/** Everything that lies in the box, and what is tied of it. */
export const TackleBox = z.strictObject({
  lures: z.array(Lure).max(20_000),
  heads: z.array(Head).max(2000),
  hooks: z.array(Hook).max(2000),
  sinkers: z.array(Sinker).max(2000),
  trailers: z.array(Trailer).max(2000),
  leaders: z.array(Leader).max(500),
  lines: z.array(Line).max(500),
  reels: z.array(Reel).max(500),
  rods: z.array(Rod).max(500),
  blades: z.array(BladePart).max(2000),
  terminals: z.array(Terminal).max(2000),
  trays: z.array(Tray).max(1000),
  rigs: z.array(Rig).max(2000),
})
export type TackleBox = z.infer<typeof TackleBox>
