import { itemAt } from '../../list'
import { SHARED_PLACE } from '../../../data/places'
import { groupShares, kinKeyOf, lureAction, sizeKeyOf, type Lure, seenLengthM, type Technique } from '../../tackle'
import type { Box } from '../../box'
import {
  evaluateBuild,
  handlings,
  prospectsFor,
  prospectsOf,
  setUpOf,
  workAgain,
  type Candidate,
  type EvaluatedBuild,
  type MatchContext,
  type OnLine,
  type Prospect,
} from '../possible'
import type { SetUp } from '../setup'
import { ranksBefore, scoreBreakdown, scoreSetUp, type Ranked } from './score-breakdown'
import { warningOf } from '../asked'
import { ESTIMATE_ERROR, estimateProspects, type CandidateEstimate } from './candidate-estimate'
import { axisLog, colourLog, practiceLog, SOUND } from '../account'
import { SNAG_LIMIT, pathOffers, withPath, evaluateCast } from './cast-evaluation'

/** A lure is not thrown further after this many casts in a row that were no better; nor, for first rows that are soon replaced, and where many lures are weighed, after so few. */
const PATIENCE = 8
const FIRST_PATIENCE = 3
const WEIGHING_PATIENCE = 6
/** Of one way so many lines are thrown: the winner is thrown on all. Where nothing came home clean yet, so many casts are. */
const LINES_TRIED = 2
const UNCLEAN_PATIENCE = 24
/**
 * How much more may come, as a logarithm of the chance, of a lure that has been thrown so many times: the n casts after the brightest one raise it by no more than 1.5/n in
 * 98 of 100 lures (256 lures in four waters, thrown until nothing was better).
 */
const mayStillGain = (casts: number) => 1.5 / casts
/** Nor is the next lure thrown after this many in a row that won no place. */
const LURES_PATIENCE = 30

/** What is tuned gains by it, one more than another: so many more than the list holds are tuned, and the list is cut after it. With three, 5 of 84 rows of the demo were missed, up to a fourth place; with eleven none (tuned/short-list.test). */
const TUNED_BEYOND = 11

/** Logarithm of a chance. */
const logOf = ({ chance }: Pick<Ranked, 'chance'>) => Math.log(chance)

/** Best set-up of one lure, or null where nothing in the box lets it be fished here. */
export function bestOf(lure: Lure, box: Box, context: MatchContext): Ranked | null {
  return bestOfProspects(prospectsOf(lure, box, context), context)
}

function bestOfProspects(prospects: readonly Prospect[], context: MatchContext): Ranked | null {
  const best = bestAmong(estimateProspects(prospects, context, -Infinity), context, -Infinity)
  return best && bestCounted(onBestLine(best, context), context)
}

/** Best of some ways of fishing, or null where none comes home clean. */
export const bestOfCandidates = (candidates: readonly Candidate[], context: MatchContext): Ranked | null =>
  bestOfProspects([{ upper: Infinity, candidates: () => [...candidates] }], context)

/** Best way of fishing a lure dressed in just one way, or null where that breaks a limit. */
export function bestDressed(dressed: EvaluatedBuild, context: MatchContext): Ranked | null {
  return bestOfProspects(prospectsFor([dressed], context), context)
}

/** A set-up that was thrown, and the way of fishing it came from. */
interface Found {
  readonly candidate: Candidate
  readonly onLine: OnLine
  readonly ranked: Ranked
}

/** Throws in full whatever an estimate's error lets win, brightest first. */
function bestAmong(
  looks: readonly CandidateEstimate[],
  context: MatchContext,
  atLeast: number,
  patience = PATIENCE,
): Found | null {
  let best: Found | null = null
  let casts = 0
  let castsWithoutGain = 0
  const tried = new Map<Candidate, number>()
  // A glance is too bright or too dark in the same way for all that is worked alike.
  const tooBright = new Map<Technique, number>()
  for (const { candidate, onLine, log: glanced, maxError: slack } of looks) {
    if (castsWithoutGain >= (best ? patience : UNCLEAN_PATIENCE)) break
    if (best && logOf(best.ranked) + mayStillGain(casts) < atLeast) break
    const bar: number = Math.max(atLeast, best ? logOf(best.ranked) : -Infinity)
    if (glanced + ESTIMATE_ERROR.beats < bar) break
    const { technique } = candidate.handling
    const lines = tried.get(candidate) ?? 0
    if (lines >= LINES_TRIED || glanced - (tooBright.get(technique) ?? 0) + slack < bar) continue
    tried.set(candidate, lines + 1)
    casts += 1
    castsWithoutGain += 1
    const { log, found } = thrown(candidate, onLine, context, best)
    tooBright.set(technique, Math.max(0, glanced - log - ESTIMATE_ERROR.even))
    if (!found) continue
    best = found
    castsWithoutGain = 0
  }
  return best
}

