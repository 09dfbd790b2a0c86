/**
 * First beliefs about fish that follow or are seen on the sounder, before the angler's own record says more. All assumed, in the absence of figures; sensible ranges in brackets.
 */
export const FIRST_BELIEF = {
  /** Distance at which half as many come as from close by, m [0.3 … 3], and its spread as a natural logarithm. */
  halfM: 1,
  halfSpread: 1,
  /** How firm the belief is that one thing a lure does is as good as another, in fish [2 … 8]. */
  priorStrength: 4,
  /** Share of followers that take when what practice names first for this lure and fish is done with them (data/followers). */
  practised: 0.25,
  /** And when something else is, and how firm that is, in fish. */
  converts: {
    nothing: { mean: 0.08, priorStrength: 4 },
    drop: { mean: 0.15, priorStrength: 4 },
    'second-lure': { mean: 0.2, priorStrength: 4 },
    faster: { mean: 0.15, priorStrength: 4 },
    stop: { mean: 0.15, priorStrength: 4 },
  },
} as const
