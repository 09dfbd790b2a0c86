import { BRAID_OVER, CAST_N_PER_KG, CHAFING, LINE_AGES, MONO_N_PER_MM2, ROD_LINE_SLACK } from '../../data/tackle-limits'
import type { Leader, Line, Reel, Rod } from './parts'

/**
 * Strength of a nylon line as thick as this, N: rods printed in pounds were printed for it. `MONO_N_PER_MM2` times the square of its thickness in mm.
 *
 * @example monoOfThicknessN(0.0003) // 560 · 0.09 = 50 N, a twelve-pound line
 */
export const monoOfThicknessN = (diameterM: number): number => MONO_N_PER_MM2 * (diameterM * 1000) ** 2

/** Thickness of a nylon line of so much strength, m: the inverse of {@link monoOfThicknessN}. */
export const thicknessOfMonoM = (strengthN: number): number => Math.sqrt(strengthN / MONO_N_PER_MM2) / 1000

type Strung = Pick<Line, 'strengthN'> & Partial<Pick<Line, 'material' | 'seasons'>>

/**
 * What a line still holds after its seasons, N: each takes its material's share of what is left, down to what no line falls below.
 *
 * @example lineHoldsN({ strengthN: 50, material: 'mono', seasons: 2 }) // 50 · 0.85² = 36
 */
export const lineHoldsN = ({ strengthN, material = 'braid', seasons = 0 }: Strung): number =>
  strengthN * Math.max(LINE_AGES.least, (1 - LINE_AGES.perSeason[material]) ** seasons)

/** What breaks first, N. */
export const weakestN = (line: Strung, leader: Pick<Leader, 'strengthN'> | null): number =>
  Math.min(lineHoldsN(line), leader?.strengthN ?? Infinity)

/**
 * Length of a line that a spool holds, m, by the square of thicknesses; null where its packet says nothing.
 *
 * @example spoolHoldsM({ holdsM: 150, holdsThickM: 0.0003 }, 0.00015) // 150 · 2² = 600
 */
export const spoolHoldsM = (
  { holdsM, holdsThickM }: Pick<Reel, 'holdsM' | 'holdsThickM'>,
  diameterM: number,
): number | null => (holdsM === undefined || holdsThickM === undefined ? null : holdsM * (holdsThickM / diameterM) ** 2)

/**
 * What a line is to a rod, N, from its thickness to its strength: nylon and fluorocarbon one figure. Braid loads guides and blank by its thickness, and the weakest
 * link is what can break the rod: ten-pound braid as thick as two-pound nylon is at ease on a rod of 2–6 lb.
 */
export function lineAsRated(
  line: Pick<Line, 'material' | 'strengthN' | 'diameterM'>,
  leader: Pick<Leader, 'strengthN'> | null,
): readonly [number, number] {
  if (line.material !== 'braid') return [line.strengthN, line.strengthN]
  const byThickness = monoOfThicknessN(line.diameterM)
  const weakest = weakestN(line, leader)
  return byThickness < weakest ? [byThickness, weakest] : [weakest, byThickness]
}

/** Whether a line is within what is printed on a rod, or a little outside; braid by its thickness or its weakest link, and never far stronger than the rod is made for. */
export function lineInRodRange(
  rod: Pick<Rod, 'lineMinN' | 'lineMaxN'>,
  line: Pick<Line, 'material' | 'strengthN' | 'diameterM'>,
  leader: Pick<Leader, 'strengthN'> | null = null,
): boolean {
  const [low, high] = lineAsRated(line, leader)
  const most = rod.lineMaxN * ROD_LINE_SLACK[1]
  if (high < rod.lineMinN * ROD_LINE_SLACK[0] || low > most) return false
  return line.material !== 'braid' || line.strengthN <= rod.lineMaxN * BRAID_OVER
}

/** The figure nearest the middle of a rod's range that a line can be said to have, N. */
export function lineOnRodN(rod: Pick<Rod, 'lineMinN' | 'lineMaxN'>, asRated: readonly [number, number]): number {
  const middle = (rod.lineMinN + rod.lineMaxN) / 2
  return Math.min(asRated[1], Math.max(asRated[0], middle))
}

/**
 * Strength that a hard cast asks of line and leader, N: a pound for every tenth of an ounce.
 *
 * @example castStrengthN(0.0283) // an ounce: 44 N, ten pounds
 */
export const castStrengthN = (massKg: number): number => CAST_N_PER_KG * massKg

/** Rods made to jig or troll, and reels with an open spool and no brake, are lowered, not cast. */
export function canCast(rod: Pick<Rod, 'purpose'>, reel: Pick<Reel, 'type'>): boolean {
  return rod.purpose === 'all-round' && reel.type !== 'overhead'
}

/** Rock and shell chafe: there a leader stronger than the line makes sense, as it does against teeth. */
export const chafes = (cover: { readonly kind: string }): boolean => CHAFING.some((kind) => kind === cover.kind)
