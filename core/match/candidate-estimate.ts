import type { MatchContext } from './match-context'
import { setUpOf, type Candidate, type OnLine } from './candidates'
import { axisPoints, maxPoints } from './score'
import { SNAG_LIMIT, estimateCastMetrics, pathOffers } from './cast-evaluation'

/** How far a glance may be out, points: at an even wind, and where pulls and rests follow each other (measured; see docs/decisions). */
export const ESTIMATE_ERROR = { even: 3, beats: 4.5 } as const
/** And how far the thickest line may lie from the thinnest, points, before it is looked at for itself. */
const LINE_SLACK = 6
/** And its risk of snagging, before a cast is ruled out unseen. */
const RISK_SLACK = 0.15

/** A way of fishing on one line, as far as an estimate tells. */
export interface CandidateEstimate {
  readonly candidate: Candidate
  readonly onLine: OnLine
  /** Score, points. */
  readonly score: number
  /** How far that may be out. */
  readonly maxError: number
  /** Whether it comes home without much risk of hanging up. */
  readonly snagFree: boolean
}

/** Glances at every way of fishing whose points could still come up to `floor` and to the brightest; brightest first. */
export function estimateCandidates(
  candidates: readonly Candidate[],
  context: MatchContext,
  floor: number,
): CandidateEstimate[] {
  const open = maxPoints(context.demand.by.path, context.demand)
  const looks: CandidateEstimate[] = []
  let brightest = floor
  for (const candidate of candidates) {
    if (candidate.pathIndependentScore + open < brightest) break
    const before = looks.length
    estimateOnLines(candidate, context, brightest - 2 * ESTIMATE_ERROR.beats, looks)
    for (let i = before; i < looks.length; i++) brightest = Math.max(brightest, looks[i]?.score ?? 0)
  }
  return looks.sort((a, b) => b.score - a.score)
}

/**
 * Glances at a way of fishing on its thinnest and its thickest line and reads the lines between off the straight line through both: a path
 * changes little and evenly with the line. Lines that cannot come up to `bar` are left out.
 */
function estimateOnLines(candidate: Candidate, context: MatchContext, bar: number, looks: CandidateEstimate[]): void {
  const { onLines, handling } = candidate
  const slack = handling.retrieve.pauseS === 0 ? ESTIMATE_ERROR.even : ESTIMATE_ERROR.beats
  const first = onLines[0]
  const last = onLines[onLines.length - 1]
  if (!first || !last) return
  const thin = estimateOn(candidate, first, context)
  if (candidate.pathIndependentScore + thin.points + LINE_SLACK < bar) return
  const thick = last === first ? thin : estimateOn(candidate, last, context)
  if (Math.min(thin.risk, thick.risk) > SNAG_LIMIT + RISK_SLACK) return
  const clear = Math.max(thin.risk, thick.risk) <= SNAG_LIMIT
  const span = thick.diameterM - thin.diameterM
  for (const onLine of onLines) {
    const at = span > 0 ? (onLine.rigging.outfit.line.diameterM - thin.diameterM) / span : 0
    const about = onLine.pathIndependentScore + thin.points + at * (thick.points - thin.points)
    if (about >= bar) looks.push({ candidate, onLine, score: about, maxError: slack, snagFree: clear })
  }
}

function estimateOn(candidate: Candidate, onLine: OnLine, { c, demand, reading }: MatchContext) {
  const { motion, offer } = candidate.dressed
  const met = estimateCastMetrics(setUpOf(candidate, onLine), motion, offer, c, reading)
  const points = axisPoints(demand.by.path, pathOffers(met), demand)
  return { diameterM: onLine.rigging.outfit.line.diameterM, risk: met.risk, points }
}
