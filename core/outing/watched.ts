import { FIRST_BELIEF } from '../../data/watched'
import {
  firstShare,
  meanShare,
  probabilityShareGreater,
  shareInterval,
  updateShare,
  type Share,
  type ShareInterval,
} from '../share'
import { answerOf } from './answer'
import { minutesBetween, type Outing } from './outing'
import { accountOf } from './stretches'
import type { Stretch } from './account'
import { LURE_DID, TRIED_THEN, type FishDid, type LureDid, type TriedThen, type Watched } from './told'

/** Followers and fish on the sounder: how far off they were, what the lure did, what they did, and what brought them. */

/** One fish that was watched. */
export interface WatchedFish {
  readonly at: string
  readonly lureId: string | null
  readonly lure: string
  readonly by: Watched['by']
  readonly where: Watched['where']
  readonly offM: number | null
  readonly lureDid: LureDid | null
  readonly did: FishDid | 'took'
  /** What was tried on it, as it was told, or as the log shows it; null where nobody knows. */
  readonly then: TriedThen | null
  /** Whether a fish took within {@link FOLLOW_UP_MIN}. */
  readonly tookThen: boolean
}

/** A fish that takes so soon after one that followed is taken for it, min (assumed). */
const FOLLOW_UP_MIN = 3

const CAME: ReadonlySet<WatchedFish['did']> = new Set<WatchedFish['did']>(['came', 'followed', 'took'])
export const didCome = ({ did }: Pick<WatchedFish, 'did'>): boolean => CAME.has(did)

/** Every fish of an outing that was watched, oldest first: those that followed or were seen, and any other of which it was told where it came from. */
export function watchedFish(outing: Outing, now: string): WatchedFish[] {
  const { stretches } = accountOf(outing, now)
  const given = stretches.flatMap((s) => s.answers.map((answer) => ({ s, answer })))
  return given.flatMap(({ s, answer }, i): WatchedFish[] => {
    const { watched, at } = answer
    const { bite } = answerOf(answer.answer)
    const isWatched = answer.answer === 'follow' || answer.answer === 'seen'
    if (!isWatched && !watched) return []
    // A take is that of the follower seen last before it.
    const next = given[i + 1]
    const takes = next && answerOf(next.answer.answer).bite && minutesBetween(at, next.answer.at) <= FOLLOW_UP_MIN
    const soon = takes ? next : undefined
    return [
      {
        at,
        lureId: s.carried.lureId,
        lure: s.carried.name,
        by: watched?.by,
        where: watched?.where,
        offM: watched?.offM ?? null,
        lureDid: watched?.lureDid ?? null,
        did: bite
          ? 'took'
          : (watched?.fishDid ?? (answer.answer === 'seen' ? 'stayed' : isWatched ? 'followed' : 'came')),
        then: watched?.then ?? (bite ? null : changedTo(stretches, s, at, next?.answer.at)),
        tookThen: !bite && soon !== undefined,
      },
    ]
  })
}

/** What the log shows of what was tried, whatever came of it: another rig soon after, and before anything else answered, is a second lure; the same one tells nothing. */
function changedTo(stretches: readonly Stretch[], before: Stretch, at: string, answeredAt?: string): TriedThen | null {
  const after = stretches.find(({ from }) => from > at)
  const soon = after && minutesBetween(at, after.from) <= FOLLOW_UP_MIN && (!answeredAt || after.from <= answeredAt)
  return soon && after.carried.id !== before.carried.id ? 'second-lure' : null
}

/** Within what distance of the lure fish come to it. */
interface Window {
  /** Fish of which the distance was told, and those of them that came. */
  readonly fish: number
  readonly came: number
  /** Share that comes from close by, and the distance at which half as many do, m. */
  readonly near: ShareInterval
  readonly halfM: ShareInterval
}

/** Fewer tell nothing of a window. */
const FEWEST_FOR_WINDOW = 8
const NEAR_STEPS = 40
const HALF_STEPS = 60
const HALF_M = { from: 0.1, to: 20 } as const

/**
 * The window, fitted: of fish at a distance d the share p · 2^−(d/h)² comes. All pairs of p and h are weighed by how likely they make what was seen, and by a first belief: p even,
 * h about {@link FIRST_BELIEF.halfM}. Null with fewer than {@link FEWEST_FOR_WINDOW} fish.
 */
