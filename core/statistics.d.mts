/** Quantile of Student's t, from the statistics library. `p` in (0, 1), `dof` > 0. */
export function studentQuantile(p: number, dof: number): number
/** Quantile of the gamma distribution of mean `shape / rate`. `p` in (0, 1), both over 0. */
export function gammaQuantile(p: number, shape: number, rate: number): number
/** Share of the gamma distribution of mean `shape / rate` that lies below `x`. */
export function gammaBelow(x: number, shape: number, rate: number): number
/** Share of the beta distribution with `a` and `b` over 0 that lies below `x`, 0 … 1. */
export function betaBelow(x: number, a: number, b: number): number
/** Natural logarithm of the gamma function; `x` over 0. */
export function logGamma(x: number): number
