/**
 * What the simulated lake assumes. None of it is measured on fish: it is a lake to hold the adviser against, and to practise on. Written before the adviser was tuned; ranges say how far each may be turned and
 * still be a lake.
 */
export const LAKE = {
  /** Schools that reach a middling spot in an hour [2 … 10]; each of one to so many fish. */
  schoolsPerH: 5,
  mostInSchool: 4,
  /** Spots differ: the poorest has this share of a middling one, the best so many times the poorest. */
  poorestSpot: 1 / 3,
  bestOverPoorest: 6,
  /** How often what fish want of a variable is what the match puts first has [0.2 … 0.7]. */
  fitRight: 0.4,
  /** What much matters: a fish takes what is far off in that by this share [0.02 … 0.4]; what matters little, by that. */
  far: { much: [0.05, 0.35], little: [0.8, 1], mild: [0.3, 0.95] },
  /** Variables that matter much on a marked day: one to so many. What fish want shifts so many times a day. */
  mostMuch: 3,
  shifts: [2, 4],
  /** A fish that does not take shows itself in this share of cases; and how it does so speaks of what was most wrong in that share. */
  shows: 1 / 3,
  honestSign: 0.75,
  /** A fish that takes is landed in this share. */
  lands: 0.75,
  /** After a take the same lure at the same spot takes so many times as well; half of that wears off in so long, min. */
  usedToIt: 0.9,
  usedHalfMin: 60,
  /** What a fish landed, a changed rig, a changed spot cost, min. */
  costMin: { fish: 2, rig: 1.5, spot: 4 },
} as const
