import type { OfferTest } from '../../core/match'
import type { Conditions, Place } from '../../core/water'

/** A water written down from the facts of the trade (common practice): what must be among the first three set-ups, what must not be among the first ten. */
export interface Scenario {
  readonly name: string
  readonly facts: readonly number[]
  readonly water: Partial<Conditions>
  readonly place?: Partial<Place>
  /** At least one of the first three is one of these. */
  readonly first: readonly OfferTest[]
  /** None of the first ten is any of these. */
  readonly never: readonly OfferTest[]
}

export const f = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9
export const ft = (feet: number) => feet * 0.3048

/** Families, as a test of a set-up. */
export const fam = (...family: string[]): OfferTest => ({ family }) as OfferTest
/** A scenario in short. */
export const on = (
  name: string,
  facts: readonly number[],
  water: Partial<Conditions>,
  first: readonly OfferTest[],
  never: readonly OfferTest[],
  place?: Partial<Place>,
): Scenario => ({ name, facts, water, first, never, ...(place && { place }) })
/** Cover of a kind, with its top so many metres down. */
export const cover = (kind: Conditions['cover']['kind'], topM: number, density: number) => ({ kind, topM, density })
export const forage = (kind: string, lengthM: number) => ({ kind, lengthM })
