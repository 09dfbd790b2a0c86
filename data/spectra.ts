/** Spectra from 400 to 700 nm by steps of 10 nm. */

export const NM = { from: 400, step: 10, count: 31 } as const

/** Absorption of pure water, 1/m: Pope and Fry (1997), Applied Optics 36, table 3; written down from memory, four figures checked against the issue of the table quoted in the design. */
export const PURE_WATER = [
  0.00663, 0.00473, 0.00454, 0.00495, 0.00635, 0.00922, 0.00979, 0.0106, 0.0127, 0.015, 0.0204, 0.0325, 0.0409, 0.0434,
  0.0474, 0.0565, 0.0619, 0.0695, 0.0896, 0.1351, 0.2224, 0.2644, 0.2755, 0.2916, 0.3108, 0.34, 0.41, 0.439, 0.465,
  0.516, 0.624,
] as const

/** Daylight: CIE standard illuminant D65 (ISO 11664-2), relative; from memory. */
export const DAYLIGHT = [
  82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41,
  104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61,
] as const

/**
 * How eyes weigh wavelengths: the CIE 1931 colour matching functions as fitted by Wyman, Sloan and Shirley (2013), Journal of Computer Graphics
 * Techniques 2(2): sums of bells `[height, centre nm, width below nm, width above nm]`.
 */
export const MATCHING = {
  x: [
    [1.056, 599.8, 37.9, 31],
    [0.362, 442, 16, 26.7],
    [-0.065, 501.1, 20.4, 26.2],
  ],
  y: [
    [0.821, 568.8, 46.9, 40.5],
    [0.286, 530.9, 16.3, 31.1],
  ],
  z: [
    [1.217, 437, 11.8, 36],
    [0.681, 459, 26, 13.8],
  ],
} as const

/**
 * What colours water beyond its own blue. Dissolved stain absorbs as exp(−slope (λ − 440)), slope 0.014 per nm (Bricaud, Morel and Prieur 1981); particles
 * weaken all light, a little more the blue, as 550/λ. Their share grows as the water gets thicker: peat stain at best, mud at worst (common practice).
 */
export const STAIN = { slopePerNm: 0.014, particles: { clear: 0.35, thick: 0.8, clearM: 3, thickM: 0.4 } } as const

/** Light that falls on a flank and on a belly, and that of the sky above, as shares of the light from above. Order of oceanographic practice, from memory. */
export const LIGHT_FROM = { side: 0.4, below: 0.06, above: 1.5 } as const

/** A fish makes up its mind about this far off, m. */
export const JUDGED_FROM_M = 0.5

/** Colours fade into greys between these, log10 lux (twilight vision). */
export const GREYS = { none: -0.5, all: -3 } as const
