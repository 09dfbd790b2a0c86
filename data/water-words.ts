/** A water said in a few words, for one that nobody has seen yet. All assumed, by common practice; each a low, a middle and a high figure. */

/** What sort of water it is: how deep one fishes there, how far one sees, how it moves, how salt it is, and what stands in it, m, m/s, practical salinity. */
export const WATER_SORTS = [
  {
    words: ['lake', 'loch', 'mere', 'lough'],
    depthM: [2.5, 5, 10],
    visibilityM: [1.5, 2.5, 4.5],
    currentMps: 0,
    salinity: 0,
    cover: 'rock',
  },
  {
    words: ['reservoir', 'impoundment', 'dam'],
    depthM: [4, 9, 18],
    visibilityM: [1, 2.5, 5],
    currentMps: 0,
    salinity: 0,
    cover: 'timber',
  },
  {
    words: ['pond', 'gravel pit', 'pit', 'quarry'],
    depthM: [1.2, 2.5, 5],
    visibilityM: [0.6, 1.5, 3.5],
    currentMps: 0,
    salinity: 0,
    cover: 'grass',
  },
  {
    words: ['canal', 'drain', 'ditch'],
    depthM: [1.2, 1.8, 2.5],
    visibilityM: [0.3, 0.7, 1.5],
    currentMps: 0.05,
    salinity: 0,
    cover: 'reeds',
  },
  {
    words: ['river', 'stream'],
    depthM: [1.2, 2.2, 4],
    visibilityM: [0.7, 1.5, 3],
    currentMps: 0.35,
    salinity: 0,
    cover: 'rock',
  },
  {
    words: ['estuary', 'lagoon', 'backwater', 'brackish'],
    depthM: [1.5, 3, 6],
    visibilityM: [0.7, 1.5, 3],
    currentMps: 0.3,
    salinity: 12,
    cover: 'open',
  },
  {
    words: ['sea', 'coast', 'shore', 'surf', 'beach', 'bay', 'fjord', 'reef', 'harbour', 'harbor'],
    depthM: [2, 5, 12],
    visibilityM: [1.5, 3.5, 7],
    currentMps: 0.2,
    salinity: 32,
    cover: 'rock',
  },
] as const

/** Words for how deep and how clear; they go before what is usual in such a water. */
export const DEPTH_WORDS = [
  { words: ['very shallow'], depthM: [0.6, 1, 1.6] },
  { words: ['shallow', 'flats'], depthM: [1, 1.8, 3] },
  { words: ['deep'], depthM: [7, 12, 20] },
] as const
export const CLARITY_WORDS = [
  { words: ['gin clear', 'crystal clear', 'very clear'], visibilityM: [5, 7, 10] },
  { words: ['clear'], visibilityM: [3, 4.5, 7] },
  { words: ['stained', 'tea', 'peaty', 'coloured', 'colored'], visibilityM: [0.8, 1.3, 2] },
  { words: ['murky', 'muddy', 'dirty', 'turbid'], visibilityM: [0.2, 0.4, 0.8] },
] as const
/** What stands in it, and how far its top lies over the bottom, as a share of the depth. */
export const COVER_WORDS = [
  { words: ['weedy', 'weed', 'weeds', 'grassy', 'grass'], kind: 'grass', height: 0.55 },
  { words: ['lily pads', 'lilies', 'pads'], kind: 'pads', height: 1 },
  { words: ['reedy', 'reeds', 'rushes'], kind: 'reeds', height: 1 },
  { words: ['rocky', 'rock', 'rocks', 'stony', 'boulders'], kind: 'rock', height: 0.25 },
  { words: ['timber', 'trees', 'wood', 'woody', 'stumps'], kind: 'timber', height: 0.6 },
  { words: ['brush', 'bushes'], kind: 'brush', height: 0.4 },
  { words: ['docks', 'piers', 'pilings', 'jetties'], kind: 'docks', height: 1 },
  { words: ['shell', 'mussels', 'oysters'], kind: 'shell', height: 0.1 },
  { words: ['open', 'bare', 'sandy', 'sand'], kind: 'open', height: 0 },
] as const
/** Seasons as they are said, by their middle month in the north. */
export const SEASON_WORDS = [
  { words: ['winter'], month: 1 },
  { words: ['early spring'], month: 3 },
  { words: ['spring'], month: 4 },
  { words: ['late spring'], month: 5 },
  { words: ['early summer'], month: 6 },
  { words: ['high summer', 'summer'], month: 7 },
  { words: ['late summer'], month: 8 },
  { words: ['early autumn', 'early fall'], month: 9 },
  { words: ['autumn', 'fall'], month: 10 },
  { words: ['late autumn', 'late fall'], month: 11 },
] as const
/** Fresh water near the surface at 50° north in the middle of each month, °C; how much colder a degree of latitude is, and how far a water may be off. The sea lags and swings less. */
export const WATER_BY_MONTH_C = [4, 4, 6, 10, 15, 19, 21, 20.5, 17, 12, 8, 5] as const
export const PER_LATITUDE_C = 0.35
export const OFF_C = 2.5
export const SEA_SWING = 0.6
