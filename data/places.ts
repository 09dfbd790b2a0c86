/** What is made of a ranking once it is done. Tunable; sensible ranges in brackets. */

/** Places that are put forward as a choice of kinds, and the least share of the first score. */
export const CHOICE = { places: 3, least: 0.75 } as const
/** Scores nearer than this share are a tie: glance, path and belief err by more [0.02 … 0.1]. */
export const TIE = 0.05
/** Under this score even the first is a poor answer: so much better could be tied on [35 … 65]. */
export const POOR = 50
/** Sizes and weights of a model share a place where they are worked alike and the worse has at least this share of the chance [0.85 … 0.97]. */
export const SHARED_PLACE = 0.9
/** Places among which a pair is looked for; what searches and what finishes, by `passing`; least share of the first score. */
export const PAIR = { among: 12, search: 0.7, finish: 0.4, least: 0.4 } as const

/**
 * The day in a word: appetite by temperature times what the mood leaves of it; from `good` and `fair` on it is that. Common practice [0.3 … 1].
 */
export const DAY = {
  mood: { active: 1, neutral: 0.8, pressured: 0.6, lethargic: 0.45 },
  good: 0.65,
  fair: 0.4,
} as const
