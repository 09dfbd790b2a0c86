import { groupShares, modelKeyOf, type Lure } from '../../tackle'
import type { Box } from '../../box'
import { bestColouring } from '../against'
import { rank, type Ranked } from '../tuned'
import type { MatchContext } from '../possible'

/** What a shop could add: a lure that the box does not hold and that would be worth its place here. */
export interface BetterBuy {
  readonly lure: Lure
  readonly ranked: Ranked
  /** Points it would be ahead of the best of the box. */
  readonly gain: number
}

/** A lure is worth buying for one water only when it is this much better, points. */
const WORTH_BUYING = 8

/**
 * The best lure of a market that the box lacks, in the colours this water likes best, on the rods and lines of the box; null where nothing on the market
 * is worth buying for this water.
 */
export function betterBuy(
  box: Box,
  context: MatchContext,
  answer: Ranked | undefined,
  market: readonly Lure[],
): BetterBuy | null {
  const colour = bestColouring(context)
  const main = (lure: Lure) => JSON.stringify(groupShares(lure.colour))
  const held = new Set(box.lures.filter((l) => l.count > 0).map((l) => `${modelKeyOf(l)} ${main(l)}`))
  const wanted = [...new Map(market.map((l) => [modelKeyOf(l), l])).values()]
    .map((lure) => ({ ...lure, id: `market ${lure.id}`, colour, count: 1 }) as Lure)
    .filter((lure) => !held.has(`${modelKeyOf(lure)} ${main(lure)}`))
  const [first] = rank({ ...box, lures: wanted }, context, 1)
  if (!first) return null
  const gain = first.score - (answer?.score ?? 0)
  return gain >= WORTH_BUYING ? { lure: first.setUp.build.lure, ranked: first, gain } : null
}
