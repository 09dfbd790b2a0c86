import { STANDARD_WEIGHTS } from '../../data/standard-weights'

export interface StandardWeight {
  readonly kg: number
  /** The fish whose equation it is. */
  readonly of: string
}

const NAMES: Readonly<Record<string, string>> = { pike: 'northern pike', zander: 'walleye', perch: 'yellow perch' }

/**
 * Standard weight of a fish of a length, m, total; null where no equation is at hand or the fish is shorter than it holds for. Worked example (largemouth
 * bass, 400 mm): log W = −5.528 + 3.273 · log 400 = 2.988, 974 g.
 */
export function standardWeight(speciesId: string, lengthM: number): StandardWeight | null {
  const found = STANDARD_WEIGHTS.find((s) => (s.species as readonly string[]).includes(speciesId))
  const mm = lengthM * 1000
  if (!found || mm < found.fromMm) return null
  return { kg: 10 ** (found.a + found.b * Math.log10(mm)) / 1000, of: found.of }
}

/** Whether the equation is the fish's own or a near relative's. */
export const isRelative = (speciesId: string, of: string): boolean =>
  (NAMES[speciesId] ?? speciesId.replaceAll('-', ' ')) !== of.split(' of ')[0] ||
  speciesId === 'perch' ||
  speciesId === 'zander'

/** Relative weight, per cent of the standard: 100 is a fish in good condition. */
export function relativeWeight(speciesId: string, lengthM: number, massKg: number): number | null {
  const standard = standardWeight(speciesId, lengthM)
  return standard && (100 * massKg) / standard.kg
}

/** What relative weight says of a fish. Bounds are common practice in fisheries work: 95 to 105 is the aim, under 85 thin. */
export function fishCondition(relative: number): 'thin' | 'lean' | 'good' | 'stout' {
  if (relative < 85) return 'thin'
  if (relative < 95) return 'lean'
  return relative <= 105 ? 'good' : 'stout'
}
