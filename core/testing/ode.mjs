import { Solver } from 'odex'

/** The general ODE library behind a typed door: its package ships sources that this project's stricter compiler flags do not accept. */
export function solveOde(slope, from, start, to, tolerance = 1e-10) {
  const solver = new Solver(start.length)
  solver.absoluteTolerance = solver.relativeTolerance = tolerance
  return solver.solve(slope, from, start, to).y
}
