import { GLOWS_UNDER_LUX } from '../../data/make'
import { LOOKED_AT } from '../../data/plan'
import type { Box } from '../box'
import {
  bestOf,
  type createMatchContext,
  onOutfits,
  outfitKey,
  rank,
  rankSteps,
  type MatchContext,
  type OnOutfit,
  type RecordEntry,
  type Rule,
} from '../match'
import type { Lure, Technique } from '../tackle'
import { colourLeft } from '../water'

/** What a lure is worth in one water: its best set-up there, on every rod and reel that may carry it. */
export interface LureInWater {
  readonly lure: Lure
  readonly on: readonly OnOutfit[]
}

export interface Judging {
  readonly sides: Parameters<typeof createMatchContext>[3]['sides']
  readonly rules?: readonly Rule[]
  readonly techniques?: readonly Technique[]
  readonly record?: readonly RecordEntry[]
}

/**
 * What makes one water another for the match: what is asked there, where the fish are, how they see it. Figures to two places, for two hours that ask for the same to the eye
 * need not be ranked twice.
 */
export function waterKey({ c, place, demand, reading, deliveries, species }: MatchContext): string {
  // Hour and sky are in what is asked and in the light where the fish are; light counts only where it leaves less of a colour.
  const { hour: _, date: __, sky: ___, lightAs: ____, ...water } = c
  const { topM, bottomM } = reading.zone
  const seen = [Math.round(10 * colourLeft(reading.zoneLux)), reading.zoneLux < GLOWS_UNDER_LUX]
  return JSON.stringify(
    [place.id, species.id, water, topM, bottomM, seen, [...deliveries], demand],
    (_, value: unknown) => (typeof value === 'number' ? Number(value.toPrecision(2)) : value),
  )
}

/** Lures worth a look in a water, each in its best set-up. */
export const luresInWater = (box: Box, context: MatchContext): LureInWater[] =>
  rank(box, context, LOOKED_AT, 'lure').map((one) => ({ lure: one.setUp.build.lure, on: onOutfits(one, context) }))

/** One lure in a water, however far down it stands there; null where it cannot be fished. */
export function lureInWater(lure: Lure, box: Box, context: MatchContext): LureInWater | null {
  const best = bestOf(lure, box, context)
  return best && { lure, on: onOutfits(best, context) }
}

/** A first look at a water: what can be said of it at once. */
export function firstLures(box: Box, context: MatchContext): LureInWater[] {
  const steps = rankSteps(box, context, LOOKED_AT / 2, 'lure')
  for (;;) {
    const step = steps.next()
    const rows = step.done ? step.value : step.value.first?.()
    if (rows)
      return rows.map((one) => ({ lure: one.setUp.build.lure, on: [{ outfit: outfitKey(one.setUp), ranked: one }] }))
  }
}
