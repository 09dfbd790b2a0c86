/** What rods, lines, leaders and reels stand. Common practice throughout. */

/** A rod throws a little outside what is printed on it; beyond these shares of its least and most it is not asked to. */
export const ROD_LURE_SLACK = [0.8, 1.2] as const
export const ROD_LINE_SLACK = [0.8, 1.25] as const

/**
 * Strength of nylon by thickness, N for the square of a millimetre of diameter: 0.20 mm 22 N, 0.30 mm 51 N, 0.40 mm 89 N (printed strengths, from memory). Braid
 * may be so many times stronger than a rod's heaviest line, if it is as thin as what is printed.
 */
export const MONO_N_PER_MM2 = 560
export const BRAID_OVER = 2

/**
 * A hard cast asks a pound of strength for every tenth of an ounce, N/kg; under `least` of that it breaks, and down to there it costs up to `costs` of the chance.
 */
export const CAST_N_PER_KG = 1569
export const CAST_STRENGTH = { least: 0.5, costs: 0.4 } as const

/** Knots and wear leave this share of a line's printed strength. */
export const KNOT = 0.75

/** Share of its strength that a season of use takes from a line: nylon takes up water and light and ages soonest. No line still in use is below `least`. */
export const LINE_AGES = { perSeason: { mono: 0.15, fluoro: 0.08, braid: 0.05 }, least: 0.5 } as const

/** What reel and rod should give: a brake of a quarter to a third of the line's strength, line for three casts or for what is let out, and an outfit light enough to cast all day, kg. */
export const REEL_GIVES = { brakeLeast: 0.2, brakeGood: 0.25, castsOfLine: 3, castM: 35, letOutM: 150 } as const
export const OUTFIT_KG = { light: 0.45, heavy: 0.7 } as const
/** Knots of leaders from this thickness on catch in small guides, m. */
export const SMALL_GUIDES_M = 0.0005

/** Cover asks for more line: by this share more in the thickest. */
export const COVER_PULL = 1

/**
 * A leader stronger than `over` of the main line puts the weak link in the wrong place, unless teeth or rock ask for it; one weaker than `under` of it gives the
 * line's strength away. Each costs its factor.
 */
export const WEAK_LINK = { over: 1.1, factor: 0.85, under: 0.4, wastes: 0.9 } as const

/** Cover that chafes line. */
export const CHAFING = ['rock', 'shell'] as const

/**
 * Hook against rod and line, as factors. Stout or buried: a rod from medium-heavy up drives it home, a medium one hardly, a lighter one not, and a line below
 * `stoutLineN` stretches or breaks first. Fine wire straightens on such a rod.
 */
export const HOOK_ON_ROD = { hardly: 0.85, hopeless: 0.5, straightens: 0.85, stoutLineN: 35, lineCosts: 0.75 } as const

/** Fluorocarbon from this thickness up stands teeth, m; wire always does. */
export const BITE_PROOF_M = 0.0007

/** Handle turns a second that a hand keeps up without thinking, and the ease of winding below and above them. */
export const EASY_TURNS = { least: 0.3, most: 2.4, slower: 0.8, faster: 0.7 } as const

/** How little of a line fish see, 0 … 1: fluorocarbon, mono, wire, bare braid; and how thickness tells, m. */
export const STEALTH_BY_MATERIAL = { fluoro: 1, mono: 0.75, braid: 0.25, wire: 0.4 } as const
/** Wire is for teeth: it stiffens what hangs on it. Agreement that is left where nothing here bites through a line [0.5 … 0.9]. */
export const WIRE_UNASKED = 0.7
export const THICKNESS_SEEN = { fromM: 0.00025, toM: 0.0007, costs: 0.35 } as const

/** Density of line by material, kg/m³: nylon 6, PVDF, UHMW polyethylene. Handbook values of the polymers, from memory. */
export const LINE_DENSITY = { mono: 1140, fluoro: 1780, braid: 970 } as const

/** How exposed a point may be and still count as buried, or half hidden, 0 … 1. */
export const POINT_HIDDEN = { buried: 0.15, half: 0.5 } as const
