import type { DOINGS } from '../../data/cadences'
import { TECHNIQUE_GROUPS } from '../../data/techniques'
import { bisect } from '../bisect'
import { deliveryOf, type DeliveryId } from './delivery'
import type { MountKind } from './family'
import type { Reel, Rod } from './parts'

/** What a lure does in the rest. */
type Rest = 'hangs' | 'rises' | 'falls' | 'lies'

/** What the hand does with a kind of lure on a kind of rig, delivered in one way. data/techniques says what each figure means. */
export interface Technique {
  readonly id: string
  readonly name: string
  /** What the hand does, in a sentence. */
  readonly how: string
  readonly facts: readonly number[]
  /** Another technique: what rules say of that they say of this one too. */
  readonly speaksAs?: string
  readonly works: {
    readonly families: readonly string[]
    readonly mounts?: readonly MountKind[]
    readonly traits?: Readonly<Record<string, readonly (string | boolean)[]>>
  }
  readonly delivery: DeliveryId
  readonly pace:
    | { readonly window: readonly [slow: number, fast: number] }
    | { readonly mps: readonly [slow: number, usual: number, fast: number] }
    | null
  readonly pullS: number
  readonly restS: readonly [short: number, usual: number, long: number] | null
  readonly rest: Rest | null
  readonly slack: boolean
  /** 1 goes past the fish … 0 stays with it. */
  readonly passing: number
  readonly sinkTo: readonly ('surface' | 'zone' | 'bottom')[]
  readonly at: 'surface' | 'mid water' | 'over the bottom' | 'on the bottom' | 'in cover'
  readonly takes: readonly ('moving' | 'falling' | 'at rest')[]
  readonly beat?: readonly { readonly does: keyof typeof DOINGS; readonly part: number }[]
  /** What it is done with, where that is not what the lure, the fish and the cast ask anyway: strength of line as so many times that, and lengths and powers of rod. */
  readonly tackle?: {
    readonly line?: number
    readonly rodM?: readonly [number, number]
    readonly power?: readonly [Rod['power'], Rod['power']]
    readonly reels?: readonly Reel['type'][]
  }
  /** Rules that reach for it: in what water, of which lures, how strongly. */
  readonly when?: readonly {
    readonly id: string
    readonly when: Readonly<Record<string, unknown>>
    readonly of?: Readonly<Record<string, unknown>>
    readonly weight: number
  }[]
}

export { TECHNIQUE_GROUPS }

export const TECHNIQUES: readonly Technique[] = TECHNIQUE_GROUPS.flatMap(
  (group): readonly Technique[] => group.techniques,
)
const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]))
export const findTechnique = (id: string): Technique | null => BY_ID.get(id) ?? null

/** @throws Error on an id that data/techniques does not hold */
export function techniqueOf(id: string): Technique {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`technique ${id} is not in data/techniques`)
  return found
}

const BY_FAMILY = new Map<string, readonly Technique[]>()
/** Techniques in which a family is worked, in the order of the register. */
export function techniquesOf(family: string): readonly Technique[] {
  const known = BY_FAMILY.get(family)
  if (known) return known
  const found = TECHNIQUES.filter(({ works }) => works.families.includes(family))
  BY_FAMILY.set(family, found)
  return found
}

/** How far from its slow end to its fast end a technique is worked, and from its shortest rest to its longest; each 0 … 1. */
export interface Tempo {
  readonly tempo: number
  readonly patience: number
}

/** A technique as the hand does it: its tempo and patience, and what they come to. */
export interface Work extends Tempo {
  readonly technique: Technique
  /** Pace of the pull, m/s. */
  readonly paceMps: number
  /** Rest after it, s. */
  readonly restS: number
}

/** Between three marks, in even proportions; 1 is added to rests, which may be 0. Example: 0.12, 0.2, 0.35 at 0.75: 0.2 · (0.35/0.2)^0.5 = 0.26. */
function between([low, middle, high]: readonly [number, number, number], at: number, plus = 0): number {
  const [from, to, part] = at < 0.5 ? [low, middle, 2 * at] : [middle, high, 2 * at - 1]
  return (from + plus) * ((to + plus) / (from + plus)) ** part - plus
}

/**
 * Pace of the pull, m/s.
 *
 * @param speedMps the lure's own window: the slowest and the fastest at which it works
 * @param flowMps what passes a lure that is held, m/s: it sets the pace where the hand does not
 */
function paceAt(
  { pace, delivery }: Technique,
  tempo: number,
  [slow, fast]: readonly [number, number],
  flowMps = 0,
): number {
  if (pace === null) return Math.max(STILL_MPS, flowMps)
  // A boat draws nothing faster than it swims.
  if ('mps' in pace) {
    const asked = between(pace.mps, tempo)
    return deliveryOf(delivery).pace === 'boat' ? Math.min(fast, Math.max(slow, asked)) : asked
  }
  const [from, to] = pace.window
  return slow * (fast / slow) ** (from + (to - from) * tempo)
}
/** What is held in still water hardly moves, m/s. */
const STILL_MPS = 0.02

/** Length of the rest, s, 0 where there is none. */
const restAt = ({ restS }: Technique, patience: number): number => (restS ? between(restS, patience, 1) : 0)

/** A technique at a tempo and a patience; see {@link paceAt} for the rest. */
export const workAt = (
  technique: Technique,
  { tempo, patience }: Tempo,
  speedMps: readonly [number, number],
  flowMps = 0,
): Work => ({
  technique,
  tempo,
  patience,
  paceMps: paceAt(technique, tempo, speedMps, flowMps),
  restS: restAt(technique, patience),
})

/** Tempo at which a technique has a pace, as near as its range goes; 0.5 where it has none of its own. */
export const tempoFor = (technique: Technique, mps: number, speedMps: readonly [number, number]): number =>
  technique.pace === null ? USUAL : placeOf((tempo) => paceAt(technique, tempo, speedMps), mps)

/** Patience at which it rests so long, s, as near as its range goes; 0.5 where it has no rest. */
export const patienceFor = (technique: Technique, seconds: number): number =>
  technique.restS === null ? USUAL : placeOf((patience) => restAt(technique, patience), seconds)
const USUAL = 0.5

function placeOf(rising: (at: number) => number, wanted: number): number {
  if (wanted <= rising(0)) return 0
  if (wanted >= rising(1)) return 1
  return bisect((at) => rising(at) < wanted, 0, 1)
}

/** Whether the hand winds it in at a pace of its own: then the reel must be able to. */
export const isWound = ({ pace, delivery }: Technique): boolean =>
  pace !== null && 'window' in pace && deliveryOf(delivery).pace === 'hand'

/** Whether a lure hooked so is worked in a technique: only a drop-shot's own are for it. */
export function worksOn({ works }: Technique, mount: MountKind, traits: Readonly<Record<string, unknown>>): boolean {
  if (works.mounts ? !works.mounts.includes(mount) : mount === 'drop-shot') return false
  return Object.entries(works.traits ?? {}).every(([name, wanted]) =>
    (wanted as readonly unknown[]).includes(traits[name]),
  )
}
