import type { CastPlan } from './cast-plan'
import { retrievePath } from './path'
import { zoneExposure, type StrikeRange } from './zone'

/** What can be changed about a cast, from what costs nothing to what costs most. */
const CHANGES = ['rod', 'speed', 'count', 'cast', 'line', 'weight', 'lure'] as const
type Choice = (typeof CHANGES)[number]

/** Something that can be changed, and what it makes of the cast. `does` says what it is to whoever shows it. */
export interface Option<Does> {
  readonly does: Does
  readonly over: Partial<CastPlan>
}

export interface InverseInput<Does> {
  readonly plan: CastPlan
  readonly zone: StrikeRange
  readonly coverTopM: number | null
  /** What lies at hand for each kind of change; a kind without options is not asked. */
  readonly options: Partial<Readonly<Record<Choice, readonly Option<Does>[]>>>
}

export interface CastAdjustment<Does> {
  readonly kind: Choice
  readonly does: Does
  readonly plan: CastPlan
  /** Share of the cast in the zone after it, by time, 0 … 1. */
  readonly share: number
}

/** A change is worth its trouble when it closes this much of the way from the present share to the best that any change reaches. */
const CLOSES = 0.5
/** And lifts the share by at least this much. */
const LIFTS = 0.05

/**
 * The inverse of the path: which single change puts more of the cast into the zone. Answers with the best of each kind, cheapest kind first, and the
 * cheapest one that is worth making (null where the cast is as good as it gets).
 */
export function cheapestChange<Does>({ plan, zone, coverTopM, options }: InverseInput<Does>): {
  readonly now: number
  readonly best: readonly CastAdjustment<Does>[]
  readonly cheapest: CastAdjustment<Does> | null
} {
  const shareOf = (p: CastPlan) => zoneExposure(retrievePath(p), { ...p, zone, coverTopM }).inZone
  const now = shareOf(plan)
  const best = CHANGES.flatMap((kind): CastAdjustment<Does>[] => {
    const tried = (options[kind] ?? []).map(({ does, over }) => {
      const changed = { ...plan, ...over }
      return { kind, does, plan: changed, share: shareOf(changed) }
    })
    // Of equals the first named: options are given from the nearest to the farthest.
    const first = tried.reduce<CastAdjustment<Does> | null>(
      (top, one) => (top && top.share >= one.share - 1e-9 ? top : one),
      null,
    )
    return first ? [first] : []
  })
  const most = best.reduce((top, one) => Math.max(top, one.share), now)
  const bar = now + Math.max(LIFTS, CLOSES * (most - now))
  return { now, best, cheapest: best.find((one) => one.share >= bar) ?? null }
}
