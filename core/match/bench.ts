import { testedIn, type Known } from '../bench'
import type { Box, Lure } from '../tackle'
import { readWater, speciesOf, type Conditions, type Place, type Reading, type Species } from '../water'
import { demandOf, type Demand } from './demand'
import { riggingsOf, type Rigging } from './outfit'
import { RULES, type Rule, type SchoolChoice } from './rule'

export interface MatchOptions {
  readonly schools: SchoolChoice
  /** How many lures to rank, each in its best set-up. */
  readonly limit: number
  readonly rules?: readonly Rule[]
}

/** All that stands still while one water is matched. */
export interface Bench {
  readonly c: Conditions
  readonly species: Species
  readonly reading: Reading
  readonly demand: Demand
  /** What the lures may be hung on here. */
  readonly riggings: readonly Rigging[]
  /** What tests say of a lure; null where there are none. */
  readonly known: (lure: Lure) => Known | null
}

/** @throws Error when the conditions name a species that data/species does not hold */
export function benchFor(
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'schools' | 'rules'>,
): Bench {
  const species = speciesOf(c.speciesId)
  if (!species) throw new Error(`species ${c.speciesId} is not in data/species`)
  const reading = readWater(c, place, species)
  const demand = demandOf(reading.facts, options.schools, options.rules ?? RULES)
  return { c, species, reading, demand, riggings: riggingsOf(box, species, c), known: (lure) => testedIn(box, lure) }
}
