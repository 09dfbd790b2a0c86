import { itemAt } from '../list'
import { groupShares, lureAction, mouldOf, type Box, type Lure } from '../tackle'
import { account, better, type Ranked } from './account'
import type { Bench } from './bench'
import { candidatesFor, candidatesOf, mostOf, setUpOf, type Candidate, type OnLine } from './candidates'
import type { Dressed } from './dressed'
import { GLANCE_SLACK, glances, type Look } from './look'
import { SOUND } from './offer'
import { axisPoints, colourLiking } from './score'
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

/** A place in the ranking: a lure in its best set-up, and those out of the same mould that stand behind it. */
export interface Placed extends Ranked {
  readonly alike: readonly Pick<Lure, 'id' | 'name'>[]
}

/** How far a ranking has come: what is ranked so far, where there is something new. */
export interface Step {
  readonly done: number
  readonly of: number
  readonly first: readonly Placed[] | null
}

/** Lures looked at before a first answer is given, and between two breaths after it. */
const FIRST_LOOK = 40
const STRIDE = 100

interface Seen {
  readonly lure: Lure
  readonly mould: string
  readonly looks: readonly Look[]
}

/** Ranks the lures of a box, each in its best set-up, best first; lures out of one mould share a place. Same inputs, same order. */
export function rank(box: Box, bench: Bench, limit: number): Placed[] {
  const steps = rankSteps(box, bench, limit)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/**
 * The same in steps, so that it can be watched and stopped. The lures that promise most are looked at first; what they reach is the floor under
 * which the others need no look.
 */
export function* rankSteps(box: Box, bench: Bench, limit: number): Generator<Step, Placed[]> {
  const carried = box.lures.filter((lure) => lure.count > 0)
  const heights = podium(limit)
  const seen: Seen[] = []
  const look = (lure: Lure) => {
    const looks = glances(candidatesOf(lure, box, bench), bench, heights.floor())
    if (!looks[0]) return
    const mould = mouldOf(lure)
    seen.push({ lure, mould, looks })
    const sound = looks.find((l) => l.clear)
    if (sound) heights.reach(mould, sound.about)
  }
  let rest = carried
  if (carried.length > 4 * FIRST_LOOK) {
    const hopeful = byHope(carried, bench)
    for (const lure of hopeful.slice(0, FIRST_LOOK)) look(lure)
    rest = hopeful.slice(FIRST_LOOK)
    yield { done: FIRST_LOOK, of: carried.length, first: placed(seen, carried, bench, limit) }
  }
  const most: { lure: Lure; most: number }[] = []
  for (const lure of rest) {
    most.push({ lure, most: mostOf(lure, box, bench) })
    if (most.length % STRIDE === 0) yield { done: seen.length, of: carried.length, first: null }
  }
  most.sort((a, b) => b.most - a.most)
  let done = carried.length - rest.length
  for (const { lure, most: reach } of most) {
    if (reach < heights.floor() - GLANCE_SLACK.beats) break
    look(lure)
    done += 1
    if (done % STRIDE === 0) yield { done, of: carried.length, first: null }
  }
  return placed(seen, carried, bench, limit)
}

/** The heights that hold the first places, one for each mould. */
function podium(limit: number) {
  const best = new Map<string, number>()
  let floor = 0
  return {
    floor: () => floor,
    reach(mould: string, about: number) {
      if ((best.get(mould) ?? -1) >= about) return
      best.set(mould, about)
      if (about > floor && best.size >= limit)
        floor = itemAt(
          [...best.values()].sort((a, b) => b - a),
          limit - 1,
        )
    },
  }
}

/** Lures by what is seen of them at once, their colour, length and action; the most hopeful first. */
function byHope(lures: readonly Lure[], { demand, contrastOf, record }: Bench): Lure[] {
  const hope = new Map(
    lures.map((lure) => {
      const offers = {
        ...lureAction(lure),
        length: lure.lengthM,
        sound: SOUND[lure.sound],
        contrast: contrastOf(lure.colour),
        record: record.oddsOf(lure).share,
      }
      const liked = demand.colour.weight * colourLiking({ colour: groupShares(lure.colour) }, demand)
      const tested = demand.habits.filter((h) => h.test.family)
      const met = tested.reduce((sum, { kind, test, weight }) => {
        const spoken = test.family?.includes(lure.family) === true
        return spoken === (kind === 'favour') ? sum + weight : sum
      }, liked)
      return [lure, axisPoints(demand.by.build, offers, demand) + (100 * met) / demand.totalWeight]
    }),
  )
  return [...lures].sort((a, b) => (hope.get(b) ?? 0) - (hope.get(a) ?? 0))
}

/** Throws what was seen, most promising first, until the places are taken. */
function placed(seen: readonly Seen[], lures: readonly Lure[], bench: Bench, limit: number): Placed[] {
  const list: { mould: string; ranked: Ranked }[] = []
  const promising = [...seen].sort((a, b) => (b.looks[0]?.about ?? 0) - (a.looks[0]?.about ?? 0))
  for (const { mould, looks } of promising) {
    const last = list.length >= limit ? (list[list.length - 1]?.ranked.score ?? 0) : 0
    const twin = list.findIndex((one) => one.mould === mould)
    const ranked = bestAmong(looks, bench, Math.max(last, list[twin]?.ranked.score ?? 0))
    if (!ranked) continue
    if (twin >= 0) {
      const before = list[twin]
      if (before && !better(ranked, before.ranked)) continue
      list.splice(twin, 1)
    }
    const at = list.findIndex((one) => better(ranked, one.ranked))
    list.splice(at < 0 ? list.length : at, 0, { mould, ranked })
    if (list.length > limit) list.pop()
  }
  const shown = new Map(list.map((one) => [one.mould, one.ranked]))
  const alike = new Map<string, Lure[]>()
  for (const lure of lures) {
    const mould = mouldOf(lure)
    if (shown.has(mould)) alike.set(mould, [...(alike.get(mould) ?? []), lure])
  }
  return list.map(({ mould, ranked }) => ({
    ...ranked,
    alike: (alike.get(mould) ?? [])
      .filter((l) => l.id !== ranked.setUp.build.lure.id)
      .map(({ id, name }) => ({ id, name })),
  }))
}
