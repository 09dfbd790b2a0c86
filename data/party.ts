/** A party’s experiment. */

/** A fish noted for a friend and a fish in his own log are one within so many minutes: phones’ clocks, and a note made late [5 … 20], assumed. */
export const MATCHED_WITHIN_MIN = 10

/** How the kit is split. Assumed, tunable. */
export const SPLIT = {
  /** Schools that take in a turn of twenty minutes on the average [0.3 … 3]. */
  takesPer20Min: 0.8,
  /** How far apart two steps of a variable may be in what they catch, as a spread of the logarithm: about two and a half times [0.5 … 1.2]. */
  stepSpread: 0.9,
  /** The same of two anglers, and of two turns of a day. */
  anglerSpread: 0.5,
  turnSpread: 0.8,
  /** A way of fishing is given to a friend only where the match gives it this share of its lure’s best [0.5 … 0.8]. */
  leastOfBest: 0.6,
  /** Ways of one lure among which it is split. */
  mostWays: 3,
  /** Turns that are laid out; then they begin anew [8 … 16]. */
  turns: 12,
} as const
