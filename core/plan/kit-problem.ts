/** What to carry, as a sum: of many lures a few, so that in each of many scenarios of the day one of them is worth most. */
export interface KitProblem {
  /** Worth of each lure in each scenario, 0 … 1: chances. A row a lure. */
  readonly worth: readonly Float64Array[]
  /** How likely each scenario is; they add up to 1. */
  readonly weights: Float64Array
  /** What each lure weighs with its share of rig and tray, kg. */
  readonly massKg: Float64Array
  /** At most so many lures. */
  readonly most: number
  /** At most so much weight, kg; Infinity where nobody counts it. */
  readonly mostKg: number
  /** Lures that come along whatever they are worth, by their place. */
  readonly must?: readonly number[]
}

/** A kit: lures by their place in the problem, in the order in which they were taken, and what it is worth. */
export interface Kit {
  readonly lures: readonly number[]
  readonly value: number
}

/** Worth of a kit: in each scenario that of its best lure there, by how likely the scenario is. Nothing carried is worth nothing. */
export function kitValue({ worth, weights }: Pick<KitProblem, 'worth' | 'weights'>, lures: readonly number[]): number {
  let sum = 0
  for (let s = 0; s < weights.length; s++) {
    let best = 0
    for (const lure of lures) best = Math.max(best, worth[lure]?.[s] ?? 0)
    sum += best * (weights[s] ?? 0)
  }
  return sum
}

/** Weight of a kit, kg. */
export const kitKg = ({ massKg }: Pick<KitProblem, 'massKg'>, lures: readonly number[]): number =>
  lures.reduce((sum, lure) => sum + (massKg[lure] ?? 0), 0)

/** Rounding of sums of weights does not forbid a kit. */
const GRAIN_KG = 1e-9

/** Whether a kit stays within number and weight. */
export const fitsIn = (problem: KitProblem, lures: readonly number[]): boolean =>
  lures.length <= problem.most && kitKg(problem, lures) <= problem.mostKg + GRAIN_KG
