import type { BoxKind } from '../../core/exchange'
import type { RigPart } from '../../core/tackle'

/** What each kind of thing in the box is called: one of it, and many. */
export const THINGS = {
  lures: { one: 'lure', many: 'lures' },
  trays: { one: 'tray', many: 'trays' },
  rigs: { one: 'rig', many: 'rigs' },
  rods: { one: 'rod', many: 'rods' },
  reels: { one: 'reel', many: 'reels' },
  lines: { one: 'line', many: 'lines' },
  leaders: { one: 'leader', many: 'leaders' },
  heads: { one: 'head', many: 'heads' },
  hooks: { one: 'hook', many: 'hooks' },
  sinkers: { one: 'sinker', many: 'sinkers' },
  trailers: { one: 'trailer', many: 'trailers' },
  blades: { one: 'blade', many: 'blades' },
  tests: { one: 'bench test', many: 'bench tests' },
  terminals: { one: 'snap or swivel', many: 'snaps, swivels, rings' },
} as const satisfies Record<BoxKind, { one: string; many: string }>

/** What a part of a rig is called. */
export const RIG_PARTS: Readonly<Record<RigPart, string>> = {
  head: 'head',
  hook: 'hook',
  sinker: 'weight',
  trailer: 'trailer',
  terminal: 'snap or swivel',
}
