/**
 * Spinner blades. Length of a blade by its number: (`base` + `perSize` × number) × `stretch`, mm; width over length as drawn. From memory (typical catalogue values).
 * Stamped brass about half a millimetre thick; a willow fills less of its outline than a Colorado.
 */
export const BLADE_LENGTH_MM = { base: 10, perSize: 4.4 } as const
export const BLADE_FORM = {
  willow: { stretch: 1.75, width: 0.34, fills: 0.66 },
  'turtle-back': { stretch: 1.25, width: 0.52, fills: 0.72 },
  indiana: { stretch: 1.15, width: 0.62, fills: 0.74 },
  colorado: { stretch: 1, width: 0.82, fills: 0.76 },
} as const
export const BLADE_SHEET = { thicknessMm: 0.5, densityKgM3: 8500 } as const
/** A hammered face adds this much thump (common practice). */
export const HAMMERED_ADDS = 0.05
/** What each number above or below a family's usual blade adds: bigger blades thump more, run higher and slower (common practice). */
export const PER_BLADE_SIZE = { vibration: 0.03, drag: 0.06 } as const
