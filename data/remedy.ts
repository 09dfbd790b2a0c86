/**
 * What is named where a box has no answer: pieces of an ordinary size. Common practice; the strength of braid from memory.
 *
 * `over`: a line is named so much stronger than is needed. `tried`: lures for which hooks are tried. `pack`: hooks and heads in a pack. `lureKg`: an ordinary lure.
 * `hookKgPerGap`: weight of a loose hook over its gap, kg/m. `braidNPerMm2`: strength of braid over the square of its diameter in mm. `heads`: weight by depth; `headByBody`: at least this share of the body's.
 * `lures`, `lines`: what a rod takes, as shares of the middle lure and of the line. `powers`: power of a rod by its middle lure.
 */
export const REMEDY = {
  over: 1.15,
  tried: 6,
  pack: 5,
  lureKg: 0.01,
  hookKgPerGap: 0.1,
  braidNPerMm2: 3600,
  heads: [
    { toM: 3, kg: 0.005 },
    { toM: 6, kg: 0.01 },
    { toM: Infinity, kg: 0.014 },
  ],
  headByBody: 0.3,
  lures: [0.4, 2.2],
  lines: [0.5, 1.3],
  powers: [
    { toKg: 0.006, power: 'light' },
    { toKg: 0.014, power: 'medium-light' },
    { toKg: 0.024, power: 'medium' },
    { toKg: 0.045, power: 'medium-heavy' },
    { toKg: Infinity, power: 'heavy' },
  ],
} as const
