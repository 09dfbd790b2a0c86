import {
  evaluateBuild,
  linesThatHold,
  tackleAsked,
  tackleFit,
  workRefusal,
  type MatchContext,
  type Tackle,
} from '../possible'
import { axisLog } from '../account'
import { ranksBefore, scoreSetUp, SNAG_LIMIT, type Ranked } from '../tuned'

/** A rod with its reel; the line on it is chosen with the lure. */
export const outfitKey = ({ outfit: { rod, reel } }: Pick<Tackle, 'outfit'>): string => `${rod.id}|${reel.id}`

/** What a set-up is worth on one rod and reel. */
export interface OnOutfit {
  readonly outfit: string
  readonly ranked: Ranked
}

/**
 * The same dressed lure, worked in the same way, on every rod and reel that may carry it here, each with the line and leader that suit it best; its own first. What breaks a
 * limit of strength, cast or bottom on a rod is not there.
 */
export function onOutfits(ranked: Ranked, context: MatchContext): OnOutfit[] {
  const { build, handling, outfit } = ranked.setUp
  const { technique } = handling
  const { motion } = evaluateBuild(build, context.known(build.lure), context.reading)
  const asked = tackleAsked(build, technique, context.fish)
  const own = outfitKey({ outfit })
  const best = new Map<string, { rigging: Tackle; castM: number; logBeforeCast: number }>()
  for (const rigging of context.riggings) {
    const key = outfitKey(rigging)
    if (key === own || workRefusal(build.massKg, rigging, technique.delivery)) continue
    const tackle = tackleFit(build, rigging.outfit, rigging.leader, handling, asked)
    const { castM } = ranked.thrown.plan
    const about = axisLog(context.demand.by.outfit, { tackle, stealth: rigging.stealth, reach: castM })
    const known = best.get(key)
    if (!known || about > known.logBeforeCast + 1e-12) best.set(key, { rigging, castM, logBeforeCast: about })
  }
  const held = linesThatHold([...best.values()], build, motion, handling, context)
  const others = held.flatMap(({ rigging }): OnOutfit[] => {
    const other = scoreSetUp({ build, handling, outfit: rigging.outfit, leader: rigging.leader }, context)
    return other.thrown.risk > SNAG_LIMIT ? [] : [{ outfit: outfitKey(rigging), ranked: other }]
  })
  return [{ outfit: own, ranked }, ...others.sort((a, b) => (ranksBefore(a.ranked, b.ranked) ? -1 : 1))]
}
