/** Solves y′ = slope(t, y) from `from` to `to` to a tolerance, 1e-10 if not said (odex: Hairer and Wanner's extrapolation code). */
export function solveOde(
  slope: (t: number, y: number[]) => number[],
  from: number,
  start: number[],
  to: number,
  tolerance?: number,
): number[]
