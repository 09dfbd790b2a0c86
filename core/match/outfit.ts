import { JOINT_LIMITS } from '../../data/joints'
import {
  BITE_PROOF_M,
  CAST_STRENGTH,
  COVER_PULL,
  EASY_TURNS,
  HOOK_ON_ROD,
  KNOT,
  OVERGUNNED,
  ROD_LURE_SLACK,
  THICKNESS_SEEN,
  STEALTH_BY_MATERIAL,
  WEAK_LINK,
  WIRE_UNASKED,
} from '../../data/tackle-limits'
import {
  ROD_POWERS,
  canCast,
  castStrengthN,
  chafes,
  deliveryOf,
  familyOf,
  isWound,
  lineAsRated,
  lineInRodRange,
  lineOnRodN,
  reelFitsRod,
  techniquesOf,
  rodFit,
  weakestN,
  worksOn,
  type Build,
  type DeliveryId,
  type Leader,
  type Reel,
  type Work,
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
  /** How far its strength is what fish and cover ask for, and not many times that, and no wire where no teeth are, as a factor. */
  readonly measure: number
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

/** Every rigging that breaks no hard limit of strength, rod or teeth, thinnest line first; of leaders worse in every way than another, none. */
export function tackleOptions(box: Box, species: Species, c: Conditions): Tackle[] {
  const outfits = outfitsOf(box).sort((a, b) => a.line.diameterM - b.line.diameterM)
  const asks = tackleAsked(species, c)
  return outfits.flatMap((outfit) => {
    const possible = [null, ...box.leaders]
      .filter((leader) => rejectionReason(outfit, leader, species, c) === null)
      .map((leader) => tackleOf(outfit, leader, asks))
    return possible.filter((a, i) => !possible.some((b, j) => dominates(b, a, j < i)))
  })
}

/** What fish and cover ask of tackle: whether teeth must be stopped, whether a leader stronger than its line makes sense, and how strong the weakest part is to be, N. */
export interface TackleAsked {
  readonly teeth: boolean
  readonly stout: boolean
  readonly strengthN: number
}

export const tackleAsked = (species: Species, c: Conditions): TackleAsked => ({
  teeth: species.biteProof,
  stout: species.biteProof || chafes(c.cover),
  strengthN: requiredStrengthN(species, c),
})

function measureFit(holdsN: number, askedN: number): number {
  const { from, to, costs } = OVERGUNNED
  return 1 - costs * Math.min(1, Math.max(0, (holdsN / askedN - from) / (to - from)))
}

export function tackleOf(outfit: Outfit, leader: Leader | null, { teeth, stout, strengthN }: TackleAsked): Tackle {
  const { rod, line } = outfit
  return {
    outfit,
    leader,
    stealth: stealthAgreement(outfit, leader),
    lineInRod: rangeFit(lineOnRodN(rod, lineAsRated(line, leader)), rod.lineMinN, rod.lineMaxN),
    weakLink: leader ? weakLinkFit(leader.strengthN / line.strengthN, stout) : 1,
    measure:
      measureFit(weakestN(line, leader) * KNOT, strengthN) * (leader?.material === 'wire' && !teeth ? WIRE_UNASKED : 1),
  }
}

function weakLinkFit(share: number, stout: boolean): number {
  if (share > WEAK_LINK.over) return stout ? 1 : WEAK_LINK.factor
  return share < WEAK_LINK.under ? WEAK_LINK.wastes : 1
}

function dominates(b: Tackle, a: Tackle, earlier: boolean): boolean {
  if (b.stealth < a.stealth || b.weakLink < a.weakLink || b.measure < a.measure || a === b) return false
  return b.stealth > a.stealth || b.weakLink > a.weakLink || b.measure > a.measure || earlier
}

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

/** How well line and leader bear the cast, as a factor. */
function castStrengthFit(massKg: number, { outfit: { line }, leader }: Tackle): number {
  const share = weakestN(line, leader) / castStrengthN(massKg)
  const missing = Math.min(1, Math.max(0, (1 - share) / (1 - CAST_STRENGTH.least)))
  return 1 - CAST_STRENGTH.costs * missing
}

/** How far the hook that is tied on suits rod and line, as a factor: a stout one must be driven home, fine wire must not be bent open. */
function hookFit({ lure, mount }: Build, { outfit: { rod, line }, leader }: Tackle): number {
  const at = ROD_POWERS.indexOf(rod.power)
  const hook = mount.kind === 'head' ? mount.head : 'hook' in mount ? mount.hook : lure.hooks
  if (!hook) return 1
  if (hook.wire === 'light') return at >= STRONG ? HOOK_ON_ROD.straightens : 1
  const stout = hook.wire === 'heavy' || (mount.kind === 'head' && mount.head.kind === 'weed-guard')
  if (stout && mount.kind !== 'own') {
    const driven = at >= STRONG ? 1 : at >= MIDDLING ? HOOK_ON_ROD.hardly : HOOK_ON_ROD.hopeless
    return driven * (weakestN(line, leader) < HOOK_ON_ROD.stoutLineN ? HOOK_ON_ROD.lineCosts : 1)
  }
  const buried = 'hook' in mount && (mount.hook.style === 'offset' || mount.hook.style === 'straight-shank')
  return buried && at < MIDDLING ? HOOK_ON_ROD.hardly : 1
}
const STRONG = ROD_POWERS.indexOf(JOINT_LIMITS.stoutPower.good)
const MIDDLING = ROD_POWERS.indexOf(JOINT_LIMITS.stoutPower.hopeless)

/** Wire, or fluorocarbon thick enough. */
export function isBiteProof(leader: Leader | null): boolean {
  return leader !== null && (leader.material === 'wire' || leader.diameterM >= BITE_PROOF_M)
}

/** How far the reel's gearing lets the hand wind at the wanted speed with ease, as a factor. A pull of the rod asks nothing of it. */
export function gearRatioFit(reel: Reel, { technique, paceMps }: Pick<Work, 'technique' | 'paceMps'>): number {
  if (!isWound(technique)) return 1
  const turns = paceMps / reel.linePerTurnM
  return turns < EASY_TURNS.least ? EASY_TURNS.slower : turns > EASY_TURNS.most ? EASY_TURNS.faster : 1
}

/** 1 in the middle of a range, a little less at its ends, little outside it. */
function rangeFit(value: number, low: number, high: number): number {
  const place = (value - low) / (high - low)
  return place < 0 || place > 1 ? 0.55 : 1 - 0.25 * Math.abs(place - 0.5)
}

/** Agreement of rod, line and hook with a build, 0 … 1, before it is known how it is worked. */
export function rodAndLineAgreement(build: Build, tackle: Tackle): number {
  const { rod } = tackle.outfit
  const need = rodFit(familyOf(build.lure.family).rod, rod)
  const mass = rangeFit(build.massKg, rod.lureMinKg, rod.lureMaxKg)
  return (0.5 * need + 0.3 * mass + 0.2 * tackle.lineInRod) * tackle.weakLink * tackle.measure * hookFit(build, tackle)
}

/** What the way of fishing makes of that agreement, as a factor: how the reel winds it, and how line and leader bear the cast. */
export function workAgreement(massKg: number, tackle: Tackle, work: Pick<Work, 'technique' | 'paceMps'>): number {
  const wound = gearRatioFit(tackle.outfit.reel, work)
  return deliveryOf(work.technique.delivery).thrown === 'cast' ? wound * castStrengthFit(massKg, tackle) : wound
}

/** How little of the line a fish sees, 0 … 1. */
export function stealthAgreement({ line }: Outfit, leader: Leader | null): number {
  const seen = leader ?? line
  const { fromM, toM, costs } = THICKNESS_SEEN
  const thickness = Math.min(1, Math.max(0, (seen.diameterM - fromM) / (toM - fromM)))
  return STEALTH_BY_MATERIAL[seen.material] * (1 - costs * thickness)
}
