import { boundByGains, dualBound, type DualBound } from './bound'
import { inOrder, type ChosenKit } from './choose'
import { greedyKit } from './greedy'
import { fitsIn, kitValue } from './kit-problem'
import { outfitSets } from './outfit-sets'
import type { Plan, PROOFS } from './plan'
import { asProgram, kitOf, type Solved } from './program'
import { problemOf, type WorthTable } from './table'

/** How near a kit is to the best there is. */

type Limited = Pick<Plan, 'limits' | 'pinned'>

/** Outfits on which a better kit is not ruled out yet. */
interface OpenSet extends Pick<DualBound, 'bound' | 'never' | 'always'> {
  readonly outfits: readonly number[]
}

/** What no kit within the limits can be worth more than, how it is known, and where a better one could still be. */
export interface Proof {
  readonly bound: number
  readonly by: (typeof PROOFS)[number]
  /** Largest bound first; null where there are more sets of outfits than are looked at one by one. */
  readonly open: readonly OpenSet[] | null
}

/** Rounds of the multipliers for one set of outfits. */
const ROUNDS_A_SET = 120
/** A bound this much above a kit is as good as met. */
const MET = 1.0005

/**
 * A bound for every kit on any outfits: marginal gains and multipliers of the problem with all outfits at once; where that leaves a gap, of each set of outfits by itself that
 * is not ruled out sooner.
 *
 * @param go asked between rounds: false stops there, with what is proven so far
 */
export function proveKit(table: WorthTable, plan: Limited, chosen: ChosenKit, go: () => boolean = () => true): Proof {
  const { kit } = chosen
  const free = problemOf(
    table,
    table.outfits.map((_, i) => i),
    plan,
  )
  // The same lures by the rows of the wider problem.
  const rowOf = new Map(free.lures.map((lure, row) => [lure, row]))
  const lures = kit.lures.flatMap((row) => rowOf.get(chosen.on.lures[row] ?? -1) ?? [])
  const inFree = { lures, value: kitValue(free.problem, lures) }
  const gains = boundByGains(free.problem, inFree)
  const dual = dualBound(free.problem, inFree, 400, go).bound
  const wide: Proof = {
    ...(dual < gains ? { bound: dual, by: 'multipliers' } : { bound: gains, by: 'gains' }),
    open: null,
  }
  const sets = outfitSets(table.outfits, plan.limits.rods)
  if (!sets || wide.bound <= kit.value * MET) return wide
  const open: OpenSet[] = []
  for (const outfits of sets) {
    if (!go()) return wide
    const { problem } = problemOf(table, outfits, plan)
    const first = greedyKit(problem)
    if (boundByGains(problem, first) <= kit.value) continue
    // Bounds are brought down to the kit that is known, whatever the set’s own is worth.
    const found = dualBound(problem, { ...first, value: Math.max(first.value, kit.value) }, ROUNDS_A_SET, go)
    if (found.bound > kit.value) open.push({ outfits, ...found })
  }
  open.sort((a, b) => b.bound - a.bound)
  const most = Math.max(kit.value, ...open.map(({ bound }) => bound))
  return most < wide.bound ? { bound: most, by: 'each-set', open } : { ...wide, open }
}

/** Programs longer than this take the solver too long, lines. */
const LONGEST = 9000

/**
 * Has a solver try all kits where a better one is not ruled out, set by set of outfits, the likeliest first: the kit it finds, and the bound that is left.
 *
 * @param solve null where it did not come to an end
 */
export async function solveKit(
  table: WorthTable,
  plan: Limited,
  chosen: ChosenKit,
  proof: Proof,
  solve: (program: string) => Promise<Solved | null>,
): Promise<{ readonly chosen: ChosenKit; readonly proof: Proof }> {
  let best = chosen
  let [left, by] = [proof.bound, proof.by]
  for (const { outfits, bound, never, always } of proof.open ?? []) {
    left = Math.min(left, Math.max(bound, best.kit.value))
    if (bound <= best.kit.value * MET) break
    const on = problemOf(table, outfits, plan)
    const program = asProgram(on.problem, { never, always })
    const solved = program.size > LONGEST ? null : await solve(program.text)
    if (!solved) return { chosen: best, proof: { bound: left, by, open: null } }
    const found = kitOf(on.problem, solved)
    if (fitsIn(on.problem, found.lures) && found.value > best.kit.value + 1e-12)
      best = { ...best, outfits, on, kit: inOrder(on.problem, found) }
    if (!solved.optimal) return { chosen: best, proof: { bound: left, by, open: null } }
    by = 'solver'
    left = best.kit.value
  }
  // What was not opened is bounded by what it was left with.
  return { chosen: best, proof: { bound: Math.max(left, best.kit.value), by, open: null } }
}
