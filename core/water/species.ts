import { SPECIES as TABLE } from '../../data/species'

export interface Species {
  readonly id: string
  readonly name: string
  /** Temperatures, °C: none below the first, full between second and third, none above the fourth. */
  readonly activeC: readonly [number, number, number, number]
  readonly spawnC: readonly [number, number]
  readonly spawnsOn: 'rising' | 'falling'
  readonly biteProof: boolean
  readonly mouth: 'small' | 'large'
  /** Pull that line and knots must stand for an ordinary fish in open water, N. */
  readonly strikeN: number
  readonly source: string
}

export const SPECIES: readonly Species[] = TABLE

/** The species of an id, or undefined for an id the table does not know. */
export function speciesOf(id: string): Species | undefined {
  return SPECIES.find((s) => s.id === id)
}
