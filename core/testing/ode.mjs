import { Solver } from 'odex'

/** The general ODE library behind a typed door: its package ships sources that this project's stricter compiler flags do not accept. */
export function solveOde(slope, from, start, to) {
  const solver = new Solver(start.length)
  solver.absoluteTolerance = solver.relativeTolerance = 1e-10
  return solver.solve(slope, from, start, to).y
}
