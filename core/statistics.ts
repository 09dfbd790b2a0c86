// The server compiles core by a configuration of its own, which finds the declaration only from here.
/// <reference path="./jstat.d.ts" />
import jstat from 'jstat'

/** Quantile of Student's t. `p` in (0, 1), `dof` > 0. */
export const studentQuantile = (p: number, dof: number): number => jstat.studentt.inv(p, dof)
/** Quantile of the gamma distribution of mean `shape / rate`. `p` in (0, 1), both over 0. */
export const gammaQuantile = (p: number, shape: number, rate: number): number => jstat.gamma.inv(p, shape, 1 / rate)
/** Share of the gamma distribution of mean `shape / rate` that lies below `x`. */
export const gammaBelow = (x: number, shape: number, rate: number): number => jstat.gamma.cdf(x, shape, 1 / rate)
/** Share of the beta distribution with `a` and `b` over 0 that lies below `x`, 0 … 1. */
export const betaBelow = (x: number, a: number, b: number): number => jstat.beta.cdf(x, a, b)
/** Quantile of the beta distribution. `p` in (0, 1), `a` and `b` over 0. */
export const betaQuantile = (p: number, a: number, b: number): number => jstat.beta.inv(p, a, b)
