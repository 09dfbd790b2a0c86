import type { Box } from '../../core/box'
import type { MatchContext, SetUp } from '../../core/match'
import { carry, carryAny, splitKit, type Carried, type Party, type Taken, type Wanted } from '../../core/outing'
import { findPatterns, type EffortRow, type Findings, type MeasureId } from '../../core/review'
import type { Conditions } from '../../core/water'
import { sayRig } from '../../words'

/** Set-ups as they go on the water, each with the lures that stand beside it. */
export function carryAll(
  setUps: readonly SetUp[],
  beside: readonly (readonly string[])[],
  box: Box,
  context: MatchContext,
): Carried[] {
  const lures = (ids: readonly string[] = []) => ids.flatMap((id) => box.lures.find((l) => l.id === id) ?? [])
  return setUps.map((setUp, i) => carry(setUp, context, `rig-${i + 1}`, sayRig(setUp), lures(beside[i])))
}

/** Anything of the box as it goes on the water; what the box no longer has is left out. */
export const carryWanted = (
  wanted: readonly Wanted[],
  ids: readonly string[],
  box: Box,
  context: MatchContext,
): Taken[] => wanted.flatMap((one, i) => carryAny(one, ids[i] ?? one.id, box, context, sayRig) ?? [])

/** What is carried, split among friends turn by turn; null where there is too little. */
export function split(
  carried: readonly Carried[],
  box: Box,
  c: Conditions,
  friends: number,
  turnMin: number,
): Party['turns'] | null {
  const pieces = ({ lureId }: Carried) => Math.max(1, box.lures.find((l) => l.id === lureId)?.count ?? 1)
  const count = Object.fromEntries(carried.map((one) => [one.id, pieces(one)]))
  return splitKit({ carried, count }, c, friends, turnMin)
}

/** What stands out of the log, shuffled against luck. */
export const patterns = (tried: readonly EffortRow[], measure: MeasureId): Findings => findPatterns(tried, measure)
