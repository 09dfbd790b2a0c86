import type { Lure, Rig } from '../tackle'
import type { Box } from '../box'
import type { Conditions, Place, Reading } from '../water'
import {
  baitWays,
  bestSingleChange,
  cheapestRemedy,
  leftOut,
  rankRigs,
  type Improvement,
  type LeftOut,
  type Member,
  type Remedy,
} from './questions'
import { createMatchContext } from './against'
import type { MatchContext, MatchOptions } from './possible'
import type { RuleContribution } from './asked'
import {
  choiceOf,
  dayOf,
  isPoor,
  pairOf,
  rankBehind,
  rankSteps,
  tiedPlaces,
  type Day,
  type Pair,
  type Placed,
  type Ranked,
} from './tuned'
import type { ScoreTerm } from './account'
import type { Refusal } from './refusal'

export interface MatchRow extends Placed {
  /** The part that loses most. */
  readonly weakest: ScoreTerm | null
  /** The one change that would lift it most. */
  readonly lift: Improvement | null
}

/** A saved rig, ranked as it is tied; or why it cannot be fished here. */
interface MatchRig {
  readonly rig: Pick<Rig, 'id' | 'name'>
  readonly row: MatchRow | null
  /** What else hangs on its line. */
  readonly members: readonly Member[]
  readonly why: Refusal | null
}

/** The whole answer to one water: plain data, the same in a worker, on the server and in a test. */
export interface MatchAnswer {
  readonly reading: Reading
  readonly rows: readonly MatchRow[]
  /** How many of the first are as good as the first. */
  readonly tied: number
  /** Even the first is poor: much better could be tied on. */
  readonly poor: boolean
  /** Chance of the best that could be tied on here, 0 … 1: scores are set against it. */
  readonly against: number
  /** How willing the fish are. */
  readonly day: Day
  /** Kinds to choose between, by their places in the list. */
  readonly choice: readonly number[]
  /** One that searches and one that finishes, by their places in the list. */
  readonly pair: Pair | null
  /** Lures that break a limit here, by the limit. */
  readonly leftOut: readonly LeftOut[]
  /** Where nothing can be fished: the cheapest change with which something can; null where there is an answer, or no such change. */
  readonly remedy: Remedy | null
  /** What is tied already, best first. */
  readonly rigs: readonly MatchRig[]
  /** What the water asks for, the loudest rules first. */
  readonly asked: readonly RuleContribution[]
}

/** Rules named as the demand of the water. */
const MOST_REASONS = 6

/** How far the answer has come. `rows` works out the rows so far where there are new ones: only for who asks, before the next step. */
export interface MatchStep {
  readonly done: number
  readonly of: number
  readonly rows: (() => readonly MatchRow[]) | null
}

const judged = (ranked: Ranked, lift: Improvement | null) => ({
  weakest: ranked.parts.reduce<ScoreTerm | null>((worst, p) => (p.lost > (worst?.lost ?? 0.5) ? p : worst), null),
  lift,
})

/** From the water and the box to ranked set-ups with their reasons. Lifts are worked out for the first `lifts` rows. */
export function matchWater(
  c: Conditions,
  place: Place,
  box: Box,
  options: MatchOptions & { lifts: number },
): MatchAnswer {
  const steps = matchSteps(c, place, box, options)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** The same in steps, so that it can be watched, and stopped between two of them. */
export function* matchSteps(
  c: Conditions,
  place: Place,
  box: Box,
  options: MatchOptions & { lifts: number },
): Generator<MatchStep, MatchAnswer> {
  const context = createMatchContext(c, place, box, options)
  const steps = rankSteps(box, context, options.limit)
  for (;;) {
    const step = steps.next()
    if (!step.done) {
      const { done, of, first } = step.value
      yield { done, of, rows: first && (() => first().map((ranked) => ({ ...ranked, ...judged(ranked, null) }))) }
      continue
    }
    const rows = step.value.map((ranked, i) => ({
      ...ranked,
      ...judged(ranked, i < options.lifts ? bestSingleChange(ranked, context) : null),
    }))
    const rigs = rankRigs(box, context).map(({ rig, ranked, members, why }): MatchRig => ({
      rig,
      why,
      members,
      row: ranked && { ...ranked, alike: [], ...judged(ranked, null) },
    }))
    return {
      reading: context.reading,
      rows,
      tied: tiedPlaces(rows),
      poor: isPoor(rows),
      choice: choiceOf(rows),
      against: context.against(),
      day: dayOf(context.reading, c),
      pair: pairOf(rows),
      leftOut: leftOut(box, context),
      remedy: rows.length === 0 ? cheapestRemedy(box, context, options) : null,
      rigs,
      asked: loudest(context.demand),
    }
  }
}

/** The sizes and colours that stand behind a row, as rows of their own. */
export const rowsBehind = (row: Pick<MatchRow, 'alike'>, box: Box, context: MatchContext): MatchRow[] =>
  rankBehind(row, box, context).map((ranked) => ({ ...ranked, ...judged(ranked, null) }))

/** All ways of a lure in this water, as rows of their own. */
export function rowsOfWays(lure: Lure, box: Box, context: MatchContext) {
  const { ways, without } = baitWays(lure, box, context)
  return { ways: ways.map((ranked): MatchRow => ({ ...ranked, alike: [], ...judged(ranked, null) })), without }
}

function loudest(demand: ReturnType<typeof createMatchContext>['demand']): RuleContribution[] {
  const causes = [
    ...demand.axes.flatMap((a) => a.causes),
    ...demand.colour.causes,
    ...demand.habits.filter((h) => h.kind === 'favour').map((h) => h.cause),
  ]
  const byRule = new Map<string, RuleContribution>()
  for (const cause of causes) {
    const known = byRule.get(cause.ruleId)
    byRule.set(cause.ruleId, known ? { ...known, weight: known.weight + cause.weight } : cause)
  }
  // Rules that hold in every water say nothing about this one.
  for (const always of ['zone-first', 'forage-length', 'balanced-tackle']) byRule.delete(always)
  return [...byRule.values()]
    .sort((a, b) => b.weight - a.weight || (a.ruleId < b.ruleId ? -1 : 1))
    .slice(0, MOST_REASONS)
}
