/**
 * How the adviser learns and speaks. Tunable; sensible ranges in brackets.
 */
export const LEARNING = {
  /** Schools an hour that show themselves, before anything is known [1 … 6]. */
  showingsPerH: 3,
  /** Share of the fish that come past which a well-matched rig is expected to take [0.2 … 0.8]. */
  takeShare: 0.55,
  /** Share of the fish that do not take which show that they were there [0.2 … 0.6]. */
  shows: 0.33,
  /** How far the match's chances are believed: power of their ratio; 1 is in full [0.2 … 1]. */
  fitPower: 0.25,
  /** Half-life of what an answer, or its absence, tells, min [30 … 180]: fish change their mind within a day. */
  halfLifeMin: 75,
  /** Firmness of the belief that a step is as good as any other, in answers [0.5 … 4]. */
  priorStrength: 3,
  /** Firmness of the belief that fish are as willing as the match expects [2 … 20]. */
  priorStrengthDay: 8,
  /** The same for spots and directions, which differ more [0.5 … 4]. */
  priorStrengthWhere: 3,
  /** What a step tells of the next one in order [0 … 0.6]. */
  neighbour: 0.35,
  /** How hopefully the untried is looked at: the quantile of what it may be worth [0.5 … 0.9]; and the same for spots. */
  hope: 0.5,
  optimismWhere: 0.64,
  /** What a sign of the fish is worth for the variable that it speaks of [1.2 … 3]. */
  sign: 1.5,
  /** How much a take says for staying, as a share of a sign [0 … 1]. */
  takeStays: 0.1,
  /** As many signs as count at most [1 … 4]. */
  maxCues: 2.5,
  /** What a take leaves of a lure's novelty at a spot, and the half-life of that, min (facts 22 and 24) [0.8 … 1] [20 … 120]. */
  habituation: 0.89,
  usedHalfMin: 60,
  /** A change must promise this many times what is in the hand [1 … 1.5]. */
  worthIt: 1.25,
  /** Answers within so many minutes are one school showing itself. */
  schoolMin: 2,
  /** Time over which a change has to pay for itself, min; and what a move, or tying on, costs of it, min. */
  horizonMin: 30,
  moveMin: 4,
  tieMin: 1.5,
} as const

/** For how long a change is given, min: the time in which an answer is more likely than not, within these. */
export const GIVE_MIN = { least: 8, most: 24 } as const

/** Stay at least so long after a take, min: in grass and where fish go in schools (fact 25), and elsewhere. */
export const STAY_MIN = { school: 10, other: 4 } as const

/** A school has gone quiet after this many takes and then nothing for so long, min. */
export const QUIET = { takes: 2, afterMin: 12, withinMin: 45 } as const

/** Size is the one most often forgotten: no change in so long without a good answer speaks for it (fact 39), min. */
export const SIZE_FORGOTTEN_MIN = 120