/** Glances read the lines between the thinnest and the thickest off a straight line; the winner is thrown on all that may be better. */
function onBestLine(found: Found, context: MatchContext): Ranked {
  let best = found
  for (const onLine of found.candidate.onLines)
    if (onLine !== found.onLine && onLine.logBeforeCast + ESTIMATE_ERROR.beats > found.onLine.logBeforeCast)
      best = thrown(found.candidate, onLine, context, best).found ?? best
  return best.ranked
}

/** Throws a way of fishing on one line; nothing is found where it hangs up too often or is no better than the best so far. */
function thrown(
  candidate: Candidate,
  onLine: OnLine,
  context: MatchContext,
  best: Found | null,
): { log: number; found: Found | null } {
  const { demand } = context
  const { motion, offer } = candidate.dressed
  const setUp = setUpOf(candidate, onLine)
  const met = evaluateCast(setUp, motion, offer, context)
  const log = onLine.logBeforeCast + axisLog(demand.by.path, pathOffers(met, setUp.build.lure))
  if (met.risk > SNAG_LIMIT || (best && log < logOf(best.ranked) - 1e-9)) return { log, found: null }
  const ranked = scoreBreakdown(setUp, candidate.dressed, withPath(met, setUp, motion, context), context)
  return { log, found: best && !ranksBefore(ranked, best.ranked) ? null : { candidate, onLine, ranked } }
}

/**
 * What is shown is tuned: a glance tells count-downs and heights of the rod least apart, so all are thrown; then tempo and patience move in smaller and smaller steps as long
 * as the set-up gains by it.
 */
function bestCounted(ranked: Ranked, context: MatchContext): Ranked {
  const { setUp } = ranked
  const dressed = evaluateBuild(setUp.build, context.known(setUp.build.lure), context.reading)
  let best = ranked
  const trying = (handling: SetUp['handling']) => {
    const other = scoreSetUp({ ...setUp, handling }, context)
    if (other.thrown.risk > SNAG_LIMIT || !ranksBefore(other, best)) return false
    best = other
    return true
  }
  for (const handling of handlings(setUp, dressed.motion, context)) trying(handling)
  for (const step of TUNING_STEPS)
    for (const of of rangesOf(setUp.handling.technique))
      for (const by of [step, -step]) {
        const { handling } = best.setUp
        const moved = { ...handling, [of]: Math.min(1, Math.max(0, handling[of] + by)) }
        const work = workAgain(dressed, moved, context)
        if (work && moved[of] !== handling[of] && trying({ ...handling, ...work })) break
      }
  return best
}
const TUNING_STEPS = [0.2, 0.1, 0.05] as const

/** What of a technique the hand may choose. */
const rangesOf = ({ pace, restS }: Technique): readonly ('tempo' | 'patience')[] => [
  ...(pace ? (['tempo'] as const) : []),
  ...(restS ? (['patience'] as const) : []),
]

/** A place in the ranking: a lure in its best set-up, and its model’s other colours, and sizes that serve alike, which stand behind it. */
export interface Placed extends Ranked {
  readonly alike: readonly Pick<Lure, 'id' | 'name'>[]
}

/** Sizes and colours that stand behind a place, each in its own best set-up, best first. */
export function rankBehind(place: Pick<Placed, 'alike'>, box: Box, context: MatchContext): Placed[] {
  const ids = new Set(place.alike.map((one) => one.id))
  const found = box.lures.filter((l) => ids.has(l.id)).flatMap((lure) => bestOf(lure, box, context) ?? [])
  return found.sort((a, b) => (ranksBefore(a, b) ? -1 : 1)).map((ranked) => ({ ...ranked, alike: [] }))
}

/** How far a ranking has come. `first` ranks what was looked at so far, where there is something new: only for who asks, before the next step. */
export interface Step {
  readonly done: number
  readonly of: number
  readonly first: (() => readonly Placed[]) | null
}

/** Lures looked at before a first answer is given, and between two breaths after it. */
const FIRST_LOOK = 30
const STRIDE = 100

interface Seen {
  readonly lure: Lure
  readonly placeKey: string
  readonly looks: readonly CandidateEstimate[]
}

