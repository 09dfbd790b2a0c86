/**
 * How far fish rise to a lure, m, by mood. Common practice: they come to within about 3 ft below it and ignore it at 6 ft; active fish
 * farther, lethargic ones hardly at all.
 */
export const RISE_M = { active: 1.5, neutral: 0.9, pressured: 0.6, lethargic: 0.45 } as const

/** They seldom go down for one, m. */
export const SINK_M = 0.35

/** Nobody comes farther than it can feel, m, and see, as a share of the depth at which a white lure vanishes. */
export const NOTICE = { feltM: 0.2, seen: 0.8 } as const
