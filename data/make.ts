/**
 * What the make of a lure changes beside an ordinary one of its family. Directions are common practice; figures are assumed, for no standard gives them, and the bench's own
 * tests go before them. Densities of metals: CRC Handbook of Chemistry and Physics; steel is its plain carbon steel.
 */

/** Width of its swing and its thump, added to the family's. */
export const WOBBLE = {
  tight: { amplitude: -0.2, vibration: -0.05 },
  medium: { amplitude: 0, vibration: 0 },
  wide: { amplitude: 0.2, vibration: 0.05 },
} as const

/** What a plug is made of: its swing and thump, and how many times as fast it comes up beside one of solid plastic. Wood is the liveliest. */
export const BODY_OF = {
  plastic: { amplitude: 0, vibration: 0, risesBy: 1 },
  wood: { amplitude: 0.05, vibration: -0.03, risesBy: 1.3 },
  hollow: { amplitude: 0, vibration: 0.05, risesBy: 1.15 },
} as const

/** Drag in the air of a plug whose weight runs to its tail on the cast, and of a loaded one by where the filler lies: tail first it tumbles less. */
export const FLIES_BY = { weightShift: 0.6, filler: { front: 1.15, middle: 1, rear: 0.75 } } as const
/** Filler before the middle draws the nose down, behind it up: added to the tangent of its angle when pulled. */
export const FILLER_TILTS = { front: 0.04, middle: 0, rear: -0.04 } as const

/** Density of metals, kg/m³. */
export const METALS = {
  lead: 11_340,
  tungsten: 19_250,
  tin: 7290,
  zinc: 7140,
  brass: 8500,
  copper: 8960,
  steel: 7850,
} as const

/** Density of soft plastic, kg/m³. */
export const PLASTICS = { plain: 1060, salted: 1180, buoyant: 960 } as const

/** Cross-section of a soft body: what it adds to swing and thump, and its drag in the fall and while pulled beside a round one. */
export const SECTIONS = {
  round: { amplitude: 0, vibration: 0, fallDragBy: 1, pullDragBy: 1 },
  flat: { amplitude: 0.05, vibration: -0.03, fallDragBy: 1.25, pullDragBy: 1.05 },
  ribbed: { amplitude: 0, vibration: 0.06, fallDragBy: 1.1, pullDragBy: 1.15 },
  hollow: { amplitude: 0.05, vibration: -0.02, fallDragBy: 1.05, pullDragBy: 1 },
} as const

/** Cup of a spoon: deep wobbles wide and falls slowly, flat darts and drops. */
export const CUPS = {
  flat: { amplitude: -0.1, fallDragBy: 0.85, pullDragBy: 0.9 },
  shallow: { amplitude: 0, fallDragBy: 1, pullDragBy: 1 },
  deep: { amplitude: 0.1, fallDragBy: 1.15, pullDragBy: 1.15 },
} as const
/** Usual width of spoons over their length. */
export const SPOON_WIDTH = { 'casting-spoon': 0.36, 'thin-spoon': 0.36, 'flutter-spoon': 0.24 } as const
/** A hook stands clear of its spoon when its gap is so much of the width. */
export const SPOON_GAP = { good: 0.45, least: 0.3 } as const

/** The front blade of two counts for so much of thump, flash and lift; a blade's paint or finish as much of what is seen of both. */
export const FRONT_BLADE_SHARE = 0.35
/** A long arm shields the hook; on a short one the blade turns in the fall and holds it up. */
export const ARMS = { long: { snag: -0.05, fallDragBy: 1 }, short: { snag: 0, fallDragBy: 1.25 } } as const

/** What a coating adds: flash, and a share of the contrast that is missing, in any light or in the dark alone. */
export const COATINGS = {
  plain: { flash: 0, contrast: 0, dark: 0 },
  reflective: { flash: 0.12, contrast: 0, dark: 0 },
  'UV-bright': { flash: 0, contrast: 0.15, dark: 0 },
  glowing: { flash: 0, contrast: 0, dark: 0.45 },
} as const
/** Under this light, lux, a glowing lure is seen by its own (common practice: from late dusk on, and deep). */
export const GLOWS_UNDER_LUX = 1

/** A dressed tail hook: bulk, a breath of flash, and drag in the fall. */
export const DRESSED_TAIL = { presence: 0.06, flash: 0.04, fallDragBy: 1.1 } as const
/** Dressing that shows beyond the hook slows the fall by this power of its length over the bare lure's. */
export const DRESSING_SLOWS = 0.5

/** A skirt trimmed short: less bulk, and so many times the drag in the fall. */
export const TRIMMED = { presence: 0.12, fallDragBy: 0.9 } as const
