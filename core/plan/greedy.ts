import { bisector } from 'd3-array'
import { kitValue, type Kit, type KitProblem } from './kit-problem'

/** What a lure adds to a kit that is worth `best` in each scenario. */
export function gainOf(row: Float64Array, best: Float64Array, weights: Float64Array): number {
  let gain = 0
  for (let s = 0; s < weights.length; s++) {
    const more = (row[s] ?? 0) - (best[s] ?? 0)
    if (more > 0) gain += more * (weights[s] ?? 0)
  }
  return gain
}

interface Asked {
  readonly lure: number
  gain: number
  /** How many lures were in the kit when it was asked. */
  at: number
}

/**
 * Lures taken one after another, each the one that adds most to those before it; by what it adds for its weight where `perKg`. What a lure adds never grows as the kit
 * does, so most need not be asked again (lazy greedy, Minoux 1978).
 */
function greedyBy({ worth, weights, massKg, most, mostKg, must = [] }: KitProblem, perKg: boolean): number[] {
  const best = new Float64Array(weights.length)
  const taken: number[] = []
  let kg = 0
  const take = (lure: number) => {
    taken.push(lure)
    kg += massKg[lure] ?? 0
    const row = worth[lure]
    if (row) for (let s = 0; s < best.length; s++) best[s] = Math.max(best[s] ?? 0, row[s] ?? 0)
  }
  for (const lure of must.slice(0, most)) take(lure)
  const ranking = (one: Asked) => (perKg ? one.gain / Math.max(1e-6, massKg[one.lure] ?? 0) : one.gain)
  const held = new Set(taken)
  let queue = worth
    .map((row, lure): Asked => ({ lure, gain: gainOf(row, best, weights), at: taken.length }))
    .filter(({ lure }) => !held.has(lure))
  const inOrder = (a: Asked, b: Asked) => ranking(b) - ranking(a) || a.lure - b.lure
  queue.sort(inOrder)
  while (taken.length < most) {
    queue = queue.filter(({ lure, gain }) => gain > 0 && kg + (massKg[lure] ?? 0) <= mostKg + 1e-9)
    const first = queue[0]
    if (!first) break
    if (first.at < taken.length) {
      const row = worth[first.lure]
      first.gain = row ? gainOf(row, best, weights) : 0
      first.at = taken.length
      sink(queue, inOrder)
      continue
    }
    queue.shift()
    take(first.lure)
  }
  return taken
}

/** Puts the first of a list in order back to its place. */
function sink(queue: Asked[], inOrder: (a: Asked, b: Asked) => number): void {
  const [first] = queue
  if (!first) return
  queue.splice(bisector(inOrder).left(queue, first, 1), 0, first)
  queue.shift()
}

/** A first kit at once: at least 0.63 of the best there is where only the number counts (Nemhauser, Wolsey and Fisher 1978). */
export function greedyKit(problem: KitProblem): Kit {
  const kits = [greedyBy(problem, false), ...(problem.mostKg < Infinity ? [greedyBy(problem, true)] : [])]
  return kits
    .map((lures): Kit => ({ lures, value: kitValue(problem, lures) }))
    .reduce((a, b) => (b.value > a.value + 1e-12 ? b : a))
}
