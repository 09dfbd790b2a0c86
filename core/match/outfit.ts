import {
  BITE_PROOF_M,
  COVER_PULL,
  EASY_TURNS,
  KNOT,
  ROD_LINE_SLACK,
  ROD_LURE_SLACK,
  THICKNESS_SEEN,
  STEALTH_BY_MATERIAL,
  WEAK_LINK,
} from '../../data/tackle-limits'
import {
  reelFitsRod,
  rodFit,
  familyOf,
  type Build,
  type Leader,
  type Line,
  type Reel,
  type Retrieve,
  type Rod,
} from '../tackle'
import type { Box } from '../box'
import type { Conditions, Species } from '../water'
import type { Refusal } from './refusal'
import type { Outfit } from './setup'

/** Rod, reel and line that belong together: a casting reel on a casting rod, and the line that is on the reel. */
export function outfitsOf(box: Box): Outfit[] {
  return box.lines.flatMap((line) => {
    const reel = box.reels.find((r) => r.id === line.reelId)
    return reel ? box.rods.filter((rod) => reelFitsRod(rod, reel)).map((rod) => ({ rod, reel, line })) : []
  })
}

/** Pull that the weakest part must stand, N. */
export function requiredStrengthN(species: Species, c: Conditions): number {
  const snaggy = c.cover.kind === 'open' || c.cover.kind === 'clay' ? 0 : c.cover.density
  return species.designPullN * (1 + COVER_PULL * snaggy)
}

/** Rod, reel, line and leader that may be used together in this water, and what of their agreement hangs on no lure. */
export interface Tackle {
  readonly outfit: Outfit
  readonly leader: Leader | null
  readonly stealth: number
  /** Place of the line in the rod's range, and whether the weakest link is where it should be, as a factor. */
  readonly lineInRod: number
  readonly weakLink: number
}

/** The hard limit that rod, line and leader break here; null where they hold. */
export function rejectionReason(
  { rod, line }: Outfit,
  leader: Leader | null,
  species: Species,
  c: Conditions,
): Refusal | null {
  if (!lineInRodRange(rod, line)) return { code: 'line-off-rod' }
  if (Math.min(line.strengthN, leader?.strengthN ?? Infinity) * KNOT < requiredStrengthN(species, c))
    return { code: 'too-weak' }
  if (species.biteProof && !isBiteProof(leader)) return { code: 'not-bite-proof' }
  return null
}

/** Every rigging that breaks no hard limit of strength, rod or teeth, thinnest line first; of leaders worse in every way than another, none. */
export function tackleOptions(box: Box, species: Species, c: Conditions): Tackle[] {
  const outfits = outfitsOf(box).sort((a, b) => a.line.diameterM - b.line.diameterM)
  return outfits.flatMap((outfit) => {
    const possible = [null, ...box.leaders]
      .filter((leader) => rejectionReason(outfit, leader, species, c) === null)
      .map((leader) => tackleOf(outfit, leader))
    return possible.filter((a, i) => !possible.some((b, j) => dominates(b, a, j < i)))
  })
}

export function tackleOf(outfit: Outfit, leader: Leader | null): Tackle {
  const { rod, line } = outfit
  return {
    outfit,
    leader,
    stealth: stealthAgreement(outfit, leader),
    lineInRod: rangeFit(line.strengthN, rod.lineMinN, rod.lineMaxN),
    weakLink: leader && leader.strengthN > line.strengthN * WEAK_LINK.over ? WEAK_LINK.factor : 1,
  }
}

function dominates(b: Tackle, a: Tackle, earlier: boolean): boolean {
  if (b.stealth < a.stealth || b.weakLink < a.weakLink || a === b) return false
  return b.stealth > a.stealth || b.weakLink > a.weakLink || earlier
}

/** Whether a line is within what is printed on a rod, or a little outside. */
export function lineInRodRange(rod: Rod, line: Pick<Line, 'strengthN'>): boolean {
  return line.strengthN >= rod.lineMinN * ROD_LINE_SLACK[0] && line.strengthN <= rod.lineMaxN * ROD_LINE_SLACK[1]
}

/** Whether a rod casts this weight, or a little outside what is printed on it. */
export function rodCanCast(rod: Rod, massKg: number): boolean {
  return massKg >= rod.lureMinKg * ROD_LURE_SLACK[0] && massKg <= rod.lureMaxKg * ROD_LURE_SLACK[1]
}

/** Wire, or fluorocarbon thick enough. */
export function isBiteProof(leader: Leader | null): boolean {
  return leader !== null && (leader.material === 'wire' || leader.diameterM >= BITE_PROOF_M)
}

/** How far the reel's gearing lets the hand wind at the wanted speed with ease, as a factor. A pull of the rod asks nothing of it. */
export function gearRatioFit(reel: Reel, retrieve: Retrieve, retrieveSpeedMps: number): number {
  if (retrieve.window === undefined) return 1
  const turns = retrieveSpeedMps / reel.linePerTurnM
  return turns < EASY_TURNS.least ? EASY_TURNS.slower : turns > EASY_TURNS.most ? EASY_TURNS.faster : 1
}

/** 1 in the middle of a range, a little less at its ends, little outside it. */
function rangeFit(value: number, low: number, high: number): number {
  const place = (value - low) / (high - low)
  return place < 0 || place > 1 ? 0.55 : 1 - 0.25 * Math.abs(place - 0.5)
}

/** Agreement of rod and line with a build, 0 … 1, before the reel is asked. */
export function rodAndLineAgreement(build: Build, { outfit: { rod }, lineInRod, weakLink }: Tackle): number {
  const need = rodFit(familyOf(build.lure.family).rod, rod)
  return (0.5 * need + 0.3 * rangeFit(build.massKg, rod.lureMinKg, rod.lureMaxKg) + 0.2 * lineInRod) * weakLink
}

/** How little of the line a fish sees, 0 … 1. */
export function stealthAgreement({ line }: Outfit, leader: Leader | null): number {
  const seen = leader ?? line
  const { fromM, toM, costs } = THICKNESS_SEEN
  const thickness = Math.min(1, Math.max(0, (seen.diameterM - fromM) / (toM - fromM)))
  return STEALTH_BY_MATERIAL[seen.material] * (1 - costs * thickness)
}
