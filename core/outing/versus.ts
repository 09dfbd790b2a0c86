import { gammaPrior, probabilityGreater, updatePosterior, meanRate, type GammaRate } from '../rate'
import { firstShare, probabilityShareGreater, updateShare } from '../share'
import type { Outing } from './outing'
import { answerOf } from './answer'
import { beginShowings } from './showings'
import type { Stretch } from './account'

/** Showings that took, and effort, on one side. */
interface Side {
  readonly events: number
  readonly effort: number
}
/** One turn with each. */
export interface Pair {
  readonly a: Side
  readonly b: Side
}

/** No verdict below this probability. */
export const MIN_PROBABILITY = 0.95
/**
 * How strong the evidence must be for a verdict: 20 times likelier under some difference than under none. However often one looks, evidence that is
 * a martingale under “no difference” gets there in at most one of 20 trials (Ville's inequality).
 */
const MIN_LIKELIHOOD_RATIO = 20
/** Ratios of the rates that are held against “no difference”, each way, all alike. */
const RATIOS = [1.25, 1.6, 2, 3, 5, 8] as const
const THETAS = RATIOS.flatMap((r) => [Math.log(r), -Math.log(r)])

/**
 * Likelihood ratio of “some difference” to “none” over the pairs, 1 before any. Given how many events a pair had, those on A are binomial with A's
 * share of the pair's effort if there is no difference, whatever the rate and however it changes from pair to pair; under a ratio e^θ the share is
 * weighted by it. Averaged over the ratios above.
 */
export function likelihoodRatio(pairs: readonly Pair[]): number {
  const usable = pairs.filter(({ a, b }) => a.effort > 0 && b.effort > 0)
  const logs = THETAS.map((theta) =>
    usable.reduce((sum, { a, b }) => {
      const none = a.effort / (a.effort + b.effort)
      const some = (a.effort * Math.exp(theta)) / (a.effort * Math.exp(theta) + b.effort)
      return sum + a.events * Math.log(some / none) + b.events * Math.log((1 - some) / (1 - none))
    }, 0),
  )
  return logs.reduce((sum, log) => sum + Math.exp(log), 0) / THETAS.length
}

export interface Versus {
  readonly a: GammaRate
  readonly b: GammaRate
  readonly sides: { readonly a: Side; readonly b: Side }
  readonly pairs: number
  /** Probability that A's rate is the higher one. */
  readonly chanceA: number
  readonly evidence: number
  /** The better one, once it may be said; null while it is too early. */
  readonly verdict: 'a' | 'b' | null
  /** More effort on each side that would settle it, if they are as far apart as it looks; null where they look alike. */
  readonly effortToDecide: number | null
}

/** Nobody fishes on for a verdict that takes this many times the effort spent. */
const MAX_EFFORT_FACTOR = 40
/** Firmness of the first belief that both are as good as the two together, in events. */
const PRIOR_STRENGTH = 1

/** Two rigs fished in turn. Only whole pairs count, so that a shift of the fish's mind falls on both; a turn without effort is none. */
export function versus(turns: readonly Pair[]): Versus {
  const pairs = turns.filter(({ a, b }) => a.effort > 0 && b.effort > 0)
  const sum = (side: 'a' | 'b'): Side =>
    pairs.reduce((all, p) => ({ events: all.events + p[side].events, effort: all.effort + p[side].effort }), {
      events: 0,
      effort: 0,
    })
  const sides = { a: sum('a'), b: sum('b') }
  const effort = sides.a.effort + sides.b.effort
  const together = (sides.a.events + sides.b.events + 0.5) / Math.max(effort, 1e-9)
  const prior = effort > 0 ? gammaPrior(together, PRIOR_STRENGTH) : gammaPrior(1, PRIOR_STRENGTH)
  const a = updatePosterior(prior, sides.a.events, sides.a.effort)
  const b = updatePosterior(prior, sides.b.events, sides.b.effort)
  const chanceA = probabilityGreater(a, b)
  const found = likelihoodRatio(pairs)
  const sure = Math.max(chanceA, 1 - chanceA) >= MIN_PROBABILITY && found >= MIN_LIKELIHOOD_RATIO
  const verdict = sure ? (chanceA > 0.5 ? 'a' : 'b') : null
  return {
    a,
    b,
    sides,
    pairs: pairs.length,
    chanceA,
    evidence: found,
    verdict,
    effortToDecide: verdict ? 0 : effortToDecide(a, b, found, effort),
  }
}

/** Evidence grows by the information in each event: how far A's share of them stands from a half (Kullback–Leibler). */
function effortToDecide(a: GammaRate, b: GammaRate, found: number, spent: number): number | null {
  const [ra, rb] = [meanRate(a), meanRate(b)]
  const p = ra / (ra + rb)
  const information = p * Math.log(2 * p) + (1 - p) * Math.log(2 * (1 - p))
  const more = Math.log(MIN_LIKELIHOOD_RATIO / found) / ((ra + rb) * information)
  return Number.isFinite(more) && more < MAX_EFFORT_FACTOR * Math.max(spent, 1) ? Math.max(0, more) : null
}

/** One side of a trial: a rig in one of its ways, or in any of them. */
export interface Contender {
  readonly carriedId: string
  readonly wayId: string | null
}
export interface Trial {
  readonly a: Contender
  readonly b: Contender
  readonly castsEach: number
  readonly from: string
  /** Null while it is under way. */
  readonly to: string | null
}
/** Whether a rig in a way fishes for a side. */
export const fishesFor = ({ carriedId, wayId }: Contender, carried: { id: string }, way: { id: string }): boolean =>
  carriedId === carried.id && (wayId === null || wayId === way.id)

