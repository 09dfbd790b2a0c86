import {
  ZoneTally,
  glanceCast,
  retrievePath,
  shareInZone,
  type BuildMotion,
  type CastPlan,
  type Path,
  type ZoneShare,
} from '../motion'
import type { Conditions, CoverKind, Reading } from '../water'
import { castPlanOf } from './cast-of'
import type { Offer } from './offer'
import { reachOf } from './reach'
import type { Offers } from './score'
import type { SetUp } from './setup'

/** A set-up thrown into this water: the cast, its path, and how it meets zone, bottom and cover. */
export interface Thrown {
  readonly plan: CastPlan
  readonly path: Path
  readonly share: ZoneShare
  /** Chance of hanging up or fouling on a cast, 0 … 1. */
  readonly risk: number
}

/** How readily each kind of cover takes a hook, 0 … 1 (common practice). */
const COVER_TAKES: Record<CoverKind, number> = {
  open: 0,
  clay: 0.05,
  shell: 0.4,
  rock: 0.55,
  docks: 0.8,
  grass: 0.85,
  reeds: 0.9,
  pads: 0.9,
  timber: 1,
  brush: 1,
}
/** Brushing the top of the cover is a fifth as risky as swimming inside it. */
const TOUCH_RISK = 0.2

/** A cast with more risk than this is not advised at all. */
export const SNAG_LIMIT = 0.45

function snagRisk(offer: Pick<Offer, 'snag'>, share: ZoneShare, c: Conditions): number {
  const met = Math.min(1, share.inCover + TOUCH_RISK * share.touching)
  return offer.snag * COVER_TAKES[c.cover.kind] * Math.min(1, met * (0.4 + 1.6 * c.cover.density))
}

const coverTop = (c: Conditions) => (c.cover.kind === 'open' ? null : c.cover.topM)

export function throwIt(
  setUp: SetUp,
  motion: BuildMotion,
  offer: Pick<Offer, 'snag'>,
  c: Conditions,
  reading: Reading,
): Thrown {
  const plan = castPlanOf(setUp, motion, c, reading)
  const path = retrievePath(plan)
  const share = shareInZone(path, reachOf(c, reading), c.depthM, coverTop(c))
  return { plan, path, share, risk: snagRisk(offer, share, c) }
}

/** The same from a glance at the path: near enough to tell which casts are worth throwing. */
export function glance(
  setUp: SetUp,
  motion: BuildMotion,
  offer: Pick<Offer, 'snag'>,
  c: Conditions,
  reading: Reading,
): Pick<Thrown, 'share' | 'risk'> {
  const tally = new ZoneTally(reachOf(c, reading), c.depthM, coverTop(c))
  glanceCast(castPlanOf(setUp, motion, c, reading), tally)
  const share = tally.share()
  return { share, risk: snagRisk(offer, share, c) }
}

export function pathOffers({ share, risk }: Pick<Thrown, 'share' | 'risk'>): Offers {
  return {
    zone: share.withinReach,
    bottom: share.onBottom,
    touch: share.touching,
    snag: Math.max(0, 1 - risk / SNAG_LIMIT),
  }
}
