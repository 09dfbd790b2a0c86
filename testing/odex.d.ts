/** What is used of the ODE library; its package ships sources that this project's stricter compiler flags do not accept, so the compiler is pointed here. */
export declare class Solver {
  constructor(dimensions: number)
  absoluteTolerance: number
  relativeTolerance: number
  solve(
    slope: (t: number, y: number[]) => number[],
    from: number,
    start: readonly number[],
    to: number,
  ): { readonly y: number[] }
}
