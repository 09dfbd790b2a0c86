/** How far things fly against a plug of the same weight. Common practice: metal far, wire and blades short. */
export const CAST_FACTOR_BY_BODY = { metal: 1.25, hard: 1, jig: 1, soft: 0.95, wire: 0.9 } as const

/** The plug that a comfortable cast is measured with, kg. */
export const CAST_WITH_KG = 0.015
/** Length of a cast grows with weight to this power, up to this factor. Assumed until an angler's own casts are measured. */
export const CAST_BY_MASS = { power: 0.22, most: 1.15 } as const

/**
 * The cast for which a packet's running depth is taken where the packet does not say, m. Makers give depths of long casts on thin line (common practice: “on a long
 * cast of some 40 yards”). Taken for a 25 m cast, a 5 ft plug would run 10 ft on 50 m; for 37 m it runs 7 ft there and 3 ft on an ordinary cast.
 */
export const LABEL_CAST_M = 37

/** An underhand pitch, m. */
export const PITCH_M = 8

/** Rod positions an angler chooses from, tip above the water, m: down, level, up. */
export const ROD_TIPS_M = { down: 0.2, level: 1, up: 2.2 } as const

/** Nobody counts a lure down for longer than this, s. */
export const LONGEST_COUNT_S = 60

/** Drop-shot leaders, m. */
export const DROPPER_M = [0.25, 0.9] as const
