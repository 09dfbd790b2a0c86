import type { Conditions } from '../water'
import type { AlteredInHand, Carried, EntryOf, Way } from './outing'

/** What entries come to, as plain data. */

/** Where on the cover. */
export interface Spot {
  readonly stop: number
  readonly featureId: string
  readonly spotId: string
}

/** What the boat does, as far as it was said. */
export type Boat = Partial<Pick<EntryOf<'boat'>, 'speedMps' | 'lineOutM' | 'side' | 'turn'>>

/** What stays the same for a while: one rig fished in one way at one spot in one water, with the effort and what came of it. */
export interface Stretch {
  /** As it was fished, with what was changed in the hand. */
  readonly carried: Carried
  readonly altered: readonly AlteredInHand[]
  readonly way: Way
  readonly spot: Spot | null
  readonly water: Conditions
  /** Side and turn of a trolled rod; its pace and line out are those of its way. */
  readonly boat: Pick<Boat, 'side' | 'turn'>
  readonly from: string
  readonly to: string
  /** Effort, min: by the clock without the pauses, or the casts times what one takes. */
  readonly minutes: number
  readonly casts: readonly EntryOf<'cast'>[]
  readonly answers: readonly EntryOf<'answer'>[]
}

/** The outing at a moment. */
export interface Account {
  readonly stretches: readonly Stretch[]
  /** The stretch under way; null before the first rig, while pausing, and after the end. */
  readonly current: Stretch | null
  readonly inHand: { readonly carried: Carried; readonly way: Way } | null
  readonly spot: Spot | null
  /** Where casts go at this spot: as the last one did, or as advice that was followed asks; null where nobody says. */
  readonly aim: number | null
  readonly water: Conditions
  readonly boat: Boat
  /** Fish that others caught. */
  readonly companions: readonly EntryOf<'companion'>[]
  readonly paused: boolean
  readonly over: boolean
}
