/**
 * Flash and thump go with the pace: so much less at the slow end of the lure's own window of speeds and so much more at the fast end, as a share of what it shows midway. A blade turns as fast as it is
 * drawn, so it gains most; what is not wound or drawn shows what it shows. Common practice; figures assumed [0 … 0.5].
 */
export const BY_PACE = { blades: 0.3, others: 0.15 } as const
