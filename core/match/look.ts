import type { Bench } from './bench'
import { setUpOf, type Candidate, type OnLine } from './candidates'
import { axisPoints, mostPoints } from './score'
import { SNAG_LIMIT, glance, pathOffers } from './throw'

/** How far a glance may be out, points: at an even wind, and where pulls and rests follow each other (measured; see docs/decisions). */
export const GLANCE_SLACK = { even: 2.5, beats: 4 } as const
/** And how far the thickest line may lie from the thinnest, points, before it is looked at for itself. */
const LINE_SLACK = 6
/** And its risk of snagging, before a cast is ruled out unseen. */
const RISK_SLACK = 0.15

/** A way of fishing on one line, as far as a glance tells. */
export interface Look {
  readonly candidate: Candidate
  readonly onLine: OnLine
  /** Score, points. */
  readonly about: number
  /** How far that may be out. */
  readonly slack: number
  /** Whether it comes home without much risk of hanging up. */
  readonly clear: boolean
}

/** Glances at every way of fishing whose points could still come up to `floor` and to the brightest; brightest first. */
export function glances(candidates: readonly Candidate[], bench: Bench, floor: number): Look[] {
  const open = mostPoints(bench.demand.by.path, bench.demand)
  const looks: Look[] = []
  let brightest = floor
  for (const candidate of candidates) {
    if (candidate.sure + open < brightest) break
    const before = looks.length
    lookAt(candidate, bench, brightest - 2 * GLANCE_SLACK.beats, looks)
    for (let i = before; i < looks.length; i++) brightest = Math.max(brightest, looks[i]?.about ?? 0)
  }
  return looks.sort((a, b) => b.about - a.about)
}

/**
 * Glances at a way of fishing on its thinnest and its thickest line and reads the lines between off the straight line through both: a path
 * changes little and evenly with the line. Lines that cannot come up to `bar` are left out.
 */
function lookAt(candidate: Candidate, bench: Bench, bar: number, looks: Look[]): void {
  const { onLines, handling } = candidate
  const slack = handling.retrieve.restS === 0 ? GLANCE_SLACK.even : GLANCE_SLACK.beats
  const first = onLines[0]
  const last = onLines[onLines.length - 1]
  if (!first || !last) return
  const thin = glanceOn(candidate, first, bench)
  if (candidate.sure + thin.points + LINE_SLACK < bar) return
  const thick = last === first ? thin : glanceOn(candidate, last, bench)
  if (Math.min(thin.risk, thick.risk) > SNAG_LIMIT + RISK_SLACK) return
  const clear = Math.max(thin.risk, thick.risk) <= SNAG_LIMIT
  const span = thick.diameterM - thin.diameterM
  for (const onLine of onLines) {
    const at = span > 0 ? (onLine.rigging.outfit.line.diameterM - thin.diameterM) / span : 0
    const about = onLine.sure + thin.points + at * (thick.points - thin.points)
    if (about >= bar) looks.push({ candidate, onLine, about, slack, clear })
  }
}

function glanceOn(candidate: Candidate, onLine: OnLine, { c, demand, reading }: Bench) {
  const { motion, offer } = candidate.dressed
  const met = glance(setUpOf(candidate, onLine), motion, offer, c, reading)
  const points = axisPoints(demand.by.path, pathOffers(met), demand)
  return { diameterM: onLine.rigging.outfit.line.diameterM, risk: met.risk, points }
}
