import { RETRIEVES as TABLE } from '../../data/retrieves'
import { deliveryOf, type DeliveryId } from './delivery'
import type { MountKind } from './family'

export interface Retrieve {
  readonly id: string
  readonly name: string
  /** Pull as a place in the lure's speed window, 0 … 1; or a fixed pull of the rod, m/s. One of the two, or neither where the water sets the pace. */
  readonly window?: number
  readonly retrieveSpeedMps?: number
  readonly pullDurationS: number
  readonly pauseS: number
  readonly slack: boolean
  /** 1 goes past the fish … 0 stays with it. */
  readonly passing: number
  /** How deep it is let sink before the work begins. */
  readonly sinkTo: readonly ('surface' | 'zone' | 'bottom')[]
  readonly delivery: DeliveryId
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

/**
 * Speed of the pull, m/s. Slow to fast runs evenly in proportion, as the hand does.
 *
 * @param flowMps what passes a lure that is held, m/s: it sets the pace where the hand does not
 */
export function pullSpeedMps(retrieve: Retrieve, [slow, fast]: readonly [number, number], flowMps = 0): number {
  if (retrieve.retrieveSpeedMps !== undefined) return retrieve.retrieveSpeedMps
  if (retrieve.window === undefined) return Math.max(STILL_MPS, flowMps)
  return slow * (fast / slow) ** retrieve.window
}
/** What is held in still water hardly moves, m/s. */
const STILL_MPS = 0.02

/** Whether the hand winds it in at a pace of its own: then the reel must be able to. */
export const isWound = (retrieve: Retrieve): boolean =>
  retrieve.window !== undefined && deliveryOf(retrieve.delivery).pace === 'hand'

/** A drop-shot is only shaken; every other rig is fished in every way that does not name its rigs. */
export function worksOn(retrieve: Retrieve, mount: MountKind): boolean {
  return retrieve.mounts ? retrieve.mounts.includes(mount) : mount !== 'drop-shot'
}
