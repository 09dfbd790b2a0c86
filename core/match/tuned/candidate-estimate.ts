import { LONG_REST_S } from '../../motion'
import { setUpOf, type Candidate, type MatchContext, type OnLine, type Prospect } from '../possible'
import { axisLog } from '../account'
import { SNAG_LIMIT, estimateCastMetrics, pathOffers } from './cast-evaluation'

/** How far a glance may be out, as a logarithm of the chance: at an even wind, and where pulls and rests follow each other (measured; see docs/decisions). */
export const ESTIMATE_ERROR = { even: 0.15, beats: 0.4 } as const
/** The brightest glance may be too bright by so much: a way is left out only where it promises still less. */
const TOO_BRIGHT = 0.12
/** And how far the thickest line may lie from the thinnest before it is looked at for itself. */
const LINE_SLACK = 0.6
/** A line whose rod throws it so much farther or less far than its thickness tells, m, is looked at for itself. */
const OTHER_CAST_M = 2
/** And its risk of snagging, before a cast is ruled out unseen. */
const RISK_SLACK = 0.15

/** A way of fishing on one line, as far as an estimate tells. */
export interface CandidateEstimate {
  readonly candidate: Candidate
  readonly onLine: OnLine
  /** Logarithm of the chance. */
  readonly log: number
  /** How far that may be out. */
  readonly maxError: number
  /** Whether it comes home without much risk of hanging up. */
  readonly snagFree: boolean
}

/** Glances at every way of fishing that could still come up to `floor` and to the brightest; brightest first. */
export function estimateCandidates(
  candidates: readonly Candidate[],
  context: MatchContext,
  floor: number,
): CandidateEstimate[] {
  return estimateProspects([{ upper: Infinity, candidates: () => [...candidates] }], context, floor)
}

/** The same for ways that are made only as long as they can come up to the brightest. */
export function estimateProspects(
  prospects: readonly Prospect[],
  context: MatchContext,
  floor: number,
): CandidateEstimate[] {
  const looks: CandidateEstimate[] = []
  let brightest = floor
  for (const { upper, candidates } of prospects) {
    if (upper < brightest - TOO_BRIGHT) break
    for (const candidate of candidates(brightest - TOO_BRIGHT)) {
      if (candidate.logBeforeCast < brightest - TOO_BRIGHT) break
      const before = looks.length
      estimateOnLines(candidate, context, brightest - 2 * ESTIMATE_ERROR.beats, looks)
      for (let i = before; i < looks.length; i++) brightest = Math.max(brightest, looks[i]?.log ?? -Infinity)
    }
  }
  return looks.sort((a, b) => b.log - a.log)
}

/**
 * Glances at a way of fishing on its thinnest and its thickest line and reads the lines between off the straight line through both: a path
 * changes little and evenly with the line, where it is cast as far. Lines that cannot come up to `bar` are left out.
 */
function estimateOnLines(candidate: Candidate, context: MatchContext, bar: number, looks: CandidateEstimate[]): void {
  const { onLines, handling } = candidate
  const slack = handling.restS === 0 ? ESTIMATE_ERROR.even : ESTIMATE_ERROR.beats
  const first = onLines[0]
  const last = onLines[onLines.length - 1]
  if (!first || !last) return
  const thin = estimateOn(candidate, first, context)
  // Rests long enough for the line to sink tell lines of other stuff apart, whatever their thickness.
  const alike = handling.restS < LONG_REST_S
  if (alike && candidate.logBeforeCast + thin.log + LINE_SLACK < bar) return
  const thick = last === first ? thin : estimateOn(candidate, last, context)
  if (Math.min(thin.risk, thick.risk) > SNAG_LIMIT + RISK_SLACK) return
  const clear = Math.max(thin.risk, thick.risk) <= SNAG_LIMIT
  const span = thick.diameterM - thin.diameterM
  for (const onLine of onLines) {
    const at = span > 0 ? (onLine.rigging.outfit.line.diameterM - thin.diameterM) / span : 0
    const plain = Math.abs(onLine.castM - first.castM - at * (last.castM - first.castM)) < OTHER_CAST_M
    const read = thin.log + at * (thick.log - thin.log)
    if (alike && onLine.logBeforeCast + read + LINE_SLACK < bar) continue
    const about = onLine.logBeforeCast + (alike && plain ? read : estimateOn(candidate, onLine, context).log)
    if (about >= bar) looks.push({ candidate, onLine, log: about, maxError: slack, snagFree: clear })
  }
}

function estimateOn(candidate: Candidate, onLine: OnLine, context: MatchContext) {
  const { motion, offer } = candidate.dressed
  const met = estimateCastMetrics(setUpOf(candidate, onLine), motion, offer, context)
  const log = axisLog(context.demand.by.path, pathOffers(met, candidate.dressed.build.lure))
  return { diameterM: onLine.rigging.outfit.line.diameterM, risk: met.risk, log }
}
