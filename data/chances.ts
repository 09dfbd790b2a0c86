/**
 * From weights to chances. Tunable; sensible ranges in brackets; chosen by `npm run calibrate` (docs/decisions.md).
 *
 * `unit`: the weight at which an axis counts once; twice the weight is its square [8 … 40].
 * `met`: how fast the first of the time near the fish counts: e-foldings over the whole cast [1 … 6].
 * `unspoken`: chance left to what nobody recommends here [0.4 … 0.9]; `spoken`: weight of recommendation that closes 63 % of what is missing [2 … 12].
 * `warned`: weight of warning that leaves 37 % of the chance [2 … 12]; `detail`: the same where the warning is of a detail [5 … 30].
 * `record`: share of takes from which the own record leaves the whole chance: 0.75 is three times the usual [0.6 … 0.9].
 */
export const CHANCES = { unit: 16, met: 3, unspoken: 0.5, spoken: 5, warned: 5, detail: 12, record: 0.75 } as const
