import type { LureProfile } from '../../bench'
import type { Colouring, DeliveryId, FamilyId, Lure, Make, Technique } from '../../tackle'
import type { Conditions, Place, Reading, Species } from '../../water'
import type { CountedOn } from './cast-of'
import type { Demand, OwnRecord, RecordEntry, Rule, SideChoice } from '../asked'
import type { Tackle } from './outfit'
import type { FishAsked } from './tackle-asked'
import type { CastOfSetUp } from './throws'

export interface MatchOptions {
  readonly sides: SideChoice
  /** How many lures to rank, each in its best set-up. */
  readonly limit: number
  readonly rules?: readonly Rule[]
  /** Techniques of the angler's own, beside those of the register. */
  readonly techniques?: readonly Technique[]
  /** The angler's own log, if it is to be heard. */
  readonly record?: readonly RecordEntry[]
  /** Chance against which scores are set, 0 … 1; where it is left out, that of the best that could be tied on. */
  readonly against?: number
}

/** All that stands still while one water is matched. */
export interface MatchContext {
  readonly c: Conditions
  readonly place: Place
  readonly sides: SideChoice
  readonly species: Species
  readonly reading: Reading
  readonly demand: Demand
  /** The same by the rules of the trade alone. */
  readonly ofTrade: () => Demand
  /** Techniques in which a family is worked: of the register, and the angler's own. */
  readonly techniquesOf: (family: FamilyId) => readonly Technique[]
  /** Ways of fishing that are looked at here. */
  readonly deliveries: ReadonlySet<DeliveryId>
  /** What the lures may be hung on here; and the same by rod, reel and line. */
  readonly riggings: readonly Tackle[]
  readonly outfits: readonly (readonly Tackle[])[]
  /** What fish and cover ask of tackle. */
  readonly fish: FishAsked
  /** What tests say of a lure; null where there are none. */
  readonly known: (lure: Lure) => LureProfile | null
  /** How far a colouring stands out where the fish are, 0 … 1. */
  readonly contrastOf: (colouring: Colouring, make?: Make) => number
  /** Lines by which it is counted down here. */
  readonly countedOn: CountedOn
  /** Length of the cast of a set-up, m. */
  readonly castM: CastOfSetUp
  /** What the angler's own log says of lures in this water. */
  readonly record: OwnRecord
  /** Chance of the best that could be tied on here, by any angler, 0 … 1: scores are set against it. */
  readonly against: () => number
}
