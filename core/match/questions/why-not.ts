import type { Lure } from '../../tackle'
import type { Box } from '../../box'
import { bestOf, type Ranked } from '../tuned'
import type { MatchContext } from '../possible'
import { compareParts } from './compare'
import { forbids } from './left-out'
import type { Refusal } from '../refusal'
import { pointsPerLog, type ScoreTerm } from '../account'

/** Why a lure is not the answer here: its own best way of fishing beside the answer, or what forbids it. */
export interface WhyNot {
  readonly ranked: Ranked | null
  /** What stands against it altogether; null where it can be fished here. */
  readonly why: Refusal | null
  /** Points behind the answer; negative when it is ahead. */
  readonly behind: number
  /** Where it loses most against the answer, and where it is better. */
  readonly worse: readonly Apart[]
  readonly better: readonly Apart[]
}

export interface Apart {
  /** Its own part, and that of the answer; null where nothing is judged there. */
  readonly own: ScoreTerm | null
  readonly other: ScoreTerm | null
  /** Points that it is behind. */
  readonly behind: number
}

/** Differences worth naming, points, and how many of them. */
const WORTH = 0.3
const NAMED = 5

/** What stands against a lure that has no good way of being fished here. */
export const whyNotHere = (lure: Lure, box: Box, context: MatchContext): Refusal =>
  forbids(lure, box, context) ?? { code: 'hangs-up' }

export function whyNotLure(lure: Lure, answer: Ranked, box: Box, context: MatchContext): WhyNot {
  const ranked = lure.count > 0 ? bestOf(lure, box, context) : null
  if (!ranked)
    return {
      ranked,
      why: whyNotHere(lure, box, context),
      behind: answer.score,
      worse: [],
      better: [],
    }
  const each = pointsPerLog(answer.score, ranked.score)
  const apart = compareParts([ranked, answer]).map(({ parts: [own, other] }): Apart => ({
    own: own ?? null,
    other: other ?? null,
    behind: each * (Math.log(other?.chance ?? 1) - Math.log(own?.chance ?? 1)),
  }))
  return {
    ranked,
    why: null,
    behind: answer.score - ranked.score,
    worse: apart.filter((a) => a.behind >= WORTH).slice(0, NAMED),
    better: apart.filter((a) => a.behind <= -WORTH).slice(0, NAMED),
  }
}
