import { kitKg, kitValue, type Kit, type KitProblem } from './kit-problem'

/** The two best of a kit in each scenario. */
interface BestTwo {
  readonly first: Float64Array
  readonly second: Float64Array
  /** Which of the kit, by its place in it, is best; −1 where none is worth anything. */
  readonly who: Int32Array
}

function bestTwo({ worth, weights }: KitProblem, lures: readonly number[]): BestTwo {
  const first = new Float64Array(weights.length)
  const second = new Float64Array(weights.length)
  const who = new Int32Array(weights.length).fill(-1)
  lures.forEach((lure, place) => {
    const row = worth[lure]
    if (!row) return
    for (let s = 0; s < row.length; s++) {
      const v = row[s] ?? 0
      if (v > (first[s] ?? 0)) {
        second[s] = first[s] ?? 0
        first[s] = v
        who[s] = place
      } else if (v > (second[s] ?? 0)) second[s] = v
    }
  })
  return { first, second, who }
}

/** Less than this is no gain, as a share of a sure take. */
const WORTH_IT = 1e-9

/** The exchange of one carried lure for one that stays at home which gains most; null where none gains. */
function bestExchange(problem: KitProblem, lures: readonly number[], allowed: (out: number, into: number) => boolean) {
  const { worth, weights } = problem
  const { first, second, who } = bestTwo(problem, lures)
  const carried = new Set(lures)
  // Without a lure, the second best is what is left where it was the best.
  const losses = new Float64Array(lures.length)
  for (let s = 0; s < weights.length; s++) {
    const place = who[s] ?? -1
    if (place >= 0) losses[place] = (losses[place] ?? 0) + (weights[s] ?? 0) * ((first[s] ?? 0) - (second[s] ?? 0))
  }
  let best: { readonly place: number; readonly into: number; readonly gain: number } | null = null
  for (let into = 0; into < worth.length; into++) {
    const row = worth[into]
    if (!row || carried.has(into)) continue
    let gain = 0
    const spared = new Float64Array(lures.length)
    for (let s = 0; s < weights.length; s++) {
      const v = row[s] ?? 0
      const [top, next, weight, place] = [first[s] ?? 0, second[s] ?? 0, weights[s] ?? 0, who[s] ?? -1]
      if (v > top) gain += weight * (v - top)
      // Where it is better than the second best, less is lost with the best.
      if (place >= 0 && v > next) spared[place] = (spared[place] ?? 0) + weight * (Math.min(v, top) - next)
    }
    for (let place = 0; place < lures.length; place++) {
      const net = gain - (losses[place] ?? 0) + (spared[place] ?? 0)
      if (net > (best?.gain ?? WORTH_IT) + 1e-15 && allowed(lures[place] ?? -1, into)) best = { place, into, gain: net }
    }
  }
  return best
}

/**
 * A kit made better by exchanges of one lure for another (fast interchange, after Whitaker 1983), until none gains or so many were made. Never worth less than before.
 *
 * @param rounds exchanges at most
 */
export function exchanged(problem: KitProblem, kit: Kit, rounds = 200): Kit {
  let lures = [...kit.lures]
  const must = new Set(problem.must)
  for (let round = 0; round < rounds; round++) {
    const room = problem.mostKg - kitKg(problem, lures)
    const found = bestExchange(
      problem,
      lures,
      (out, into) => !must.has(out) && (problem.massKg[into] ?? 0) - (problem.massKg[out] ?? 0) <= room + 1e-9,
    )
    if (!found) break
    lures = lures.map((lure, place) => (place === found.place ? found.into : lure))
  }
  return { lures, value: kitValue(problem, lures) }
}
