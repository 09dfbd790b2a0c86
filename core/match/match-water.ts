import type { Box, Rig } from '../tackle'
import type { Conditions, Place, Reading } from '../water'
import { benchFor, type MatchOptions } from './bench'
import type { Cause } from './demand'
import { bestLift, type Lift } from './lift'
import type { Ranked } from './account'
import { rankSteps, type Placed } from './rank'
import { rankRigs } from './rigs'
import type { Part } from './score'

export interface MatchRow extends Placed {
  /** The part that loses most. */
  readonly weakest: Part | null
  /** The one change that would lift it most. */
  readonly lift: Lift | null
}

/** A saved rig, ranked as it is tied; or why it cannot be fished here. */
interface MatchRig {
  readonly rig: Pick<Rig, 'id' | 'name'>
  readonly row: MatchRow | null
  readonly why: string | null
}

/** The whole answer to one water: plain data, the same in a worker, on the server and in a test. */
export interface MatchAnswer {
  readonly reading: Reading
  readonly rows: readonly MatchRow[]
  /** What is tied already, best first. */
  readonly rigs: readonly MatchRig[]
  /** What the water asks for, the loudest rules first. */
  readonly asked: readonly Cause[]
}

/** Rules named as the demand of the water. */
const LOUDEST = 6

/** How far the answer has come, with the rows so far where there are new ones. */
export interface MatchStep {
  readonly done: number
  readonly of: number
  readonly rows: readonly MatchRow[] | null
}

const judged = (ranked: Ranked, lift: Lift | null) => ({
  weakest: ranked.parts.reduce<Part | null>((worst, p) => (p.lost > (worst?.lost ?? 0.5) ? p : worst), null),
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
  const bench = benchFor(c, place, box, options)
  const steps = rankSteps(box, bench, options.limit)
  for (;;) {
    const step = steps.next()
    if (!step.done) {
      const { done, of, first } = step.value
      yield { done, of, rows: first && first.map((ranked) => ({ ...ranked, ...judged(ranked, null) })) }
      continue
    }
    const rows = step.value.map((ranked, i) => ({
      ...ranked,
      ...judged(ranked, i < options.lifts ? bestLift(ranked, bench) : null),
    }))
    const rigs = rankRigs(box, bench).map(({ rig, ranked, why }): MatchRig => ({
      rig,
      why,
      row: ranked && { ...ranked, alike: [], ...judged(ranked, null) },
    }))
    return { reading: bench.reading, rows, rigs, asked: loudest(bench.demand) }
  }
}

function loudest(demand: ReturnType<typeof benchFor>['demand']): Cause[] {
  const causes = [
    ...demand.axes.flatMap((a) => a.causes),
    ...demand.colour.causes,
    ...demand.habits.filter((h) => h.kind === 'favour').map((h) => h.cause),
  ]
  const byRule = new Map<string, Cause>()
  for (const cause of causes) {
    const known = byRule.get(cause.ruleId)
    byRule.set(cause.ruleId, known ? { ...known, weight: known.weight + cause.weight } : cause)
  }
  // Rules that hold in every water say nothing about this one.
  for (const always of ['zone-first', 'forage-length', 'balanced-tackle']) byRule.delete(always)
  return [...byRule.values()].sort((a, b) => b.weight - a.weight || (a.ruleId < b.ruleId ? -1 : 1)).slice(0, LOUDEST)
}
