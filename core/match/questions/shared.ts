import type { Box } from '../../box'
import type { Conditions, Place } from '../../water'
import { bringsLead, lawBroken, rejectionReason, type MatchContext, type MatchOptions } from '../possible'
import { createMatchContext } from '../against'
import { rank, scoreSetUp, SNAG_LIMIT, type Ranked } from '../tuned'
import type { SetUp } from '../setup'

/** What a set-up is worth for one of several fish; 0 where it breaks a limit for it. */
interface ForFish {
  readonly speciesId: string
  readonly score: number
}

/** A set-up for several fish at once. */
export interface SharedRow {
  readonly key: string
  readonly setUp: SetUp
  /** Mean of its scores, 0 … 100: fish that are as welcome count alike. */
  readonly score: number
  readonly by: readonly ForFish[]
}

/** The higher score, then the smaller key. */
const byScore = (a: SharedRow, b: SharedRow) => b.score - a.score || (a.key < b.key ? -1 : 1)

/** Set-ups of each fish's own ranking that are tried for the others. */
const TRIED = 12

/** The fish sought, the first one first, each once. */
export const soughtIn = ({ speciesId, alsoFor }: Pick<Conditions, 'speciesId' | 'alsoFor'>): string[] => [
  ...new Set([speciesId, ...alsoFor]),
]

/** The score of a set-up for one fish; 0 where line, teeth, law or cover forbid it. */
function worthFor({ build, outfit, leader, handling }: SetUp, context: MatchContext): number {
  const setUp = { build, outfit, leader, handling }
  if (rejectionReason(outfit, leader, context.species, context.c)) return 0
  if (lawBroken(build.lure, context.place) || (context.place.noLead && bringsLead(build))) return 0
  const { score, thrown } = scoreSetUp(setUp, context)
  return thrown.risk > SNAG_LIMIT ? 0 : score
}

/**
 * One ranking for several fish. Candidates are the first set-ups of each fish's own ranking; each is fished just so for all of them. A lure has one place, in the set-up
 * that serves all best.
 *
 * @throws Error when the conditions name a species that data/species does not hold
 */
export function rankShared(
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'sides' | 'rules' | 'record'>,
  limit = TRIED,
): SharedRow[] {
  const contexts = soughtIn(c).map((speciesId) => createMatchContext({ ...c, speciesId }, place, box, options))
  const tried = new Map<string, Ranked>()
  for (const context of contexts) for (const row of rank(box, context, TRIED)) tried.set(row.key, row)
  const best = new Map<string, SharedRow>()
  for (const { key, setUp } of tried.values()) {
    const by = contexts.map((context) => ({ speciesId: context.species.id, score: worthFor(setUp, context) }))
    const score = by.reduce((sum, one) => sum + one.score, 0) / by.length
    const row: SharedRow = { key, setUp, score, by }
    const known = best.get(setUp.build.lure.id)
    if (!known || byScore(row, known) < 0) best.set(setUp.build.lure.id, row)
  }
  return [...best.values()].sort(byScore).slice(0, limit)
}
