import { SPECIES as TABLE } from '../../data/species'

export type WaterKind = 'fresh' | 'brackish' | 'salt'

export interface Species {
  readonly id: string
  readonly name: string
  /** Species fished alike share a group. */
  readonly group: string
  readonly waters: readonly WaterKind[]
  readonly isSchooling: boolean
  /** Temperatures, °C: none below the first, full between second and third, none above the fourth. */
  readonly feedingRangeC: readonly [number, number, number, number]
  readonly spawnC: readonly [number, number]
  readonly spawnsOn: 'rising' | 'falling'
  readonly biteProof: boolean
  readonly mouth: 'small' | 'large'
  /** Pull that line and knots must stand for an ordinary fish in open water, N. */
  readonly designPullN: number
  /** What tackle its strength asks for: a row of data/fish-tackle. */
  readonly strength: 'panfish' | 'light' | 'medium' | 'strong' | 'heavy' | 'giant'
  readonly source: { readonly feedingRangeC: string; readonly spawnC: string; readonly designPullN: string }
}

export const SPECIES: readonly Species[] = TABLE

/** The species of an id, or undefined for an id the table does not know. */
export function speciesOf(id: string): Species | undefined {
  return SPECIES.find((s) => s.id === id)
}

/** Practical salinity at which water is called brackish and salt (the Venice system, 1958: 0.5 and 30). */
const BRACKISH_FROM = 0.5
const SALT_FROM = 30

export function waterKind(salinity: number): WaterKind {
  return salinity < BRACKISH_FROM ? 'fresh' : salinity < SALT_FROM ? 'brackish' : 'salt'
}
