import { LEARNING } from '../../data/advice'
import type { Change } from './advice'
import { answerOf } from './answer'
import { minutesBetween, type Outing } from './outing'
import { giveFor } from './patience'
import type { Account } from './stretches'
import { didCome, dropOdds, watchedFish } from './watched'

/** Followers of so long ago are still about, min (assumed). */
const FOLLOWED_WITHIN_MIN = 15
/** What fish at hand would take unasked counts for this many, so that one follower alone does not promise the world. */
const USUAL_TAKES = 0.5

/**
 * Fish that follow whatever lure and do not eat are dropped on: the line is let go, or a sinking lure is dropped, when the next one follows (facts 69 and 79). It promises what followers so
 * convert by this outing's record and the first belief, beside what takes anyway. Null where none followed lately, a fish took since, or it was just advised.
 */
export function dropOnThem(outing: Outing, { current, spot }: Account, now: string): Change | null {
  if (!current) return null
  const all = watchedFish(outing, now)
  const lastTake =
    outing.entries.findLast((e) => e.kind === 'answer' && answerOf(e.answer).bite)?.at ?? outing.startedAt
  const lately = all.filter((f) => {
    const ago = minutesBetween(f.at, now)
    return ago <= FOLLOWED_WITHIN_MIN && f.did !== 'took' && didCome(f) && Date.parse(f.at) >= Date.parse(lastTake)
  })
  if (lately.length === 0 || wasAdvised(outing, now)) return null
  const odds = dropOdds(all)
  const ratio = (share: number) => 1 + (lately.length * share) / (USUAL_TAKES + lately.length * LEARNING.shows)
  return {
    kind: 'change',
    variable: 'cadence',
    to: { carried: current.carried, way: current.way, spot },
    also: [],
    does: { code: 'drop-on-them', odds },
    why: { code: 'followers', fish: lately.length },
    facts: [69, 79],
    giveMin: giveFor(lately.length / FOLLOWED_WITHIN_MIN),
    gain: { median: ratio(odds.median), low: ratio(odds.low), high: ratio(odds.high) },
  }
}

/** Advice of this kind was given, and its time is not over. */
function wasAdvised({ entries }: Pick<Outing, 'entries'>, now: string): boolean {
  const last = entries.findLast((e) => e.kind === 'advice')
  return last?.variable === 'cadence' && minutesBetween(last.at, now) < last.giveMin
}
