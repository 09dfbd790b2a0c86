import type { OfferTest } from '../../core/match'
import type { Conditions, Place } from '../../core/water'

/** From … to, both included. */
export type Band = readonly [number, number]

/** What a guide does on one water, by common practice: what is tied on, how it is worked, on what. Written before the techniques; what is left out is not judged. */
export interface GuideWater {
  readonly name: string
  readonly facts: readonly number[]
  readonly water: Partial<Conditions>
  readonly place?: Partial<Place>
  /** One of the first three is one of these. */
  readonly first: readonly OfferTest[]
  /** None of the first ten is any of these. */
  readonly never: readonly OfferTest[]
  /** How the first that is one of `first` is worked: the technique by id, pace in m/s, rest in s. */
  readonly technique?: readonly string[]
  readonly paceMps?: Band
  readonly restS?: Band
  /** And on what: the rod, strength of line and leader in lb, hook size as a number (2 for #2, −2 for 2/0). */
  readonly rod?: OfferTest
  readonly lineLb?: Band
  readonly leaderLb?: Band
  readonly hook?: Band
  /** Weight on the line, g. */
  readonly grams?: Band
}

export const F = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9
export const of = (...family: string[]) => ({ family }) as OfferTest
export const cover = (kind: Conditions['cover']['kind'], topM: number, density: number) => ({ kind, topM, density })
export const food = (kind: string, lengthM: number) => ({ kind, lengthM })
/** Season by the calendar of a northern water. */
export const day = (monthDay: string) => `2026-${monthDay}`
export const SEA = { salinity: 34 }
