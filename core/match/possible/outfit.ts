import {
  BITE_PROOF_M,
  CAST_STRENGTH,
  COVER_PULL,
  KNOT,
  ROD_LURE_SLACK,
  THICKNESS_SEEN,
  STEALTH_BY_MATERIAL,
} from '../../../data/tackle-limits'
import {
  canCast,
  castStrengthN,
  deliveryOf,
  lineInRodRange,
  reelFitsRod,
  techniquesOf,
  weakestN,
  worksOn,
  type Build,
  type DeliveryId,
  type Leader,
  type Rod,
} from '../../tackle'
import type { Box } from '../../box'
import type { Conditions, Species } from '../../water'
import type { Refusal } from '../refusal'
import type { Outfit } from '../setup'

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

/** Rod, reel, line and leader that may be used together in this water. */
export interface Tackle {
  readonly outfit: Outfit
  readonly leader: Leader | null
  readonly stealth: number
}

/** The hard limit that rod, line and leader break here; null where they hold. */
export function rejectionReason(
  { rod, line }: Outfit,
  leader: Leader | null,
  species: Species,
  c: Conditions,
): Refusal | null {
  if (!lineInRodRange(rod, line, leader)) return { code: 'line-off-rod' }
  if (weakestN(line, leader) * KNOT < requiredStrengthN(species, c)) return { code: 'too-weak' }
  if (species.biteProof && !isBiteProof(leader)) return { code: 'not-bite-proof' }
  return null
}

/** Every rigging that breaks no hard limit of strength, rod or teeth; thinnest line first, the riggings of one outfit beside each other. */
export function tackleOptions(box: Box, species: Species, c: Conditions): Tackle[] {
  const outfits = outfitsOf(box).sort((a, b) => a.line.diameterM - b.line.diameterM)
  return outfits.flatMap((outfit) =>
    [null, ...box.leaders]
      .filter((leader) => rejectionReason(outfit, leader, species, c) === null)
      .map((leader) => tackleOf(outfit, leader)),
  )
}

export const tackleOf = (outfit: Outfit, leader: Leader | null): Tackle => ({
  outfit,
  leader,
  stealth: stealthAgreement(outfit, leader),
})

/** Whether a rod bears this weight, thrown or lowered. */
export const bearsMass = (massKg: number, rod: Pick<Rod, 'lureMaxKg'>): boolean =>
  massKg <= rod.lureMaxKg * ROD_LURE_SLACK[1]

/** Whether a rod casts this weight, or a little outside what is printed on it. */
export function rodCanCast(rod: Rod, massKg: number): boolean {
  return massKg >= rod.lureMinKg * ROD_LURE_SLACK[0] && massKg <= rod.lureMaxKg * ROD_LURE_SLACK[1]
}

/**
 * The hard limit that a weight breaks on given tackle in one way of fishing; null where it holds. What is lowered need not load the rod and breaks nothing; what is
 * cast asks for a rod and a reel that cast, and for a line and leader that bear it.
 */
export function workRefusal(
  massKg: number,
  { outfit: { rod, reel, line }, leader }: Pick<Tackle, 'outfit' | 'leader'>,
  delivery: DeliveryId,
): Refusal | null {
  const { thrown } = deliveryOf(delivery)
  if (thrown === 'none') return massKg <= rod.lureMaxKg * ROD_LURE_SLACK[1] ? null : { code: 'rod-cannot-cast' }
  if (!canCast(rod, reel)) return { code: 'lowered-only' }
  if (!rodCanCast(rod, massKg)) return { code: 'rod-cannot-cast' }
  if (thrown === 'cast' && weakestN(line, leader) < CAST_STRENGTH.least * castStrengthN(massKg))
    return { code: 'breaks-on-cast' }
  return null
}

/** Why no way of fishing a lure hooked so can be done with given tackle; null where one can. */
export function buildRefusal(
  { lure, mount, massKg }: Pick<Build, 'lure' | 'mount' | 'massKg'>,
  tackle: Pick<Tackle, 'outfit' | 'leader'>,
  deliveries: ReadonlySet<DeliveryId>,
): Refusal | null {
  const ways = techniquesOf(lure.family).filter(({ delivery }) => deliveries.has(delivery))
  const refusals = ways
    .filter((way) => worksOn(way, mount.kind, lure.traits))
    .map(({ delivery }) => workRefusal(massKg, tackle, delivery))
  return refusals.includes(null) ? null : (refusals[0] ?? null)
}

/** Wire, or fluorocarbon thick enough. */
export function isBiteProof(leader: Leader | null): boolean {
  return leader !== null && (leader.material === 'wire' || leader.diameterM >= BITE_PROOF_M)
}

/** How little of the line a fish sees, 0 … 1. */
export function stealthAgreement({ line }: Outfit, leader: Leader | null): number {
  const seen = leader ?? line
  const { fromM, toM, costs } = THICKNESS_SEEN
  const thickness = Math.min(1, Math.max(0, (seen.diameterM - fromM) / (toM - fromM)))
  return STEALTH_BY_MATERIAL[seen.material] * (1 - costs * thickness)
}
