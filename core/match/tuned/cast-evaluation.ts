import { SNAG_RATE_BY_COVER, DENSITY_RISK, SNAG_LIMIT, TOUCHING, TOUCH_RISK, WEED_RISK } from '../../../data/snags'
import type { Lure } from '../../tackle'
import {
  simulateRetrieve,
  estimateCast,
  newTrack,
  trackShare,
  type BuildMotion,
  type CastPlan,
  type Path,
  type ZoneExposure,
} from '../../motion'
import type { Conditions } from '../../water'
import { castPlanOf, dropperM, type MatchContext } from '../possible'
import type { Offer, Offers } from '../account'
import { reachOf } from '../asked'
import type { SetUp } from '../setup'

/** A set-up thrown into this water: the cast, its path, and how it meets zone, bottom and cover. */
export interface CastResult {
  readonly plan: CastPlan
  readonly path: Path
  readonly share: ZoneExposure
  /** Chance of hanging up or fouling on a cast, 0 … 1. */
  readonly risk: number
  /** From the hook of a drop-shot to its sinker, m; null for other rigs. */
  readonly dropperM: number | null
}

export { SNAG_LIMIT }

function snagRisk(offer: Pick<Offer, 'snag'>, share: ZoneExposure, c: Conditions): number {
  const met = Math.min(1, share.inCover + TOUCH_RISK * share.touching)
  const thick = DENSITY_RISK.sparse + DENSITY_RISK.thickAdds * c.cover.density
  const onCover = offer.snag * SNAG_RATE_BY_COVER[c.cover.kind] * Math.min(1, met * thick)
  const onWeed = offer.snag * WEED_RISK[c.weedDrift]
  return 1 - (1 - onCover) * (1 - onWeed)
}

const coverTop = (c: Conditions) => (c.cover.kind === 'open' ? null : c.cover.topM)

/** How a cast meets zone, bottom and cover, without its path. */
export type CastMetrics = Pick<CastResult, 'plan' | 'share' | 'risk'>

/** Every cast is written here and read at once. */
const track = newTrack()

/** A water, and how far its angler throws a set-up. */
type Throws = Pick<MatchContext, 'c' | 'reading' | 'castM'>
type Follow = (plan: CastPlan, onto: typeof track) => void

function measureCast(
  follow: Follow,
  setUp: SetUp,
  motion: BuildMotion,
  offer: Pick<Offer, 'snag'>,
  { c, reading, castM }: Throws,
): CastMetrics {
  const plan = castPlanOf(setUp, motion, castM(setUp, motion), { c, reading })
  follow(plan, track)
  const share = trackShare(track, {
    zone: reachOf(c, reading),
    coverTopM: coverTop(c),
    depthM: plan.depthM,
    fallTaken: plan.fallTaken,
    blowsOut: plan.blowsOut,
  })
  return { plan, share, risk: snagRisk(offer, share, c) }
}

type CastEvaluator<Out> = (setUp: SetUp, motion: BuildMotion, offer: Pick<Offer, 'snag'>, on: Throws) => Out

export const evaluateCast: CastEvaluator<CastMetrics> = (...given) => measureCast(simulateRetrieve, ...given)

/** The same from a coarse path: near enough to tell which casts are worth throwing. */
export const estimateCastMetrics: CastEvaluator<CastMetrics> = (...given) => measureCast(estimateCast, ...given)

/** The cast with its path, to keep and to draw. */
export const simulateCast: CastEvaluator<CastResult> = (setUp, motion, offer, on) =>
  withPath(evaluateCast(setUp, motion, offer, on), setUp, motion, on)

/** The cast that was followed last, with its path. */
export const withPath = (
  met: CastMetrics,
  { build }: Pick<SetUp, 'build'>,
  motion: BuildMotion,
  on: Throws,
): CastResult => ({ ...met, path: track.path(), dropperM: dropperM(build, motion, on, met.plan) })

/** Lures that are meant to touch cover on their way. Others are not asked to. */
const TOUCHES: ReadonlySet<string> = new Set(TOUCHING)

export function pathOffers(
  { share, risk }: Pick<CastResult, 'share' | 'risk'>,
  { family }: Pick<Lure, 'family'>,
): Offers {
  return {
    zone: share.ofAllTime,
    bottom: share.onBottom,
    // Under its top and along the bottom a lip does not touch: it ploughs.
    touch: TOUCHES.has(family) ? Math.min(1, share.touching + share.inCover + share.onBottom) : null,
    snag: Math.max(0, 1 - risk / SNAG_LIMIT),
  }
}