export function fitWindow(fish: readonly Pick<WatchedFish, 'offM' | 'did'>[]): Window | null {
  const seen = fish.flatMap((f) => (f.offM === null ? [] : [{ offM: f.offM, came: didCome(f) }]))
  if (seen.length < FEWEST_FOR_WINDOW) return null
  const nears = Array.from({ length: NEAR_STEPS }, (_, i) => (i + 0.5) / NEAR_STEPS)
  const halves = Array.from(
    { length: HALF_STEPS },
    (_, i) => HALF_M.from * (HALF_M.to / HALF_M.from) ** ((i + 0.5) / HALF_STEPS),
  )
  const logs = halves.map((h) => {
    const firm = -0.5 * ((Math.log(h) - Math.log(FIRST_BELIEF.halfM)) / FIRST_BELIEF.halfSpread) ** 2
    const shares = seen.map((s) => 2 ** -((s.offM / h) ** 2))
    return nears.map((p) =>
      shares.reduce((sum, share, i) => sum + Math.log(seen[i]?.came ? Math.max(1e-9, p * share) : 1 - p * share), firm),
    )
  })
  const top = Math.max(...logs.flat())
  const weights = logs.map((row) => row.map((log) => Math.exp(log - top)))
  const ofHalf = weights.map((row) => row.reduce((a, b) => a + b, 0))
  const ofNear = nears.map((_, i) => weights.reduce((sum, row) => sum + (row[i] ?? 0), 0))
  return {
    fish: seen.length,
    came: seen.filter((s) => s.came).length,
    near: weighedInterval(nears, ofNear),
    halfM: weighedInterval(halves, ofHalf),
  }
}

/** Median and the middle nine tenths of weighed values, in rising order. */
function weighedInterval(values: readonly number[], weights: readonly number[]): ShareInterval {
  const all = weights.reduce((a, b) => a + b, 0)
  const at = (p: number) => {
    let below = 0
    const i = weights.findIndex((w) => (below += w) >= p * all)
    return values[i] ?? 0
  }
  return { median: at(0.5), low: at(0.05), high: at(0.95) }
}

/** How often something came of something else. */
interface Came<Id extends string> {
  readonly id: Id
  readonly of: number
  readonly came: number
  readonly share: ShareInterval
}

/** What the lure did, by how many fish it brought; the likeliest best first, with how sure that is. */
export function snapsOf(fish: readonly Pick<WatchedFish, 'lureDid' | 'did'>[]): {
  readonly rows: readonly Came<LureDid>[]
  readonly sure: number | null
} {
  const told = fish.filter((f) => f.lureDid !== null)
  const all = told.filter(didCome).length
  const first = firstShare((all + 1) / (told.length + 2), FIRST_BELIEF.priorStrength)
  const rows = LURE_DID.flatMap((id) => {
    const of = told.filter((f) => f.lureDid === id)
    if (of.length === 0) return []
    const came = of.filter(didCome).length
    const belief = updateShare(first, came, of.length)
    return [{ id, of: of.length, came, share: shareInterval(belief), belief }]
  }).sort((a, b) => meanShare(b.belief) - meanShare(a.belief))
  const [one, other] = rows
  return {
    rows: rows.map(({ belief: _, ...row }) => row),
    sure: one && other ? probabilityShareGreater(one.belief, other.belief) : null,
  }
}

/** What is believed of fish that followed, once something is tried on them. */
function oddsOf(
  fish: readonly WatchedFish[],
  then: TriedThen,
  isPractised = false,
): { readonly belief: Share; of: number; took: number } {
  const tried = fish.filter((f) => f.did !== 'took' && f.then === then)
  const took = tried.filter((f) => f.tookThen).length
  const { mean, priorStrength } = FIRST_BELIEF.converts[then]
  const first = isPractised ? FIRST_BELIEF.practised : mean
  return { belief: updateShare(firstShare(first, priorStrength), took, tried.length), of: tried.length, took }
}

/** Odds that what is tried on a follower converts it, as far as anything was tried. */
export function conversionsOf(fish: readonly WatchedFish[]): Came<TriedThen>[] {
  return TRIED_THEN.map((id) => {
    const { belief, of, took } = oddsOf(fish, id)
    return { id, of, came: took, share: shareInterval(belief) }
  }).filter((row) => row.of > 0)
}

/** What is tried on a follower that is the likeliest to convert it: what practice names first, until the record says otherwise. */
export function bestTried(
  fish: readonly WatchedFish[],
  practised: readonly TriedThen[],
  among: readonly TriedThen[],
): { readonly tried: TriedThen; readonly odds: ShareInterval } {
  const all = among.map((tried) => ({ tried, belief: oddsOf(fish, tried, practised.includes(tried)).belief }))
  const best = all.reduce((most, one) => (meanShare(one.belief) > meanShare(most.belief) + 1e-9 ? one : most))
  return { tried: best.tried, odds: shareInterval(best.belief) }
}
