import { FORAGE as TABLE } from '../../data/forage'

export interface Forage {
  readonly id: string
  readonly name: string
  readonly shade: 'silver' | 'olive' | 'brown'
  /** Usual length by month, January first, m. */
  readonly lengthM: readonly number[]
}

export const FORAGE: readonly Forage[] = TABLE

/** Usual length of a forage in the month of a date, m; undefined for a kind the table does not know. */
export function forageLengthM(kind: string, isoDate: string): number | undefined {
  return FORAGE.find((f) => f.id === kind)?.lengthM[Number(isoDate.slice(5, 7)) - 1]
}
