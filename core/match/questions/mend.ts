import type { Box } from '../../box'
import type { Lure } from '../../tackle'
import { betterBuy, type BetterBuy } from './better-buy'
import { bestSingleChange, type Improvement } from './lift'
import type { MatchContext } from '../possible'
import { scoreSetUp } from '../tuned'
import type { SetUp } from '../setup'

/** The one thing that would mend a poor day most: another lure, or a change to the set-up that leads. */
export type Mend =
  | { readonly kind: 'lure'; readonly buy: BetterBuy }
  | { readonly kind: 'change'; readonly change: Improvement }

/** Of the best lure that a shop has and the best single change to the first set-up, the one that is worth more; null where neither is worth naming. */
export function mendOf(first: SetUp, box: Box, context: MatchContext, market: readonly Lure[]): Mend | null {
  const ranked = scoreSetUp(first, context)
  const buy = betterBuy(box, context, ranked, market)
  const change = bestSingleChange(ranked, context)
  if (buy && buy.gain >= (change?.points ?? 0)) return { kind: 'lure', buy }
  return change && { kind: 'change', change }
}
