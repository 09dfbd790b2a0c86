import { RETRIEVES as TABLE } from '../../data/retrieves'
import type { MountKind } from './family'

export interface Retrieve {
  readonly id: string
  readonly name: string
  /** Pull as a place in the lure's speed window, 0 … 1; or a fixed pull of the rod, m/s. One of the two. */
  readonly window?: number
  readonly retrieveSpeedMps?: number
  readonly pullDurationS: number
  readonly pauseS: number
  readonly slack: boolean
  /** 1 goes past the fish … 0 stays with it. */
  readonly passing: number
  /** How deep it is let sink before the work begins. */
  readonly sinkTo: readonly ('surface' | 'zone' | 'bottom')[]
  readonly delivery: 'cast' | 'pitch' | 'vertical'
  readonly mounts?: readonly MountKind[]
}

export const RETRIEVES: readonly Retrieve[] = TABLE
const BY_ID = new Map(RETRIEVES.map((r) => [r.id, r]))

/** @throws Error on an id that data/retrieves does not hold: a family names one that is missing */
export function retrieveOf(id: string): Retrieve {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`retrieve ${id} is not in data/retrieves`)
  return found
}

/** Speed of the pull, m/s. Slow to fast runs evenly in proportion, as the hand does. */
export function pullSpeedMps(retrieve: Retrieve, [slow, fast]: readonly [number, number]): number {
  return retrieve.retrieveSpeedMps ?? slow * (fast / slow) ** (retrieve.window ?? 0.5)
}

/** A drop-shot is only shaken; every other rig is fished in every way that does not name its rigs. */
export function worksOn(retrieve: Retrieve, mount: MountKind): boolean {
  return retrieve.mounts ? retrieve.mounts.includes(mount) : mount !== 'drop-shot'
}
