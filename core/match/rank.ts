import type { Box, Lure } from '../tackle'
import { account, better, type Ranked } from './account'
import type { Bench } from './bench'
import { candidatesFor, candidatesOf, setUpOf, type Candidate, type OnLine } from './candidates'
import type { Dressed } from './dressed'
import { GLANCE_SLACK, glances, type Look } from './look'
import { axisPoints } from './score'
import { SNAG_LIMIT, pathOffers, throwIt, tryIt } from './throw'

/** A lure is not thrown further after this many casts in a row that were no better. */
const PATIENCE = 8

/** Best set-up of one lure, or null where nothing in the box lets it be fished here. */
export function bestOf(lure: Lure, box: Box, bench: Bench): Ranked | null {
  return bestAmong(glances(candidatesOf(lure, box, bench), bench, 0), bench, 0)
}

/** Best way of fishing a lure dressed in just one way, or null where that breaks a limit. */
export function bestDressed(dressed: Dressed, bench: Bench): Ranked | null {
  return bestAmong(glances(candidatesFor(dressed.build.lure, [dressed], bench), bench, 0), bench, 0)
}

/** A set-up that was thrown, and the way of fishing it came from. */
interface Found {
  readonly candidate: Candidate
  readonly onLine: OnLine
  readonly ranked: Ranked
}

/** Throws in full whatever a glance's error lets win, brightest first; then the winner's way on every line. */
function bestAmong(looks: readonly Look[], bench: Bench, atLeast: number): Ranked | null {
  let best: Found | null = null
  let inVain = 0
  for (const { candidate, onLine, about, slack } of looks) {
    if (inVain >= PATIENCE) break
    const bar: number = Math.max(atLeast, best?.ranked.score ?? 0)
    if (about + GLANCE_SLACK.beats < bar) break
    if (about + slack < bar) continue
    inVain += 1
    const found = thrown(candidate, onLine, bench, best)
    if (!found) continue
    best = found
    inVain = 0
  }
  return best && (best.ranked.score + GLANCE_SLACK.even < atLeast ? best : onBestLine(best, bench)).ranked
}

/** Glances read the lines between the thinnest and the thickest off a straight line; the winner is thrown on all that may be better. */
function onBestLine(found: Found, bench: Bench): Found {
  let best = found
  for (const onLine of found.candidate.onLines)
    if (onLine !== found.onLine && onLine.sure + GLANCE_SLACK.beats > found.onLine.sure)
      best = thrown(found.candidate, onLine, bench, best) ?? best
  return best
}

/** Throws a way of fishing on one line; null where it hangs up too often or is no better than the best so far. */
function thrown(candidate: Candidate, onLine: OnLine, bench: Bench, best: Found | null): Found | null {
  const { c, demand, reading } = bench
  const { motion, offer } = candidate.dressed
  const setUp = setUpOf(candidate, onLine)
  const met = tryIt(setUp, motion, offer, c, reading)
  if (met.risk > SNAG_LIMIT) return null
  const score = onLine.sure + axisPoints(demand.by.path, pathOffers(met), demand)
  if (best && score < best.ranked.score - 1e-9) return null
  const ranked = account(setUp, offer, throwIt(setUp, motion, offer, c, reading), bench)
  return best && !better(ranked, best.ranked) ? null : { candidate, onLine, ranked }
}

/** Ranks the lures of a box, each in its best set-up, best first. Same inputs, same order. */
export function rank(box: Box, bench: Bench, limit: number): Ranked[] {
  const list: Ranked[] = []
  for (const looks of promising(box, bench, limit)) {
    const bar = list.length >= limit ? (list[list.length - 1]?.score ?? 0) : 0
    const found = bestAmong(looks, bench, bar)
    if (!found) continue
    const at = list.findIndex((r) => better(found, r))
    list.splice(at < 0 ? list.length : at, 0, found)
    if (list.length > limit) list.pop()
  }
  return list
}

/**
 * Glances at the lures that may come among the first `limit`, most promising first. The surest lures are looked at first; what they reach is
 * the floor under which the others need no look.
 */
function promising(box: Box, bench: Bench, limit: number): Look[][] {
  const brightest: number[] = []
  const found: Look[][] = []
  const byLure = box.lures.filter((lure) => lure.count > 0).map((lure) => candidatesOf(lure, box, bench))
  for (const candidates of byLure.sort((a, b) => (b[0]?.sure ?? 0) - (a[0]?.sure ?? 0))) {
    const looks = glances(candidates, bench, brightest[limit - 1] ?? 0)
    if (!looks[0]) continue
    found.push(looks)
    const sound = looks.find((l) => l.clear)
    if (!sound) continue
    brightest.push(sound.about)
    brightest.sort((a, b) => b - a)
  }
  return found.sort((a, b) => (b[0]?.about ?? 0) - (a[0]?.about ?? 0))
}
