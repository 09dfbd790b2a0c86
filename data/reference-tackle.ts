/**
 * What stands for “the best that could be tied on”: good tackle of every strength, and of each family the forms that differ in the water. Lengths, colours, diving depths and
 * weights are chosen for the water (core/match/reference-box). Invented, SI; common practice.
 */
const g = (grams: number) => grams / 1000
const mm = (millimetres: number) => millimetres / 1000
const lb = (pounds: number) => Math.round(pounds * 4.448)

/** Rods: type, power, action, length m, lures g, line lb, purpose; each with a reel of its type and these lines: material, lb, mm. */
export const REFERENCE_OUTFITS = [
  {
    type: 'spinning',
    power: 'ultra-light',
    action: 'fast',
    m: 1.95,
    g: [1, 7],
    lb: [2, 6],
    lines: [['braid', 6, 0.08]],
  },
  { type: 'spinning', power: 'light', action: 'fast', m: 2.1, g: [2, 12], lb: [3, 8], lines: [['braid', 10, 0.1]] },
  {
    type: 'spinning',
    power: 'medium-light',
    action: 'fast',
    m: 2.1,
    g: [4, 20],
    lb: [5, 12],
    lines: [['braid', 14, 0.13]],
  },
  {
    type: 'spinning',
    power: 'medium',
    action: 'fast',
    m: 2.4,
    g: [7, 35],
    lb: [8, 17],
    lines: [['braid', 20, 0.16]],
  },
  {
    type: 'casting',
    power: 'medium',
    action: 'moderate-fast',
    m: 2.1,
    g: [7, 30],
    lb: [8, 17],
    lines: [['fluoro', 14, 0.31]],
  },
  {
    type: 'casting',
    power: 'medium-heavy',
    action: 'fast',
    m: 2.2,
    g: [10, 45],
    lb: [12, 25],
    lines: [
      ['fluoro', 17, 0.35],
      ['braid', 40, 0.26],
    ],
  },
  { type: 'casting', power: 'heavy', action: 'fast', m: 2.3, g: [20, 120], lb: [17, 40], lines: [['braid', 65, 0.36]] },
  {
    type: 'casting',
    power: 'extra-heavy',
    action: 'moderate-fast',
    m: 2.4,
    g: [40, 250],
    lb: [30, 80],
    lines: [['braid', 80, 0.4]],
  },
  {
    type: 'spinning',
    power: 'medium-heavy',
    action: 'fast',
    m: 3,
    g: [20, 70],
    lb: [12, 25],
    lines: [['braid', 30, 0.22]],
  },
  {
    type: 'casting',
    power: 'medium',
    action: 'moderate',
    m: 2,
    g: [40, 200],
    lb: [15, 40],
    lines: [['braid', 40, 0.26]],
    overhead: true,
  },
  {
    type: 'casting',
    power: 'heavy',
    action: 'moderate-fast',
    m: 1.9,
    g: [60, 350],
    lb: [30, 80],
    lines: [['braid', 65, 0.36]],
    overhead: true,
  },
] as const

/** Leaders: lb, mm; fluorocarbon but for the last. */
export const REFERENCE_LEADERS = [
  { strengthN: lb(6), diameterM: mm(0.2), material: 'fluoro' },
  { strengthN: lb(10), diameterM: mm(0.26), material: 'fluoro' },
  { strengthN: lb(20), diameterM: mm(0.38), material: 'fluoro' },
  { strengthN: lb(40), diameterM: mm(0.57), material: 'fluoro' },
  { strengthN: lb(60), diameterM: mm(0.74), material: 'fluoro' },
  { strengthN: lb(40), diameterM: mm(0.4), material: 'wire' },
] as const

/** Forms of a family that are fished otherwise; what is not said is as usual for it. */
export const REFERENCE_FORMS: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>> = {
  spinnerbait: [
    { blade: 'willow', blades: 'two' },
    { blade: 'colorado', blades: 'one' },
  ],
  crankbait: [{ lip: 'square' }, { lip: 'long' }],
  jerkbait: [
    { lip: 'short', buoyancy: 'suspends' },
    { lip: 'long', buoyancy: 'suspends' },
  ],
  surface: [{ style: 'popper' }, { style: 'walker' }, { style: 'frog' }, { style: 'prop' }],
  'paddle-tail': [{ shape: 'slim-ribbed' }],
  'skirted-jig': [{ style: 'flipping' }, { style: 'football' }, { style: 'swim' }],
}

/** Weights that are tried where weight is chosen for the depth: heads, sinkers and jigs, g; of them those nearest to so many g a metre and, in a stream, so many times that. */
export const REFERENCE_WEIGHTS = {
  g: [1.8, 3.5, 7, 10, 14, 21, 28, 45, 60, 100, 150, 200, 300].map(g),
  perM: [0.0014, 0.0028],
  least: 0.0035,
  perMps: 1.2,
} as const
