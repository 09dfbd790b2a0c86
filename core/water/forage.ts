import { itemAt } from '../list'
import { FORAGE as TABLE } from '../../data/forage'

/** Builds of prey: thin as a needle, slim, deep-bodied; with claws or a tail that beats; crawling or swimming insects and worms; frogs. */
export const FORAGE_SHAPES = ['needle', 'slim', 'deep', 'crustacean', 'insect', 'frog'] as const
type ForageShape = (typeof FORAGE_SHAPES)[number]

export interface Forage {
  readonly id: string
  readonly name: string
  readonly kind: 'fish' | 'crayfish' | 'shrimp' | 'crab' | 'squid' | 'worm' | 'frog'
  /** How it is built. */
  readonly shape: ForageShape
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

/** Fish grow from early April to late October where there is a winter, all the year round towards the tropics; parts of the northern year. */
const GROWS = { from: 0.27, until: 0.81 } as const
const COLD_DEG = 45
const WARM_DEG = 25

/** Growth up to a time, in years of growth: flat while it is cold, one for every whole year. */
function grownBy(year: number, cold: number): number {
  const whole = Math.floor(year)
  const part = Math.min(1, Math.max(0, (year - whole - GROWS.from) / (GROWS.until - GROWS.from)))
  const seasonal = whole + part - Math.sin(2 * Math.PI * part) / (2 * Math.PI)
  return cold * seasonal + (1 - cold) * year
}

/**
 * Length at an age: von Bertalanffy's curve with a season without growth, as Pauly and others (1992) have it; the hump of the growing season is assumed.
 *
 * @param bornYear when it hatched, as a share of the northern year, 0 … 1
 * @param ageYears ≥ 0
 * @returns m
 * @param latDeg degrees; south is the same half a year later
 * @example lengthAtAge({ asymptoticLengthM: 0.2, growthRatePerYear: 0.5, hatchM: 0 }, 0.4, 1, 60) // one whole year: the plain curve, 0.0787
 */
export function lengthAtAge(
  { asymptoticLengthM, growthRatePerYear, hatchM }: Pick<Forage, 'asymptoticLengthM' | 'growthRatePerYear' | 'hatchM'>,
  bornYear: number,
  ageYears: number,
  latDeg: number,
): number {
  const cold = Math.min(1, Math.max(0, (Math.abs(latDeg) - WARM_DEG) / (COLD_DEG - WARM_DEG)))
  const grown = growthRatePerYear * (grownBy(bornYear + ageYears, cold) - grownBy(bornYear, cold))
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
/** A grown one has reached so much of its greatest length. */
const GROWN = 0.75

/** Usual length of a grown one, m; undefined for a kind the table does not know. */
export const adultLengthM = (kind: string): number | undefined => {
  const forage = forageOf(kind)
  return forage && Math.round(GROWN * forage.asymptoticLengthM * 1000) / 1000
}

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
    const lengthM = lengthAtAge(forage, born, sinceHatch + years, latDeg)
    if (lengthM >= forage.minPreyLengthM) return Math.round(lengthM * 1000) / 1000
  }
  return forage.minPreyLengthM
}
