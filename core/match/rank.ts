import { motionOf } from '../motion'
import type { Box, Lure } from '../tackle'
import type { Bench } from './bench'
import { candidatesOf, handOffers, setUpOf, type Candidate, type OnLine } from './candidates'
import { buildFits, retrieveFits } from './habit'
import { offerOf } from './offer'
import { reelEase, riggingOf, rodAndLineAgreement } from './outfit'
import { axisParts, axisPoints, buildOffers, colourPart, habitPart, inOrder, mostPoints, type Part } from './score'
import { setUpKey, type SetUp } from './setup'
import { SNAG_LIMIT, glance, pathOffers, throwIt, type Thrown } from './throw'

export interface Ranked {
  readonly key: string
  readonly setUp: SetUp
  /** 0 … 100: the sum of the points of its parts. */
  readonly score: number
  readonly parts: readonly Part[]
  readonly thrown: Thrown
}

/** How far a glance may be out, points: at an even wind, and where pulls and rests follow each other (measured; see docs/decisions). */
const GLANCE_SLACK = { even: 2.5, beats: 4 } as const
/** And how far the thickest line may lie from the thinnest, points, before it is looked at for itself. */
const LINE_SLACK = 6
/** A lure is not thrown further after this many casts in a row that were no better. */
const PATIENCE = 12
/** And its risk of snagging, before a cast is ruled out unseen. */
const RISK_SLACK = 0.15

/** Order of equals: the higher score, then the smaller key of the parts, so that the same inputs give the same list. */
function better(a: { score: number; key: string }, b: { score: number; key: string }): boolean {
  return a.score > b.score + 1e-9 || (Math.abs(a.score - b.score) <= 1e-9 && a.key < b.key)
}

/** The full account of one given set-up in one water. */
export function scoreSetUp(setUp: SetUp, bench: Bench): Ranked {
  const { c, reading } = bench
  const motion = motionOf(setUp.build, reading.density)
  const offer = offerOf(setUp.build, motion, reading.density)
  return account(setUp, offer, throwIt(setUp, motion, offer, c, reading), bench)
}

function account(setUp: SetUp, offer: Candidate['offer'], thrown: Thrown, { c, demand }: Bench): Ranked {
  const { build, outfit, leader, handling } = setUp
  const { retrieve, pullMps } = handling
  const rigging = riggingOf(outfit, leader)
  const tackle = rodAndLineAgreement(build, rigging) * reelEase(outfit.reel, retrieve, pullMps)
  const parts = inOrder([
    ...axisParts(demand.by.build, buildOffers(offer), demand),
    ...colourPart(offer, demand),
    ...axisParts(demand.by.hand, handOffers(build, retrieve, pullMps, c.castM), demand),
    ...axisParts(demand.by.outfit, { tackle, stealth: rigging.stealth }, demand),
    ...axisParts(demand.by.path, pathOffers(thrown), demand),
    ...demand.habits.map((h) => habitPart(h, buildFits(h.test, build) && retrieveFits(h.test, retrieve), demand)),
  ])
  return { key: setUpKey(setUp), setUp, score: parts.reduce((sum, p) => sum + p.points, 0), parts, thrown }
}

/** Best set-up of one lure, or null where nothing in the box lets it be fished here. */
export function bestOf(lure: Lure, box: Box, bench: Bench): Ranked | null {
  return bestAmong(glances(candidatesOf(lure, box, bench), bench), bench, 0)
}

/** Glances at every way of fishing whose points could still come up to the brightest; brightest first. */
function glances(candidates: readonly Candidate[], bench: Bench): Look[] {
  const open = mostPoints(bench.demand.by.path, bench.demand)
  const looks: Look[] = []
  const seen: Seen = new Map()
  let brightest = 0
  for (const candidate of candidates) {
    if (candidate.sure + open < brightest) break
    for (const look of looksAt(candidate, bench, brightest - 2 * GLANCE_SLACK.beats, seen)) {
      looks.push(look)
      brightest = Math.max(brightest, look.about)
    }
  }
  return looks.sort((a, b) => b.about - a.about)
}

