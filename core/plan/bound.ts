import { gainOf } from './greedy'
import type { Kit, KitProblem } from './kit-problem'

/**
 * What no kit can be worth more than. Two ways that share nothing with how a kit is found: marginal gains, and Lagrange's multipliers. Both are proofs, whatever the kit.
 */

/** The largest of some figures, so many, summed. */
function sumOfLargest(values: Float64Array, most: number): number {
  return Float64Array.from(values)
    .sort()
    .slice(Math.max(0, values.length - most))
    .reduce((sum, v) => sum + Math.max(0, v), 0)
}

/**
 * From what each lure would add to a kit: the best kit is worth no more than this one with the largest gains, as many as may be carried, put on top (Minoux 1978: gains
 * only shrink as a kit grows).
 */
export function boundByGains(problem: KitProblem, kit: Pick<Kit, 'lures' | 'value'>): number {
  const { worth, weights, most } = problem
  const best = new Float64Array(weights.length)
  for (const lure of kit.lures)
    for (let s = 0; s < best.length; s++) best[s] = Math.max(best[s] ?? 0, worth[lure]?.[s] ?? 0)
  const gains = Float64Array.from(worth, (row) => gainOf(row, best, weights))
  return kit.value + sumOfLargest(gains, most)
}

/** What came of the multipliers: the bound, how many rounds it took, and which lures no better kit than the known one holds, or each of them does. */
export interface DualBound {
  readonly bound: number
  readonly rounds: number
  readonly never: ReadonlySet<number>
  readonly always: ReadonlySet<number>
}

/** Rounds without a better bound after which steps are halved, and the step at which it is over. */
const HALVE_AFTER = 12
const SMALLEST_STEP = 0.004

/**
 * From Lagrange's multipliers of “each scenario is served by one lure” and of the weight: L(λ, μ) = Σλ + μ·kg + the n largest of Σ max(0, w·v − λ) − μ·m. For any λ, μ ≥ 0
 * it is above every kit (weak duality); it is brought down by subgradient steps (Held, Wolfe and Crowder 1974).
 *
 * @param atLeast the worth of a kit that is known; steps are sized by the distance to it
 * @param go asked between rounds: false stops there
 */
export function dualBound(problem: KitProblem, atLeast: Kit, rounds = 400, go: () => boolean = () => true): DualBound {
  const { worth, weights, massKg, most, mostKg, must = [] } = problem
  const n = weights.length
  const held = new Set(must)
  const lambda = new Float64Array(n)
  // Begun at the kit's own worth in each scenario.
  for (const lure of atLeast.lures)
    for (let s = 0; s < n; s++) lambda[s] = Math.max(lambda[s] ?? 0, (worth[lure]?.[s] ?? 0) * (weights[s] ?? 0))
  let mu = 0
  const counted = mostKg < Infinity
  let [bound, step, stale, round] = [Infinity, 1.2, 0, 0]
  const profits = new Float64Array(worth.length)
  const never = new Set<number>()
  const always = new Set(must)
  for (; round < rounds && step > SMALLEST_STEP && go(); round++) {
    worth.forEach((row, lure) => {
      let profit = 0
      for (let s = 0; s < n; s++) {
        const more = (row[s] ?? 0) * (weights[s] ?? 0) - (lambda[s] ?? 0)
        if (more > 0) profit += more
      }
      profits[lure] = profit - mu * (massKg[lure] ?? 0)
    })
    const order = Array.from(profits.keys())
      .filter((lure) => !held.has(lure))
      .sort((a, b) => (profits[b] ?? 0) - (profits[a] ?? 0))
    const free = Math.max(0, most - must.length)
    const taken = order.slice(0, free).filter((lure) => (profits[lure] ?? 0) > 0)
    const open = [...must, ...taken]
    const value =
      lambda.reduce((sum, l) => sum + l, 0) +
      (counted ? mu * mostKg : 0) +
      open.reduce((sum, lure) => sum + (profits[lure] ?? 0), 0)
    // The bound with one lure forced in, or out: at most what is known, and no better kit has it so.
    const last = free > 0 ? Math.max(0, profits[order[free - 1] ?? -1] ?? 0) : Infinity
    const next = Math.max(0, profits[order[free] ?? -1] ?? 0)
    for (const lure of order.slice(taken.length))
      if (value - last + (profits[lure] ?? 0) <= atLeast.value + 1e-12) never.add(lure)
    for (const lure of taken) if (value - (profits[lure] ?? 0) + next <= atLeast.value + 1e-12) always.add(lure)
    if (value < bound - 1e-12) {
      bound = value
      stale = 0
    } else if ((stale += 1) >= HALVE_AFTER) {
      step /= 2
      stale = 0
    }
    if (bound <= atLeast.value + 1e-9) break
    // How many of the open lures serve a scenario beyond one; how much weight they have beyond what is allowed.
    const slack = new Float64Array(n).fill(1)
    for (const lure of open) {
      const row = worth[lure]
      if (row)
        for (let s = 0; s < n; s++)
          if ((row[s] ?? 0) * (weights[s] ?? 0) > (lambda[s] ?? 0)) slack[s] = (slack[s] ?? 0) - 1
    }
    const overKg = counted ? mostKg - open.reduce((sum, lure) => sum + (massKg[lure] ?? 0), 0) : 0
    const norm = slack.reduce((sum, g) => sum + g * g, 0) + overKg * overKg
    if (norm === 0) break
    const by = (step * Math.max(1e-9, value - atLeast.value)) / norm
    for (let s = 0; s < n; s++) lambda[s] = Math.max(0, (lambda[s] ?? 0) - by * (slack[s] ?? 0))
    if (counted) mu = Math.max(0, mu - by * overKg)
  }
  return { bound, rounds: round, never, always }
}
