/** What rods, lines, leaders and reels stand. Common practice throughout. */

/** A rod throws a little outside what is printed on it; beyond these shares of its least and most it is not asked to. */
export const ROD_LURE_SLACK = [0.8, 1.2] as const
export const ROD_LINE_SLACK = [0.8, 1.25] as const

/** Knots and wear leave this share of a line's printed strength. */
export const KNOT = 0.75

/** Cover asks for more line: by this share more in the thickest. */
export const COVER_PULL = 1

/** A leader stronger than this share of the main line puts the weak link in the wrong place, and costs this factor. */
export const WEAK_LINK = { over: 1.1, factor: 0.85 } as const

/** Fluorocarbon from this thickness up stands teeth, m; wire always does. */
export const BITE_PROOF_M = 0.0007

/** Handle turns a second that a hand keeps up without thinking, and the ease of winding below and above them. */
export const EASY_TURNS = { least: 0.3, most: 2.4, slower: 0.8, faster: 0.7 } as const

/** How little of a line fish see, 0 … 1: fluorocarbon, mono, wire, bare braid; and how thickness tells, m. */
export const STEALTH_BY_MATERIAL = { fluoro: 1, mono: 0.75, braid: 0.25, wire: 0.4 } as const
export const THICKNESS_SEEN = { fromM: 0.00025, toM: 0.0007, costs: 0.35 } as const

/** Density of line by material, kg/m³: nylon 6, PVDF, UHMW polyethylene. Handbook values of the polymers, from memory. */
export const LINE_DENSITY = { mono: 1140, fluoro: 1780, braid: 970 } as const

/** How exposed a point may be and still count as buried, or half hidden, 0 … 1. */
export const POINT_HIDDEN = { buried: 0.15, half: 0.5 } as const
