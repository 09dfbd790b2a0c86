import { LEARNING } from '../../data/advice'
import type { Change } from './advice'
import { answerOf } from './answer'
import { minutesBetween, type Outing } from './outing'
import { giveFor } from './patience'
import type { Account } from './account'
import { didCome, dropOdds, watchedFish } from './watched'

/** Followers of so long ago are still about, min (assumed). */
const FOLLOWED_WITHIN_MIN = 15
/** What fish at hand would take unasked counts for this many, so that one follower alone does not promise the world. */
const USUAL_TAKES = 0.5

/**
 * Fish that follow whatever lure and do not eat are dropped on: the line is let go, or a sinking lure is dropped, when the next one follows (facts 69 and 79). It promises what followers so
 * convert by this outing's record and the first belief, beside what takes anyway. Null where none followed lately, or a fish took or advice was given since.
 */
export function dropOnThem(outing: Outing, { current, spot }: Account, now: string): Change | null {
  if (!current) return null
  const all = watchedFish(outing, now)
  // A fish that took since, and advice of any kind, make what was before old news.
  const news = outing.entries.findLast((e) => (e.kind === 'answer' && answerOf(e.answer).bite) || e.kind === 'advice')
  const since = Date.parse(news?.at ?? outing.startedAt)
  const lately = all.filter((f) => {
    const ago = minutesBetween(f.at, now)
    return ago <= FOLLOWED_WITHIN_MIN && f.did !== 'took' && didCome(f) && Date.parse(f.at) > since
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

/** For how much longer the next followers are to be dropped on, min: that was advised and taken, and nothing was changed since. Null where it is not so. */
export function stillDropping({ entries }: Pick<Outing, 'entries'>, now: string): number | null {
  const i = entries.map((e) => e.kind).lastIndexOf('advice')
  const last = entries[i]
  if (last?.kind !== 'advice' || !last.taken || last.variable !== 'cadence') return null
  if (entries.slice(i + 1).some((e) => e.kind === 'rig' || e.kind === 'spot')) return null
  const left = Math.ceil(last.giveMin - minutesBetween(last.at, now))
  return left > 0 ? left : null
}

/** Advice of this kind was given, and its time is not over. */
function wasAdvised({ entries }: Pick<Outing, 'entries'>, now: string): boolean {
  const last = entries.findLast((e) => e.kind === 'advice')
  return last?.variable === 'cadence' && minutesBetween(last.at, now) < last.giveMin
}
