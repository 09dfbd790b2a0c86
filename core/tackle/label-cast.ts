import { LABEL_CAST_M } from '../../data/casting'
import type { Lure } from './lure'

/** Length of the cast that a plug's packet depth is meant for, m; null for what has no such depth. */
export const labelCastOf = (lure: Pick<Lure, 'traits'>): number | null =>
  'labelCastM' in lure.traits ? lure.traits.labelCastM : null

/** The cast that most plugs of a box take their packets' depths for, m, the longer of two alike; what a new plug begins with. */
export function usualLabelCastM(lures: readonly Pick<Lure, 'traits'>[]): number {
  const counts = new Map<number, number>()
  for (const lure of lures) {
    const castM = labelCastOf(lure)
    if (castM !== null) counts.set(castM, (counts.get(castM) ?? 0) + 1)
  }
  return [...counts].reduce(
    (most, one) => (one[1] > most[1] || (one[1] === most[1] && one[0] > most[0]) ? one : most),
    [LABEL_CAST_M, 0] as [number, number],
  )[0]
}

/** The same plug with its packet's depth taken for another cast, m. */
export const withLabelCast = (lure: Lure, labelCastM: number): Lure =>
  'labelCastM' in lure.traits ? ({ ...lure, traits: { ...lure.traits, labelCastM } } as Lure) : lure
