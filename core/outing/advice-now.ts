import { shoalsToday } from '../water'
import type { Advice } from './advice'
import { advise } from './advise'
import { onFollowers, stillOnFollowers } from './followers'
import type { SideChoice } from '../match'
import { minutesBetween, type Entry, type Outing } from './outing'
import type { Variable } from './variables'
import { spotsOf, usualFeature } from './spots'
import type { Account, Spot } from './account'

const sameSpot = (a: Spot, b: Spot) => a.stop === b.stop && a.spotId === b.spotId && a.featureId === b.featureId

/** Spots that the adviser may send to: all of this stop's cover, and those fished before; each once. */
export function spotsInReach({ entries }: Pick<Outing, 'entries'>, { spot, water }: Account): Spot[] {
  const here = spot ? spotsOf(spot.stop, spot.featureId || usualFeature(water).id) : []
  const before = entries.flatMap((e): Spot[] =>
    e.kind === 'spot' ? [{ stop: e.stop, featureId: e.featureId, spotId: e.spotId }] : [],
  )
  const all = [...here, ...before]
  return all.filter((spot, i) => all.findIndex((other) => sameSpot(other, spot)) === i)
}

/** The variable of advice that was just refused: it is not advised again while the time it asked for lasts. */
export function refusedVariable(entries: readonly Entry[], now: string): Variable | null {
  const last = entries.findLast((e) => e.kind === 'advice')
  return last && !last.taken && minutesBetween(last.at, now) < last.giveMin ? last.variable : null
}

/** How many times what is in the hand some advice promises; staying after a take is not to be bettered. */
function promises(advice: Advice | null): number {
  if (!advice) return Number.POSITIVE_INFINITY
  if (advice.kind === 'change') return advice.gain.median
  return advice.says.code === 'just-taken' ? Number.POSITIVE_INFINITY : 1
}

/** How long what was chosen against advice is left in peace, min. */
const LEFT_IN_PEACE_MIN = 5

/**
 * What to do next in an outing under way, as the screen tells it; null while nothing is in the hand or there is a break.
 *
 * @param sides sides of open questions that the angler follows
 */
export function adviceNow(outing: Outing, account: Account, now: string, sides: SideChoice = {}): Advice | null {
  if (!account.current || account.paused) return null
  const advice = advise({
    account,
    carried: outing.carried,
    spots: spotsInReach(outing, account),
    schooling: shoalsToday(account.water),
    now,
  })
  const givenMin = stillOnFollowers(outing, now)
  if (givenMin !== null && advice?.kind === 'change')
    return { kind: 'stay', says: { code: 'too-early', forMin: givenMin }, facts: [], forMin: givenMin }
  const follower = onFollowers(outing, account, now, sides)
  const heard = follower && refusedVariable(outing.entries, now) !== 'cadence'
  if (heard && promises(advice) < follower.gain.median) return follower
  if (advice?.kind !== 'change' || advice.variable !== refusedVariable(outing.entries, now)) return advice
  return {
    kind: 'stay',
    says: { code: 'refused' },
    facts: [],
    forMin: LEFT_IN_PEACE_MIN,
  }
}
