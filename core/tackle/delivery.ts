import { DELIVERIES as TABLE, type STANDS } from '../../data/deliveries'

/** A way of fishing: how a lure is brought to the fish. */
export type DeliveryId = (typeof TABLE)[number]['id']
export type StandId = (typeof STANDS)[number]

/** What the match, the rigs and the log know of a way of fishing. */
export interface Delivery {
  readonly id: DeliveryId
  readonly from: readonly StandId[]
  readonly usual: readonly (StandId | null)[]
  /** What rod, reel and line must bear to bring it out. */
  readonly thrown: 'cast' | 'pitch' | 'none'
  /** Who sets the speed of the lure through the water. */
  readonly pace: 'hand' | 'boat' | 'water'
  /** Only where water passes. */
  readonly moving: boolean
  /** What is counted of it. */
  readonly effort: 'cast' | 'drop' | 'drift' | 'pass' | 'wait'
}

const DELIVERIES: readonly Delivery[] = TABLE
export const DELIVERY_IDS = TABLE.map(({ id }) => id) as [DeliveryId, ...DeliveryId[]]
const BY_ID = new Map(DELIVERIES.map((d) => [d.id, d]))

/** @throws Error on an id that data/deliveries does not hold */
export function deliveryOf(id: DeliveryId): Delivery {
  const found = BY_ID.get(id)
  if (!found) throw new Error(`way of fishing ${id} is not in data/deliveries`)
  return found
}

/** Where and how one stands at the water, as far as it decides on the ways of fishing. */
interface Standing {
  readonly stand: StandId | null
  /** Ways the angler allows; null leaves it at the usual ones. */
  readonly deliveries: readonly DeliveryId[] | null
}

/** Ways that can be fished from a stand at all; all of them where nobody says. */
export const deliveriesFrom = (stand: StandId | null): DeliveryId[] =>
  DELIVERIES.filter((d) => stand === null || d.from.includes(stand)).map(({ id }) => id)

/** Ways of fishing that are looked at: those the angler allows, else the usual ones from there. */
export function deliveriesHere({ stand, deliveries }: Standing): ReadonlySet<DeliveryId> {
  const possible = deliveriesFrom(stand)
  const wanted = deliveries ?? DELIVERIES.filter((d) => d.usual.includes(stand)).map(({ id }) => id)
  return new Set(possible.filter((id) => wanted.includes(id)))
}
