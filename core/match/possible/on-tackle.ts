import { ascending, group } from 'd3-array'
import type { MatchContext } from './match-context'
import type { Tackle } from './outfit'

/** What of a context hangs on the tackle at hand: riggings, those of one rod, reel and line together, and the lines by which it is counted down. */
export function onTackle(riggings: readonly Tackle[]): Pick<MatchContext, 'riggings' | 'outfits' | 'countedOn'> {
  const thick = riggings.map((r) => r.outfit.line.diameterM).sort(ascending)
  return {
    riggings,
    outfits: [...group(riggings, ({ outfit }) => outfit).values()],
    countedOn: { usualM: thick[thick.length >> 1] ?? 0, thickestM: thick[thick.length - 1] ?? 0 },
  }
}
