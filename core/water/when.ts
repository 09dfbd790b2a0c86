import { z } from '../zod'
import { NUMBER_FEATURES, TEXT_FEATURES, type NumberFeature, type TextFeature, type WaterFeatures } from './features'

/** Rises from 0 to 1 between the two `above` bounds, falls from 1 to 0 between the two `below` bounds. */
export const FuzzyRange = z.strictObject({
  above: z.tuple([z.number(), z.number()]).readonly().optional(),
  below: z.tuple([z.number(), z.number()]).readonly().optional(),
})

/**
 * When a rule of practice holds, graded: 0 not at all … 1 fully. Text features are one of a list; figures rise or fall between two bounds, so
 * that a degree more or less moves an answer a little and never flips it.
 */
export type When = { readonly [F in NumberFeature]?: z.infer<typeof FuzzyRange> } & {
  readonly [F in TextFeature]?: readonly string[]
}

function ramp(value: number, [from, to]: readonly [number, number]): number {
  if (from === to) return value >= to ? 1 : 0
  return Math.min(1, Math.max(0, (value - from) / (to - from)))
}

/** Degree to which all parts of a condition hold: their product. An empty condition always holds. */
export function truthDegree(when: When, features: WaterFeatures): number {
  let degree = 1
  for (const f of TEXT_FEATURES) {
    const wanted = when[f]
    if (wanted && !wanted.includes(features[f])) return 0
  }
  for (const f of NUMBER_FEATURES) {
    const band = when[f]
    if (band?.above) degree *= ramp(features[f], band.above)
    if (band?.below) degree *= 1 - ramp(features[f], band.below)
  }
  return degree
}