/** Throws in full whatever a glance's error lets win, brightest first. */
function bestAmong(looks: readonly Look[], bench: Bench, atLeast: number): Ranked | null {
  const { c, demand, reading } = bench
  let best: Ranked | null = null
  let inVain = 0
  for (const { candidate, onLine, about, slack } of looks) {
    if (inVain >= PATIENCE) break
    const bar: number = Math.max(atLeast, best?.score ?? 0)
    if (about + GLANCE_SLACK.beats < bar) break
    if (about + slack < bar) continue
    const setUp = setUpOf(candidate, onLine)
    const thrown = throwIt(setUp, candidate.motion, candidate.offer, c, reading)
    inVain += 1
    if (thrown.risk > SNAG_LIMIT) continue
    const score = onLine.sure + axisPoints(demand.by.path, pathOffers(thrown), demand)
    if (best && score < best.score - 1e-9) continue
    const found = account(setUp, candidate.offer, thrown, bench)
    if (best && !better(found, best)) continue
    best = found
    inVain = 0
  }
  return best
}

interface Glance {
  readonly diameterM: number
  readonly risk: number
  readonly points: number
}

/** Glances already taken at a lure. */
type Seen = Map<string, Glance>

interface Look {
  readonly candidate: Candidate
  readonly onLine: OnLine
  /** Score as far as a glance tells. */
  readonly about: number
  /** How far that may be out. */
  readonly slack: number
}

/**
 * Glances at a way of fishing on its thinnest and its thickest line and reads the lines between off the straight line through both: a path
 * changes little and evenly with the line. Lines that cannot come up to `bar` are left out.
 */
function looksAt(candidate: Candidate, { c, demand, reading }: Bench, bar: number, seen: Seen): Look[] {
  const { onLines, motion, offer } = candidate
  const lookOn = (end: OnLine | undefined): Glance => {
    if (!end) throw new Error('a candidate without a line')
    const { diameterM } = end.rigging.outfit.line
    const key = `${candidate.way}|${diameterM}`
    const known = seen.get(key)
    if (known) return known
    const look = glance(setUpOf(candidate, end), motion, offer, c, reading)
    const fresh = { diameterM, risk: look.risk, points: axisPoints(demand.by.path, pathOffers(look), demand) }
    seen.set(key, fresh)
    return fresh
  }
  const thin = lookOn(onLines[0])
  if (candidate.sure + thin.points + LINE_SLACK < bar) return []
  const thick = onLines.length > 1 ? lookOn(onLines[onLines.length - 1]) : thin
  if (Math.min(thin.risk, thick.risk) > SNAG_LIMIT + RISK_SLACK) return []
  const slack = candidate.handling.retrieve.restS === 0 ? GLANCE_SLACK.even : GLANCE_SLACK.beats
  const span = thick.diameterM - thin.diameterM
  return onLines.flatMap((onLine) => {
    const at = span > 0 ? (onLine.rigging.outfit.line.diameterM - thin.diameterM) / span : 0
    const about = onLine.sure + thin.points + at * (thick.points - thin.points)
    return about < bar ? [] : [{ candidate, onLine, about, slack }]
  })
}

/** Ranks the lures of a box, each in its best set-up, best first. Same inputs, same order. */
export function rank(box: Box, bench: Bench, limit: number): Ranked[] {
  const list: Ranked[] = []
  const promising = box.lures
    .filter((lure) => lure.count > 0)
    .map((lure) => glances(candidatesOf(lure, box, bench), bench))
    .sort((a, b) => (b[0]?.about ?? 0) - (a[0]?.about ?? 0))
  for (const looks of promising) {
    const bar = list.length >= limit ? (list[list.length - 1]?.score ?? 0) : 0
    const found = bestAmong(looks, bench, bar)
    if (!found) continue
    const at = list.findIndex((r) => better(found, r))
    list.splice(at < 0 ? list.length : at, 0, found)
    if (list.length > limit) list.pop()
  }
  return list
}
