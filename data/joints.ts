/**
 * How parts fit each other: a row a joint. Common practice; `fact` numbers the rule of the trade where there is one.
 *
 * `says`: the verdicts worth saying; words/ has the sentences. `law` marks what local rules decide.
 */
export const JOINTS = {
  'hook-body': {
    says: ['good', 'mind', 'wrong'],
    fact: 113,
  },
  'stout-hook-rod': {
    says: ['good', 'mind', 'wrong'],
    fact: 0,
  },
  'fine-wire-rod': {
    says: ['mind'],
    fact: 0,
  },
  'treble-tip': {
    says: ['good', 'mind', 'wrong'],
    fact: 21,
  },
  'point-cover': {
    says: ['good', 'mind', 'wrong'],
    fact: 18,
  },
  'mass-rod': {
    says: ['good', 'mind', 'wrong'],
    fact: 8,
  },
  'line-rod': {
    says: ['good', 'mind', 'wrong'],
    fact: 52,
  },
  'cast-strength': {
    says: ['mind', 'wrong'],
    fact: 51,
  },
  'lowered-rod': {
    says: ['good', 'wrong'],
    fact: 53,
  },
  'reel-rod': {
    says: ['good', 'wrong'],
    fact: 0,
  },
  'reel-speed': {
    says: ['good', 'mind'],
    fact: 21,
  },
  'jig-rod': {
    says: ['good', 'mind', 'wrong'],
    fact: 38,
  },
  'jig-reel': {
    says: ['good', 'mind'],
    fact: 38,
  },
  'slow-rod-fight': {
    says: ['good'],
    fact: 38,
  },
  'small-lure-hardware': {
    says: ['good', 'mind', 'wrong'],
    fact: 3,
  },
  'thick-spoon-direct': {
    says: ['good', 'mind'],
    fact: 3,
  },
  'thin-spoon-swivel': {
    says: ['good', 'mind'],
    fact: 3,
  },
  twist: {
    says: ['good', 'mind', 'wrong'],
    fact: 2,
  },
  'weak-link': {
    says: ['good', 'mind', 'wrong'],
    fact: 39,
  },
  'leader-line': {
    says: ['good', 'mind'],
    fact: 51,
  },
  teeth: {
    says: ['good', 'wrong'],
    fact: 0,
  },
  'bladed-trailer': {
    says: ['good', 'mind', 'wrong'],
    fact: 11,
  },
  'trailer-length': {
    says: ['good', 'wrong'],
    fact: 11,
  },
  'stinger-cover': {
    says: ['good', 'wrong'],
    fact: 10,
  },
  'hook-count': {
    says: ['mind'],
    fact: 34,
    law: true,
  },
  'terminal-strength': {
    says: ['good', 'wrong'],
    fact: 0,
  },
  'ring-strength': {
    says: ['good', 'wrong'],
    fact: 66,
  },
  'spoon-gap': {
    says: ['good', 'mind', 'wrong'],
    fact: 79,
  },
  brake: {
    says: ['good', 'mind', 'wrong'],
    fact: 0,
  },
  capacity: {
    says: ['good', 'mind', 'wrong'],
    fact: 0,
  },
  'outfit-weight': {
    says: ['good', 'mind'],
    fact: 0,
  },
  guides: {
    says: ['good', 'mind'],
    fact: 0,
  },
  'line-age': {
    says: ['mind', 'wrong'],
    fact: 0,
  },
  'plug-line': {
    says: ['good', 'mind', 'wrong'],
    fact: 20,
  },
  'head-depth': {
    says: ['good', 'mind'],
    fact: 17,
  },
  'free-knot': {
    says: ['good', 'mind'],
    fact: 0,
  },
  'hook-bend': {
    says: ['mind'],
    fact: 24,
  },
  'underspin-clarity': {
    says: ['good', 'mind'],
    fact: 33,
  },
} as const

/** Thresholds of the joints. Common practice. */
export const JOINT_LIMITS = {
  /** Smallest power that drives a stout, buried hook, and the one below which it is hopeless. */
  stoutPower: { good: 'medium-heavy', hopeless: 'medium' },
  fineWirePower: 'medium-heavy',
  /** Trebles of this gap and smaller are small, m. */
  smallTrebleM: 0.007,
  /** Exposure of the point × how readily the cover takes hooks × how thick it stands. */
  snag: { mind: 0.2, wrong: 0.4 },
  /** Hardware as a share of the lure’s weight that slows it, and that kills it. */
  hardware: { mind: 0.08, wrong: 0.15 },
  /** A lure of this weight and less is small, kg. */
  smallLureKg: 0.012,
  /** Line as thick as 16 lb and 20 lb mono, m. */
  plugLineM: { mind: 0.00037, wrong: 0.00042 },
  /** Spinning reels work short jigs up to this weight, kg. */
  spinningJigKg: 0.04,
  /** A slow-pitch jig on an all-round rod is only moved from this weight on, kg. */
  jigRodKg: 0.03,
  /** A dropper should break at this share of the main line’s knot, or less. */
  weakLink: 1,
  /** Hooks from which local rules are worth a look. */
  hooks: 3,
  /** Fact 17: head by depth; depth to, m, and heads from–to, kg. */
  heads: [
    { toM: 3.05, kg: [0.0018, 0.0036] },
    { toM: 6.1, kg: [0.0053, 0.0071] },
    { toM: Infinity, kg: [0.0106, 0.0142] },
  ],
  /** A head this many times lighter or heavier than usual is worth a word. */
  headTimes: 2.1,
  underspinClearM: 3,
  /** Shares of its strength at which an old line is worth a word, and to be changed. */
  agedLine: { good: 0.9, least: 0.7 },
} as const