/** Names of both sides, told apart: the lure; where that is the same, with its colour, its rig or the way it is worked. */
export function contenderNames(
  { carried }: Pick<Outing, 'carried'>,
  { a, b }: Pick<Trial, 'a' | 'b'>,
): [string, string] {
  const [one, other] = [a, b].map(({ carriedId, wayId }) => {
    const rig = carried.find(({ id }) => id === carriedId)
    const way = rig?.ways.find(({ id }) => id === wayId)
    return [rig?.name ?? carriedId, rig?.colour ?? '', way?.name ?? '', rig?.rig ?? ''] as const
  })
  if (!one || !other) return [a.carriedId, b.carriedId]
  const apart = one[0] === other[0] ? ([1, 2, 3] as const).find((i) => one[i] !== other[i]) : undefined
  const name = (of: readonly string[]) => (apart === undefined ? (of[0] ?? '') : `${of[0]}, ${of[apart]}`)
  return [name(one), name(other)]
}

/** The trial that is under way, or the last one. */
export function trialIn({ entries }: Pick<Outing, 'entries'>): Trial | null {
  const started = entries.map((e) => e.kind).lastIndexOf('comparison')
  const entry = entries[started]
  if (entry?.kind !== 'comparison') return null
  const ended = entries.slice(started).find((e) => e.kind === 'comparison-end' || e.kind === 'end')
  const { a, b, aWayId, bWayId, castsEach, at } = entry
  return {
    a: { carriedId: a, wayId: aWayId ?? null },
    b: { carriedId: b, wayId: bWayId ?? null },
    castsEach,
    from: at,
    to: ended?.at ?? null,
  }
}

/**
 * Turns of a trial, paired: the first with A and the first with B, and so on; a turn that has no partner yet waits. Effort in minutes; takes are counted by the showings that begin
 * with them, so that a school which goes on taking over a change of turns counts once, for the rig it came to.
 */
export function pairsOf(
  stretches: readonly Stretch[],
  trial: Pick<Trial, 'a' | 'b' | 'from' | 'to'>,
): { pairs: Pair[]; turnOf: 'a' | 'b'; casts: number } {
  const [from, to] = [Date.parse(trial.from), trial.to === null ? Number.POSITIVE_INFINITY : Date.parse(trial.to)]
  const within = stretches.filter(
    (s) => Date.parse(s.from) >= from && Date.parse(s.from) < to && (s.minutes > 0 || s.casts.length > 0),
  )
  const takes = within.flatMap((s) => s.answers.filter((a) => answerOf(a.answer).bite))
  const begins = beginShowings(takes.map(({ at }) => at))
  const first = new Set(takes.filter((_, i) => begins[i]))
  const turns: { who: 'a' | 'b'; side: Side; casts: number }[] = []
  for (const s of within) {
    const who = fishesFor(trial.a, s.carried, s.way) ? 'a' : fishesFor(trial.b, s.carried, s.way) ? 'b' : null
    if (!who) continue
    const last = turns[turns.length - 1]
    const side = { events: s.answers.filter((a) => first.has(a)).length, effort: s.minutes }
    if (last?.who === who) {
      last.side = { events: last.side.events + side.events, effort: last.side.effort + side.effort }
      last.casts += s.casts.length
    } else turns.push({ who, side, casts: s.casts.length })
  }
  const of = (who: 'a' | 'b') => turns.filter((t) => t.who === who)
  const [as, bs] = [of('a'), of('b')]
  const pairs = as.slice(0, bs.length).map((t, i) => ({ a: t.side, b: bs[i]?.side ?? { events: 0, effort: 0 } }))
  const last = turns[turns.length - 1]
  return { pairs, turnOf: last?.who ?? 'a', casts: last?.casts ?? 0 }
}

/** How well fish took on each side: of those of which it was told, how many had it well inside or on the front hook. */
export interface TakenWell {
  readonly a: { readonly well: number; readonly of: number }
  readonly b: { readonly well: number; readonly of: number }
  /** Probability that A is taken better. */
  readonly chanceA: number
}

const isTold = ({ fish }: Stretch['answers'][number]) => Boolean(fish && (fish.hooked ?? fish.heldBy))
/** Taken well is taken whole: the hook well inside, or the one at the front. A tail hook, and one outside the mouth, tell of a fish that only half wanted it. */
const isWell = ({ fish }: Stretch['answers'][number]) =>
  fish?.hooked !== 'outside' && fish?.heldBy !== 'tail' && (fish?.hooked === 'inside' || fish?.heldBy === 'front')

/** Fish of one side of a trial are told by the trial’s time, turn or no turn: how one took hangs on no effort. */
export function takenWell(stretches: readonly Stretch[], trial: Trial): TakenWell {
  const [from, to] = [Date.parse(trial.from), trial.to === null ? Number.POSITIVE_INFINITY : Date.parse(trial.to)]
  const told = (side: Contender) => {
    const fish = stretches
      .filter((s) => fishesFor(side, s.carried, s.way))
      .flatMap((s) => s.answers)
      .filter((a) => isTold(a) && Date.parse(a.at) >= from && Date.parse(a.at) < to)
    return { well: fish.filter(isWell).length, of: fish.length }
  }
  const [a, b] = [told(trial.a), told(trial.b)]
  const belief = (side: { well: number; of: number }) => updateShare(EVEN, side.well, side.of)
  return { a, b, chanceA: probabilityShareGreater(belief(a), belief(b)) }
}
const EVEN = firstShare(0.5, 2)
