import { Solver } from 'odex'

/** Solves y′ = slope(t, y) from `from` to `to` to a tolerance, 1e-10 if not said (odex: Hairer and Wanner's extrapolation code). */
export function solveOde(
  slope: (t: number, y: number[]) => number[],
  from: number,
  start: readonly number[],
  to: number,
  tolerance = 1e-10,
): number[] {
  const solver = new Solver(start.length)
  solver.absoluteTolerance = solver.relativeTolerance = tolerance
  return solver.solve(slope, from, start, to).y
}
