/** What the evening before reckons with. All assumed; tunable; sensible ranges in brackets. */

/** How far the water may be from what is thought: factor on the visibility, shift of the fish as a share of the depth, and how likely each is [any that add up to 1]. */
export const CLARITIES = [
  { id: 'murkier', factor: 0.6, weight: 0.25 },
  { id: 'as-told', factor: 1, weight: 0.5 },
  { id: 'clearer', factor: 1.6, weight: 0.25 },
] as const
export const DEPTHS = [
  { id: 'shallower', shift: -0.25, weight: 0.25 },
  { id: 'as-told', shift: 0, weight: 0.5 },
  { id: 'deeper', shift: 0.25, weight: 0.25 },
] as const
/** How often the sky keeps to the forecast; the other sky, and the factor on the wind that comes with it. */
export const SKY_KEEPS = [
  { id: 'as-told', weight: 0.7 },
  { id: 'otherwise', weight: 0.3 },
] as const
export const OTHERWISE = {
  sky: { sun: 'cloud', broken: 'cloud', cloud: 'broken', rain: 'cloud' },
  wind: 1.6,
} as const
/** What mood they may be in, by the one that is thought. */
export const MOODS_BY_THOUGHT = {
  active: { active: 0.5, neutral: 0.35, lethargic: 0.05, pressured: 0.1 },
  neutral: { active: 0.25, neutral: 0.5, lethargic: 0.15, pressured: 0.1 },
  lethargic: { active: 0.05, neutral: 0.3, lethargic: 0.55, pressured: 0.1 },
  pressured: { active: 0.1, neutral: 0.3, lethargic: 0, pressured: 0.6 },
} as const

/** Waters drawn from all that, and tastes of the fish in each: worlds are every water with every taste [4 … 16, 4 … 16; tastes even]. */
export const WORLDS = { waters: 5, tastes: 12 } as const

/** What fish may want against the rules: standard deviation of the logarithm of a chance, by what two lures differ in [0 … 0.6]. */
export const TASTE = { size: 0.3, vibration: 0.3, flash: 0.2, colour: 0.4, sound: 0.2, family: 0.25 } as const
/** Lengths this many times each other are a step of size apart. */
export const TASTE_STEP = 2

/** Lures that are looked at in each water, best first [12 … 40]. */
export const LOOKED_AT = 16

/** What it takes to tie on another lure, min, light and cold hands included; and on the fewest re-ties, what one of them costs beyond its time, as a share of an hour. */
export const RETIE = { minutes: 2, costs: 0.01 } as const

/** Sets of outfits up to so many are all tried; of more, they are taken one after another [50 … 500]. */
export const OUTFIT_SETS = 240

/** How long a failure counts: after so many hours half of it is forgotten, for fish move and change their minds [1 … 4]. */
export const FORGOTTEN_H = 2

/** Fillings of a hollow plug that are weighed against each other, kg: a quarter of an ounce apart [0 … 0.1]. */
export const LOADS_KG = [0, 0.007, 0.014, 0.021, 0.028, 0.035, 0.042, 0.05] as const

/** Spares that go along beside what is tied on: one for so many hours on the water, and the fewest there are to be [1 … 8]. */
export const SPARES = {
  hooks: { hours: 4, least: 2 },
  heads: { hours: 3, least: 2 },
  sinkers: { hours: 3, least: 2 },
  leaders: { hours: 5, least: 1 },
  trailers: { hours: 2, least: 2 },
  terminals: { hours: 8, least: 1 },
  soft: { hours: 2, least: 2 },
} as const
/** Casts an hour, and the share of hang-ups that cost what hangs there: for each such loss one more goes along [20 … 80, 0.02 … 0.5]. */
export const SNAGS = { castsPerH: 40, lost: 0.15 } as const
/** A lure that adds so much of the whole box is carried twice where there are two of it [0.02 … 0.2]. */
export const TWICE_FROM = 0.08
