import { rodSuits, familyOf, type Box, type Build, type Leader, type Reel, type Retrieve } from '../tackle'
import type { Conditions, Species } from '../water'
import type { Outfit } from './setup'

/** Rod, reel and line that belong together: a casting reel on a casting rod, and the line that is on the reel. */
export function outfitsOf(box: Box): Outfit[] {
  return box.lines.flatMap((line) => {
    const reel = box.reels.find((r) => r.id === line.reelId)
    return reel ? box.rods.filter((rod) => rod.type === reel.type).map((rod) => ({ rod, reel, line })) : []
  })
}

/** A rod throws a little outside what is printed on it; beyond this it is not asked to. Common practice. */
const LURE_SLACK = [0.8, 1.2] as const
const LINE_SLACK = [0.8, 1.25] as const
/** Knots and wear leave this share of a line's printed strength. */
const KNOT = 0.75
/** Cover asks for more line: twice as much in the thickest. */
const COVER_PULL = 1

/** Pull that the weakest part must stand, N. */
export function pullNeededN(species: Species, c: Conditions): number {
  const snaggy = c.cover.kind === 'open' || c.cover.kind === 'clay' ? 0 : c.cover.density
  return species.strikeN * (1 + COVER_PULL * snaggy)
}

export type OutReason = 'too-light-for-rod' | 'too-heavy-for-rod' | 'line-outside-rod' | 'line-too-weak' | 'needs-bite-proof-leader'

/** The hard limit that an outfit breaks with this build, or null. */
export function outfitLimit(
  build: Build,
  { rod, line }: Outfit,
  leader: Leader | null,
  species: Species,
  c: Conditions,
): OutReason | null {
  if (build.massKg < rod.lureMinKg * LURE_SLACK[0]) return 'too-light-for-rod'
  if (build.massKg > rod.lureMaxKg * LURE_SLACK[1]) return 'too-heavy-for-rod'
  if (line.strengthN < rod.lineMinN * LINE_SLACK[0] || line.strengthN > rod.lineMaxN * LINE_SLACK[1]) return 'line-outside-rod'
  const weakest = Math.min(line.strengthN, leader?.strengthN ?? Infinity)
  if (weakest * KNOT < pullNeededN(species, c)) return 'line-too-weak'
  if (species.biteProof && !isBiteProof(leader)) return 'needs-bite-proof-leader'
  return null
}

/** Wire, or fluorocarbon from 0.7 mm up (common practice). */
export function isBiteProof(leader: Leader | null): boolean {
  return leader !== null && (leader.material === 'wire' || leader.diameterM >= 0.0007)
}

/** Handle turns a second that a hand keeps up without thinking. */
const EASY_TURNS = [0.3, 2.4] as const

/** How far the reel's gearing lets the hand wind at the wanted speed with ease, as a factor. A pull of the rod asks nothing of it. */
export function reelEase(reel: Reel, retrieve: Retrieve, pullMps: number): number {
  if (retrieve.window === undefined) return 1
  const turns = pullMps / reel.linePerTurnM
  return turns < EASY_TURNS[0] ? 0.8 : turns > EASY_TURNS[1] ? 0.7 : 1
}

/** Agreement of rod and line with a build, 0 … 1, before the reel is asked. */
export function rodAndLineAgreement(build: Build, { rod, line }: Outfit, leader: Leader | null): number {
  const need = rodSuits(familyOf(build.lure.family).rod, rod)
  const within = (value: number, low: number, high: number) => {
    const place = (value - low) / (high - low)
    return place < 0 || place > 1 ? 0.55 : 1 - 0.25 * Math.abs(place - 0.5)
  }
  const weakLink = leader && leader.strengthN > line.strengthN * 1.1 ? 0.85 : 1
  return (
    (0.5 * need +
      0.3 * within(build.massKg, rod.lureMinKg, rod.lureMaxKg) +
      0.2 * within(line.strengthN, rod.lineMinN, rod.lineMaxN)) *
    weakLink
  )
}

/** How little of the line a fish sees, 0 … 1. Common practice: fluorocarbon, mono, wire, bare braid. */
const UNSEEN = { fluoro: 1, mono: 0.75, braid: 0.25, wire: 0.4 } as const
const THIN_M = 0.00025
const THICK_M = 0.0007

export function stealthAgreement({ line }: Outfit, leader: Leader | null): number {
  const seen = leader ?? line
  const thickness = Math.min(1, Math.max(0, (seen.diameterM - THIN_M) / (THICK_M - THIN_M)))
  return UNSEEN[seen.material] * (1 - 0.35 * thickness)
}
