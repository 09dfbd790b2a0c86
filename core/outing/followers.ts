import { FOLLOWERS } from '../../data/followers'
import { LEARNING } from '../../data/advice'
import { followerAnswer, type FollowerAnswer } from '../match'
import { isFamily } from '../tackle'
import type { Change } from './advice'
import { answerOf } from './answer'
import { minutesBetween, type Outing } from './outing'
import { giveFor } from './patience'
import type { Account } from './account'
import type { TriedThen } from './told'
import { bestTried, didCome, watchedFish } from './watched'

/** Followers of so long ago are still about, min (assumed). */
const FOLLOWED_WITHIN_MIN = 15
/** What fish at hand would take unasked counts for this many, so that one follower alone does not promise the world. */
const USUAL_TAKES = 0.5

/** What each answer to a follower comes to; a pace is changed by a dead stop first, or by speeding up. */
const TRIED_BY: Readonly<Record<FollowerAnswer, readonly OnFollower[]>> = {
  hold: ['nothing'],
  change: ['stop', 'faster'],
  drop: ['drop'],
}
/** What the hand alone can try on the next that follows. */
const ON_FOLLOWER = ['nothing', 'stop', 'faster', 'drop'] as const satisfies readonly TriedThen[]
export type OnFollower = (typeof ON_FOLLOWER)[number]

/**
 * Fish follow whatever lure and do not eat: what is done with the next one, by lure, fish and school ({@link followerAnswer}), until what was tried on them today says that something
 * else does better. It promises what followers so convert, beside what takes anyway. Null where none followed lately, or a fish took or advice was given since.
 *
 * @param sides sides of open questions that the angler follows
 */
export function onFollowers(
  outing: Outing,
  { current, spot }: Account,
  now: string,
  sides: Parameters<typeof followerAnswer>[2] = {},
): Change | null {
  if (!current || !isFamily(current.carried.family)) return null
  const all = watchedFish(outing, now)
  // A fish that took since, and advice of any kind, make what was before old news.
  const news = outing.entries.findLast((e) => (e.kind === 'answer' && answerOf(e.answer).bite) || e.kind === 'advice')
  const since = Date.parse(news?.at ?? outing.startedAt)
  const lately = all.filter((f) => {
    const ago = minutesBetween(f.at, now)
    return ago <= FOLLOWED_WITHIN_MIN && f.did !== 'took' && didCome(f) && Date.parse(f.at) > since
  })
  if (lately.length === 0 || wasAdvised(outing, now)) return null
  const practised = TRIED_BY[followerAnswer(current.carried.family, outing.water.speciesId, sides)]
  const { tried, odds } = bestTried(all, practised, [...practised, ...ON_FOLLOWER])
  const ratio = (share: number) => 1 + (lately.length * share) / (USUAL_TAKES + lately.length * LEARNING.shows)
  return {
    kind: 'change',
    variable: 'cadence',
    to: { carried: current.carried, way: current.way, spot },
    also: [],
    does: { code: 'on-follower', tried: tried as OnFollower, odds },
    why: { code: 'followers', fish: lately.length },
    facts: [69, ...FOLLOWERS.facts],
    giveMin: giveFor(lately.length / FOLLOWED_WITHIN_MIN),
    gain: { median: ratio(odds.median), low: ratio(odds.low), high: ratio(odds.high) },
  }
}

/** For how much longer the next followers are to be answered so, min: that was advised and taken, and nothing was changed since. Null where it is not so. */
export function stillOnFollowers({ entries }: Pick<Outing, 'entries'>, now: string): number | null {
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
