import jstat from 'jstat'

/** The statistics library behind a typed door: its package ships no types. */
export const studentQuantile = (p, dof) => jstat.studentt.inv(p, dof)
export const gammaQuantile = (p, shape, rate) => jstat.gamma.inv(p, shape, 1 / rate)
export const gammaBelow = (x, shape, rate) => jstat.gamma.cdf(x, shape, 1 / rate)
export const betaBelow = (x, a, b) => jstat.beta.cdf(x, a, b)
export const logGamma = (x) => jstat.gammaln(x)
