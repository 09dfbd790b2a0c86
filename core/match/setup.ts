import type { Build, Leader, Line, Reel, Rod, Work } from '../tackle'

/** Rod, reel and the line on it. */
export interface Outfit {
  readonly rod: Rod
  readonly reel: Reel
  readonly line: Line
}

/** How it is fished. */
export interface WorkSettings extends Work {
  readonly countDownS: number
  readonly rodTipM: number
}

/** Everything between the angler's hand and the hook, and what the hand does. */
export interface SetUp {
  readonly build: Build
  readonly outfit: Outfit
  readonly leader: Leader | null
  readonly handling: WorkSettings
}

/** Stable name of the way a lure is hooked. */
function mountKey(mount: Build['mount']): string {
  if (mount.kind === 'own') return 'own'
  if (mount.kind === 'head') return mount.head.id
  return `${mount.kind}:${mount.hook.id}${'sinker' in mount ? `:${mount.sinker?.id ?? ''}` : ''}`
}

/** Stable name of a set-up: same parts, same key. Used for ties and for lists on screen. */
export function setUpKey({ build, outfit, leader, handling }: SetUp): string {
  return [
    build.lure.id,
    mountKey(build.mount),
    build.trailer?.id ?? '',
    ...(build.anchor ? [`three-way:${build.anchor.id}`] : []),
    ...(build.clip ? [`clip:${build.clip.id}`] : []),
    leader?.id ?? '',
    outfit.line.id,
    outfit.rod.id,
    handling.technique.id,
    handling.tempo.toFixed(2),
    handling.patience.toFixed(2),
    handling.countDownS,
    handling.rodTipM,
  ].join('|')
}
