/** What a trailer adds to the bait it follows: thump, bulk, width of swing. Order of common practice: from grub and split tail to paddle tail, claws and paddles. */
export const TRAILER_ADDS = {
  'stick-worm': { vibration: 0, presence: 0.03, amplitude: -0.03 },
  'stick-worm crosswise': { vibration: 0.01, presence: 0.06, amplitude: 0 },
  grub: { vibration: 0.03, presence: 0.02, amplitude: 0 },
  'split-tail': { vibration: 0.02, presence: 0.03, amplitude: 0 },
  'gliding-creature': { vibration: 0.04, presence: 0.14, amplitude: 0.02 },
  'paddle-tail': { vibration: 0.1, presence: 0.1, amplitude: 0.05 },
  chunk: { vibration: 0.03, presence: 0.12, amplitude: 0 },
  'kicking-craw': { vibration: 0.12, presence: 0.1, amplitude: 0.08 },
} as const

/**
 * A trailer belongs to its bait from a third of its length up to its whole length, a stick worm threaded crosswise to somewhat more: a 4 in claw on a 4 in jig, a
 * 5 in stick across it.
 */
export const TRAILER_BAND = { least: 0.33, most: 1.05, crosswise: 1.3 } as const

/** A soft bait of the box serves as this kind of trailer, where none of the kind lies ready (common practice). Creatures go by their form. */
export const SOFT_AS_TRAILER = {
  grub: 'grub',
  'paddle-tail': 'paddle-tail',
  'soft-jerkbait': 'split-tail',
  'stick-worm': 'stick-worm',
  'finesse-worm': 'stick-worm',
  'segmented-bait': 'stick-worm',
  craw: 'kicking-craw',
  creature: 'gliding-creature',
  chunk: 'chunk',
} as const

/** A trailer of another colour makes up so much of what is seen. */
export const TRAILER_COLOUR_SHARE = 0.25

/** Jigs and blades are thrown with a trailer that shows this much of its length behind them. */
export const TRAILER_SHOWS = 0.25

/** What a trailer adds is told of one so long, m; it goes with its length, within these bounds. */
export const TRAILER_USUAL = { lengthM: 0.07, least: 0.4, most: 1.6 } as const
