import { ascending, group } from 'd3-array'
import { COATINGS, GLOWS_UNDER_LUX } from '../../data/make'
import { cachedProfile, type LureProfile } from '../bench'
import { colourOf, deliveriesHere, deliveryOf, type Colouring, type DeliveryId, type Lure, type Make } from '../tackle'
import type { Box } from '../box'
import {
  readWater,
  speciesOf,
  underwater,
  windOnCast,
  type Conditions,
  type Place,
  type Reading,
  type Species,
} from '../water'
import type { CountedOn } from './cast-of'
import { throwsIn, type CastOfSetUp } from './throws'
import { flowHere } from './flow'
import { demandOf, type Demand } from './demand'
import { fishAsked, type FishAsked } from './tackle-asked'
import { recordFor, type OwnRecord, type RecordEntry } from './own-record'
import { tackleOptions, type Tackle } from './outfit'
import type { Rule, SideChoice } from './rule'
import { RULES } from './rules'

export interface MatchOptions {
  readonly sides: SideChoice
  /** How many lures to rank, each in its best set-up. */
  readonly limit: number
  readonly rules?: readonly Rule[]
  /** The angler's own log, if it is to be heard. */
  readonly record?: readonly RecordEntry[]
}

/** All that stands still while one water is matched. */
export interface MatchContext {
  readonly c: Conditions
  readonly place: Place
  readonly sides: SideChoice
  readonly species: Species
  readonly reading: Reading
  readonly demand: Demand
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
}

/** @throws Error when the conditions name a species that data/species does not hold */
export function createMatchContext(
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'sides' | 'rules' | 'record'>,
): MatchContext {
  const species = speciesOf(c.speciesId)
  if (!species) throw new Error(`species ${c.speciesId} is not in data/species`)
  const reading = readWater(c, place, species)
  const record = recordFor(options.record ?? [], c)
  const riggings = tackleOptions(box, species, c)
  const demand = demandOf(reading.features, options.sides, options.rules ?? RULES, record)
  return {
    c,
    place,
    sides: options.sides,
    species,
    reading,
    demand,
    riggings,
    outfits: byOutfit(riggings),
    fish: fishAsked(species, c),
    countedOn: countedOn(riggings),
    known: (lure) => cachedProfile(box, lure),
    deliveries: deliveriesMoving(c),
    castM: throwsIn(box, windOnCast(c), { c, reading }),
    contrastOf: contrastsIn(reading, c),
    record,
  }
}

/** Less than this, m/s, swings nothing across. */
const MOVES_MPS = 0.08

/** Ways of fishing allowed here that this water, or the boat on it, can do. */
function deliveriesMoving(c: Conditions): ReadonlySet<DeliveryId> {
  const moves = flowHere(c) >= MOVES_MPS
  return new Set([...deliveriesHere(c)].filter((id) => moves || !deliveryOf(id).moving))
}

/** Riggings of one rod, reel and line together, in their order. */
const byOutfit = (riggings: readonly Tackle[]): Tackle[][] => [...group(riggings, ({ outfit }) => outfit).values()]

function countedOn(riggings: readonly Tackle[]): CountedOn {
  const thick = riggings.map((r) => r.outfit.line.diameterM).sort(ascending)
  return { usualM: thick[thick.length >> 1] ?? 0, thickestM: thick[thick.length - 1] ?? 0 }
}

/** Most looks are level; from straight below every lure is a shadow. */
const LEVEL_SHARE = 0.8

/** Contrast of colourings in the middle of the zone; each is worked out once. */
function contrastsIn({ zone, zoneLux }: Reading, { visibilityM }: Conditions): MatchContext['contrastOf'] {
  const water = underwater({ visibilityM, depthM: (zone.topM + zone.bottomM) / 2, lux: zoneLux })
  const found = new Map<string, number>()
  const dark = zoneLux < GLOWS_UNDER_LUX ? 1 : 0
  return ({ back, flank, belly }, make) => {
    const key = `${back} ${flank} ${belly}`
    let contrast = found.get(key)
    if (contrast === undefined) {
      const sides = [flank, back].map((id) => water.contrast(colourOf(id).hex, colourOf(belly).hex))
      const level = 0.75 * (sides[0]?.level ?? 0) + 0.25 * (sides[1]?.level ?? 0)
      contrast = LEVEL_SHARE * level + (1 - LEVEL_SHARE) * (sides[0]?.up ?? 0)
      found.set(key, contrast)
    }
    const coat = COATINGS[make?.coating ?? 'plain']
    return contrast + (coat.contrast + dark * coat.dark) * (1 - contrast)
  }
}
