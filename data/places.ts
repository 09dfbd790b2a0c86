/** What is made of a ranking once it is done. Tunable; sensible ranges in brackets. */

/** Places that are to differ from each other, and the share of a score that one may lose by it. */
export const CHOICE = { places: 3, least: 0.75 } as const
/** Scores nearer than this share are a tie: glance, path and belief err by more [0.02 … 0.1]. */
export const TIE = 0.05
/** Under this score even the first is a poor answer [10 … 30]. */
export const POOR = 20
/** What is near the fish for less than this share of its time stands behind all that is nearer [0.02 … 0.1]. */
export const NEAR = 0.05
/** Places among which a pair is looked for; what searches and what finishes, by `passing`; least share of the first score. */
export const PAIR = { among: 12, search: 0.7, finish: 0.4, least: 0.4 } as const
