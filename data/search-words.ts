/** Words of a search. */

/** Running depths on the label, m (common practice): shallow to about 5 ft, deep from about 10 ft. */
export const DEPTH_WORDS = {
  shallow: [0, 1.6],
  medium: [1.6, 3],
  deep: [3, Infinity],
} as const
/** What anglers also say. */
export const ALSO = {
  suspending: 'suspends',
  floating: 'floats',
  sinking: 'sinks',
  rattling: 'rattles',
  quiet: 'silent',
  swimbait: 'paddle',
  crankbaits: 'crankbait',
  jigs: 'jig',
  spoons: 'spoon',
  spinners: 'spinner',
} as const
