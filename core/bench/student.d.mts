/** Quantile of Student's t, from the statistics library. `p` in (0, 1), `dof` > 0. */
export function studentQuantile(p: number, dof: number): number
