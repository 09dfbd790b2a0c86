/**
 * How often what is 2.5 times as good is found, as a share from … to over logs with and without schools, days that differ and hot stretches: measured on made-up logs (`npm run honest`, 1,000 of each law;
 * docs/decisions, “Schools”).
 */
export const POWER = {
  times: 2.5,
  /** A colour, among the patterns of so many outings. */
  patterns: [
    { outings: 16, found: [0.25, 0.57] },
    { outings: 40, found: [0.72, 0.98] },
  ],
  /** A rig, named within so many pairs of turns. */
  versus: { pairs: 20, found: [0.1, 0.15] },
} as const
