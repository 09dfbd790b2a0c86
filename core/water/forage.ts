import { itemAt } from '../list'
import { FORAGE as TABLE } from '../../data/forage'

export interface Forage {
  readonly id: string
  readonly name: string
  readonly kind: 'fish' | 'crayfish' | 'shrimp' | 'crab' | 'squid' | 'worm' | 'frog'
  readonly shade: 'silver' | 'olive' | 'brown'
  /** Length of the fully grown, m. */
  readonly asymptoticLengthM: number
  /** Growth coefficient, per year. */
  readonly growthRatePerYear: number
  /** Month of hatching in the north, 1 … 12. */
  readonly hatchMonth: number
  readonly minPreyLengthM: number
  readonly hatchM: number
}

export const FORAGE: readonly Forage[] = TABLE

/** The forage of an id, or undefined for one the table does not know. */
export function forageOf(id: string): Forage | undefined {
  return FORAGE.find((f) => f.id === id)
}

/** Growth stands still at this part of the year, counted from January: late February in the north. */
const WINTER_POINT = 0.15

/**
 * Length at an age by the seasonal growth curve of Somers (1988).
 *
 * @param bornYear when it hatched, as a share of the northern year, 0 … 1
 * @param ageYears ≥ 0
 * @returns m
 * @example lengthAtAge({ asymptoticLengthM: 0.2, growthRatePerYear: 0.5, hatchM: 0 }, 0.4, 1) // one whole year: the plain curve, 0.0787
 */
export function lengthAtAge(
  { asymptoticLengthM, growthRatePerYear, hatchM }: Pick<Forage, 'asymptoticLengthM' | 'growthRatePerYear' | 'hatchM'>,
  bornYear: number,
  ageYears: number,
): number {
  const swing = (t: number) => (growthRatePerYear / (2 * Math.PI)) * Math.sin(2 * Math.PI * (t - WINTER_POINT - 0.5))
  const grown = growthRatePerYear * ageYears + swing(bornYear + ageYears) - swing(bornYear)
  return asymptoticLengthM - (asymptoticLengthM - hatchM) * Math.exp(-grown)
}

const DAYS_BEFORE = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334]

/** Part of the northern year that has passed on a date, 0 … 1; in the south the year begins in July. */
function partOfYear(isoDate: string, latDeg: number): number {
  const month = Number(isoDate.slice(5, 7))
  const day = itemAt(DAYS_BEFORE, month - 1) + Number(isoDate.slice(8, 10)) - 1
  return (day / 365 + (latDeg < 0 ? 0.5 : 0)) % 1
}

const OLDEST_YEARS = 6

/**
 * Usual length of a forage on a day, m: of the youngest brood that hunters bother with. Undefined for a kind the table does not know.
 *
 * @param latDeg degrees north; the southern year is half a year behind
 */
export function forageLengthM(kind: string, isoDate: string, latDeg = 60): number | undefined {
  const forage = forageOf(kind)
  if (!forage) return undefined
  const born = (forage.hatchMonth - 1) / 12
  const sinceHatch = (partOfYear(isoDate, latDeg) - born + 1) % 1
  for (let years = 0; years < OLDEST_YEARS; years++) {
    const lengthM = lengthAtAge(forage, born, sinceHatch + years)
    if (lengthM >= forage.minPreyLengthM) return Math.round(lengthM * 1000) / 1000
  }
  return forage.minPreyLengthM
}
