/** What the bench believes before a test, and what one reading is good to. Assumed throughout, from the scatter of such readings by hand; each is a standard deviation. */

/** How far a family's own figures may be out for one lure of it: as a share (of the logarithm). */
export const PRIOR_SD = {
  /** Drag areas: two lures of one family and length differ by some third. */
  drag: 0.35,
  /** The planing angle that a labelled depth gives: makers round up (0.22) and do not say on what cast: 25 or 50 m make 0.3 of it. */
  trim: 0.37,
  /** Labelled weight. */
  label: 0.04,
  /** Weight in water of a plug at rest, as a share of its weight. */
  rest: 0.04,
  /** Cast by the usual law. */
  cast: 0.2,
} as const

/** What one reading is good to. */
export const READING_SD = {
  /** A hand on a stopwatch, s, and the rest of a timed fall, as a share. */
  watchS: 0.12,
  fall: 0.03,
  /** A running depth found by touching a known bottom, as a share, and m. */
  depth: 0.05,
  depthM: 0.05,
  /** A slow rise watched against a ruler, m/s, and as a share. */
  restMps: 0.005,
  rest: 0.05,
  /** A cast paced or counted back by the handle. */
  cast: 0.06,
} as const

/** A fit whose readings scatter more than this many times what a reading is good to is a poor one. */
export const POOR_FROM = 2
/** Or whose figure is only known to within this share, up or down. */
export const POOR_BAND = 0.5

/** Slower than this, a plug hangs: it suspends, m/s. */
export const SUSPENDS_MPS = 0.02

/** Swing of the tail over length of the lure that counts as the widest roll (1), and speed of the tail, m/s, that counts as the strongest thump (1). */
export const ACTION_SCALE = { swingShare: 0.5, tailMps: 0.4 } as const

/** Shell of a hollow plug: volume expansion per °C. ABS and polycarbonate, handbook (linear 65 … 110 · 10⁻⁶), from memory. */
export const SHELL_EXPANSION = 2.4e-4

/** Lead strip as it is sold: width and thickness, m. */
export const LEAD_STRIP = { widthM: 0.005, thickM: 0.0005 } as const

/** Trolling speed is changed in such steps, m/s (0.1 mph; common practice). */
export const TROLL_STEP_MPS = 0.044704

/** Weights to which surf needle plugs are loaded: 1, 1.7, 2.65, 3 and 3.5 oz (common practice), kg. */
export const PLUG_LOADS_KG = [0.0283, 0.0482, 0.0751, 0.085, 0.0992] as const
/** And how far above the bottom they are held: 1–2 ft (common practice), m. */
export const OFF_BOTTOM_M = 0.45
/** Trolled, a plug runs about this many times as deep as on a cast of that length (common practice). */
export const TROLLED_OVER_CAST = 1.5
