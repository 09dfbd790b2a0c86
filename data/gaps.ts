/** How the gap table of the box is cut. Common practice. */

/** Bands of running depth, m: from, to. The same words as in a search. */
export const DEPTH_BANDS = [
  { id: 'surface', name: 'on the surface', fromM: 0, toM: 0.3 },
  { id: 'shallow', name: 'down to 1.6 m', fromM: 0.3, toM: 1.6 },
  { id: 'middle', name: 'at 1.6 to 3 m', fromM: 1.6, toM: 3 },
  { id: 'deep', name: 'below 3 m', fromM: 3, toM: Infinity },
] as const

/** Width of swing and thump together from which an action counts as strong, 0 … 1. */
export const STRONG_ACTION = 0.45
/** Sound wanted from which a lure should be heard. */
export const WANTS_SOUND = 0.35

/** Colour groups as the table names them. */
export const COLOUR_COLUMNS = [
  { id: 'natural', name: 'natural', groups: ['natural'] },
  { id: 'bright', name: 'pale or metallic', groups: ['light', 'silver', 'gold'] },
  { id: 'hot', name: 'hot', groups: ['hot', 'painted'] },
  { id: 'dark', name: 'dark', groups: ['dark'] },
] as const

/** The days looked at: each water as set, clearer and murkier, in every mood, under sun and cloud. */
export const GAP_DAYS = {
  visibility: [0.5, 1, 1.6],
  moods: ['active', 'neutral', 'lethargic', 'pressured'],
  skies: ['sun', 'cloud'],
} as const
/** Seconds of sinking an angler waits for before it becomes a nuisance: deeper than this is not this lure's water. */
export const PATIENT_S = 20
/** Cells asked for in less than this share of the days are no gap. */
export const ASKED_SHARE = 0.02
