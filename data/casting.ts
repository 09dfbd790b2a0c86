/** What a comfortable cast is said of: a compact lure of 15 g on a rod that likes it. Its drag area in the air, m²: a spoon's of 6 cm. */
export const ORDINARY_CAST = {
  massKg: 0.015,
  dragM2: 5e-4,
  rod: { type: 'spinning', lengthM: 2.1, lureMinKg: 0.007, lureMaxKg: 0.028 },
  line: { diameterM: 0.00025, densityKgM3: 1140 },
} as const

/**
 * How a rod throws, assumed but in its directions common practice. Tip and hand swing with the lure as if they weighed `tip` times the rod's middle weight; an
 * overhead reel's spool must be set spinning too, `spoolKg`. Reel and guides take so many times λ·v²: coils off a fixed spool slap more.
 */
export const ROD_THROWS = {
  tip: 1.3,
  spoolKg: { spinning: 0, casting: 0.006 },
  guides: { spinning: 2, casting: 1.5 },
} as const

/** Launch angles, degrees: a little under half a right angle, and flat into the wind (common practice). The tip stands so high, m. */
export const CAST_ANGLES_DEG = { usual: 40, intoWind: 22 } as const
export const CAST_FROM_M = 2

/** Nobody gives an ordinary rod more than this, J: 15 g would leave it at 45 m/s. Assumed. */
export const HARDEST_SWING_J = 30

/**
 * Share of the smaller of its drags in the water, pulled and falling, that a lure has in the air. Assumed; with it ordinary casts are ordinary,
 * and one hand throws spoon, metal, spinner and plug as four measured casts say, within a sixth (test).
 */
export const FLIES_AT = 0.6

/**
 * How much farther than his comfortable cast a man throws anything on the water at hand, as a share of it: so much for each metre of that cast (where it is short
 * there is no room), and at most this. Assumed; 40 g off a long rod go twice as far as 15 g off an ordinary one (common practice).
 */
export const FARTHER = { perM: 0.04, most: 1.2 } as const

/** The cast for which a packet's running depth is taken where the packet does not say, m: an ordinary one (common practice). */
export const LABEL_CAST_M = 30

/** An underhand pitch, m. */
export const PITCH_M = 8

/** Rod positions an angler chooses from, tip above the water, m: down, level, up. */
export const ROD_TIPS_M = { down: 0.2, level: 1, up: 2.2 } as const

/** Nobody counts a lure down for longer than this, s. */
export const LONGEST_COUNT_S = 60

/** Drop-shot leaders, m. */
export const DROPPER_M = [0.25, 0.9] as const

/** Share of a comfortable cast that the water may carry a floating or hanging lure in one rest; more is no rest. Assumed. */
export const CARRIED_SHARE = 0.25