/** How a list is made: what shares a place, after how many casts without gain a lure is thrown no further, whether the last count-down is sought. */
interface Making {
  readonly keyOf: (lure: Lure) => string
  readonly patience: number
  readonly counted: boolean
}

/**
 * Colours of one model share a place, each thrown in full, and its sizes and weights where they serve alike; or every lure has its own, and is thrown only as often as it takes to weigh lures against each other:
 * what is made of such a list is thrown in full once it is chosen.
 */
export type PlaceFor = 'model' | 'lure'
const MAKINGS: Readonly<Record<PlaceFor, Making>> = {
  model: { keyOf: (lure) => `${kinKeyOf(lure)} ${sizeKeyOf(lure)}`, patience: PATIENCE, counted: true },
  lure: { keyOf: ({ id }) => id, patience: WEIGHING_PATIENCE, counted: false },
}

/** Ranks the lures of a box, each in its best set-up, best first. Same inputs, same order. */
export function rank(box: Box, context: MatchContext, limit: number, placeFor: PlaceFor = 'model'): Placed[] {
  const steps = rankSteps(box, context, limit, placeFor)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/**
 * The same in steps, so that it can be watched and stopped. The lures that promise most are looked at first; what they reach is the floor under
 * which the others need no look.
 */
export function* rankSteps(
  box: Box,
  context: MatchContext,
  limit: number,
  placeFor: PlaceFor = 'model',
): Generator<Step, Placed[]> {
  const making = MAKINGS[placeFor]
  const carried = box.lures.filter((lure) => lure.count > 0)
  const threshold = topKThreshold(making.counted ? limit + TUNED_BEYOND : limit)
  const seen: Seen[] = []
  const look = (lure: Lure, prospects = prospectsOf(lure, box, context)) => {
    const looks = estimateProspects(prospects, context, threshold.floor())
    if (!looks[0]) return
    const placeKey = making.keyOf(lure)
    seen.push({ lure, placeKey, looks })
    const sound = looks.find((l) => l.snagFree)
    if (sound) threshold.offer(placeKey, sound.log)
  }
  let rest = carried
  if (carried.length > 4 * FIRST_LOOK) {
    const quickScores = byQuickScore(carried, context)
    for (const lure of quickScores.slice(0, FIRST_LOOK)) look(lure)
    rest = quickScores.slice(FIRST_LOOK)
    yield { done: FIRST_LOOK, of: carried.length, first: () => firstPlaced(seen, carried, context, limit, making) }
  }
  const most: { lure: Lure; prospects: Prospect[]; most: number }[] = []
  for (const lure of rest) {
    const prospects = prospectsOf(lure, box, context)
    if (prospects[0]) most.push({ lure, prospects, most: prospects[0].upper })
    if (most.length % STRIDE === 0) yield { done: seen.length, of: carried.length, first: null }
  }
  most.sort((a, b) => b.most - a.most)
  let done = carried.length - rest.length
  for (const { lure, prospects, most: reach } of most) {
    if (reach < threshold.floor() - ESTIMATE_ERROR.beats) break
    look(lure, prospects)
    done += 1
    if (done % STRIDE === 0) yield { done, of: carried.length, first: null }
  }
  return placed(seen, carried, context, limit, making)
}

/** The heights that hold the first places, one for each model. */
function topKThreshold(limit: number) {
  const best = new Map<string, number>()
  let floor = -Infinity
  return {
    floor: () => floor,
    offer(placeKey: string, about: number) {
      if ((best.get(placeKey) ?? -Infinity) >= about) return
      best.set(placeKey, about)
      if (about > floor && best.size >= limit)
        floor = itemAt(
          [...best.values()].sort((a, b) => b - a),
          limit - 1,
        )
    },
  }
}

/** Lures by what is seen of them at once, their colour, length and action; the most hopeful first. */
function byQuickScore(lures: readonly Lure[], { demand, contrastOf, record }: MatchContext): Lure[] {
  const families = [...new Set(lures.map(({ family }) => family))]
  const practice = new Map(families.map((family) => [family, practiceOf(family, demand.habits)]))
  const hoped = lures.map((lure) => {
    const offers = {
      ...lureAction(lure),
      length: seenLengthM(lure),
      sound: SOUND[lure.sound],
      contrast: contrastOf(lure.colour, lure.make),
      record: record.oddsOf(lure).share,
    }
    const log = axisLog(demand.by.build, offers) + colourLog({ colour: groupShares(lure.colour) }, demand)
    return { lure, hope: log + (practice.get(lure.family) ?? 0) }
  })
  return hoped.sort((a, b) => b.hope - a.hope).map(({ lure }) => lure)
}

/** What practice says of a family by its name alone, as a logarithm of the chance. */
function practiceOf(family: Lure['family'], habits: MatchContext['demand']['habits']): number {
  let [favoured, warned] = [0, 0]
  for (const habit of habits)
    if (!habit.test.family?.includes(family)) continue
    else if (habit.kind === 'favour') favoured += habit.weight
    else if (!habit.unless) warned += warningOf(habit)
  return practiceLog(favoured, warned)
}

interface OfPlace {
  readonly placeKey: string
  readonly ranked: Ranked
}

/** Throws what was seen, most promising first, until the places are taken; a few casts for each lure are enough for first rows. */
const firstPlaced = (
  seen: readonly Seen[],
  lures: readonly Lure[],
  context: MatchContext,
  limit: number,
  making: Making,
): Placed[] => {
  const list = bestOfPlaces(seen, context, limit, FIRST_PATIENCE)
  return asPlaces(
    list.map(({ placeKey, found: { ranked } }) => ({ placeKey, ranked })),
    lures,
    making,
    limit,
  )
}

function placed(
  seen: readonly Seen[],
  lures: readonly Lure[],
  context: MatchContext,
  limit: number,
  making: Making,
): Placed[] {
  const { patience, counted } = making
  const list = bestOfPlaces(seen, context, counted ? limit + TUNED_BEYOND : limit, patience).map(
    ({ placeKey, found }): OfPlace => {
      const ranked = onBestLine(found, context)
      return { placeKey, ranked: counted ? bestCounted(ranked, context) : ranked }
    },
  )
  list.sort((a, b) => (ranksBefore(a.ranked, b.ranked) ? -1 : 1))
  return asPlaces(list, lures, making, limit)
}

function bestOfPlaces(seen: readonly Seen[], context: MatchContext, limit: number, patience: number) {
  const list: { placeKey: string; found: Found }[] = []
  const promising = [...seen].sort((a, b) => (b.looks[0]?.log ?? -Infinity) - (a.looks[0]?.log ?? -Infinity))
  let luresWithoutPlace = 0
  for (const { placeKey, looks } of promising) {
    if (list.length >= limit && luresWithoutPlace >= LURES_PATIENCE) break
    luresWithoutPlace += 1
    const reached = (one: (typeof list)[number] | undefined) => (one ? logOf(one.found.ranked) : -Infinity)
    const last = list.length >= limit ? reached(list[list.length - 1]) : -Infinity
    const twin = list.findIndex((one) => one.placeKey === placeKey)
    const found = bestAmong(looks, context, Math.max(last, reached(list[twin])), patience)
    if (!found) continue
    if (twin >= 0) {
      const before = list[twin]
      if (before && !ranksBefore(found.ranked, before.found.ranked)) continue
      list.splice(twin, 1)
    }
    const at = list.findIndex((one) => ranksBefore(found.ranked, one.found.ranked))
    list.splice(at < 0 ? list.length : at, 0, { placeKey, found })
    if (at >= 0 || list.length <= limit) luresWithoutPlace = 0
    if (list.length > limit) list.pop()
  }
  return list
}

/** Sizes and weights of one model that are worked alike and serve alike. */
const sharesPlace = ({ ranked: a }: OfPlace, { ranked: b }: OfPlace) =>
  a.setUp.handling.technique === b.setUp.handling.technique &&
  b.chance >= SHARED_PLACE * a.chance &&
  kinKeyOf(a.setUp.build.lure) === kinKeyOf(b.setUp.build.lure)

/** Places as they are shown, best first, each with the sizes and colours behind it. */
function asPlaces(
  list: readonly OfPlace[],
  lures: readonly Lure[],
  { keyOf, counted }: Making,
  limit: number,
): Placed[] {
  const shown: { first: OfPlace; keys: Set<string> }[] = []
  for (const one of list) {
    const place = counted ? shown.find(({ first }) => sharesPlace(first, one)) : undefined
    if (place) place.keys.add(one.placeKey)
    else shown.push({ first: one, keys: new Set([one.placeKey]) })
  }
  return shown.slice(0, limit).map(({ first: { ranked }, keys }) => ({
    ...ranked,
    alike: lures
      .filter((lure) => lure.id !== ranked.setUp.build.lure.id && keys.has(keyOf(lure)))
      .map(({ id, name }) => ({ id, name })),
  }))
}
