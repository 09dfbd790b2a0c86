import { LAKE } from '../../data/lake'
import { itemAt } from '../list'
import {
  accountOf,
  adviceNow,
  bitesOf,
  differing,
  levelsOf,
  spotKey,
  type Advice,
  type Entry,
  type Spot,
  type Variable,
} from '../outing'
import { shoalsToday } from '../water'
import { fishDay, type Angler } from './fished-day'
import type { Lake, Fishing, Liked, Shown } from './lake'
import { lessonOf, setOf } from './lessons'
import { fishingAt, lakeOf, minutesOf, momentAt, type PracticeRun } from './run'

/** A day of practice looked at afterwards: what the fish truly wanted, what the adviser would have done, and what each choice cost. */

/** What others would have taken on the same day, over so many draws of its schools: the middle, and nine in ten. */
interface Others {
  readonly mean: number
  readonly low: number
  readonly high: number
}
/** What was held between two changes. */
export interface Choice {
  readonly fromMin: number
  readonly toMin: number
  readonly held: Fishing
  /** Takes an hour that it was truly worth, and what would have been worth most. */
  readonly worthPerH: number
  readonly best: Fishing
  readonly bestPerH: number
  /** Takes that it cost beside the best, on the average. */
  readonly cost: number
  /** What was turned when it was taken, and what the adviser said just then; null at the start. */
  readonly turned: readonly Variable[]
  readonly advice: Advice | null
  readonly followed: boolean
}
export interface Debrief {
  readonly minutes: number
  readonly takes: number
  /** Takes that these choices bring over further draws of the schools; and what is best from shift to shift, known beforehand, with the time that fish and changes cost. */
  readonly mine: Others
  readonly known: Others
  readonly advised: Others
  readonly stayed: Others
  /** Takes an hour, minute by minute: of what was held, and of the best. */
  readonly worth: readonly { readonly min: number; readonly held: number; readonly best: number }[]
  readonly much: readonly Liked[]
  readonly truths: readonly {
    readonly fromMin: number
    readonly wants: Readonly<Record<Liked, string>>
    readonly best: Fishing
  }[]
  readonly choices: readonly Choice[]
}

/** Draws of the schools on which others are tried: each day takes a twentieth of a second. */
const DRAWS = 20

/** All that could have been held: what is carried, in all its ways, at the spots that the lake knows and those that were gone to. */
function handsOf({ outing, spots }: PracticeRun): Fishing[] {
  const gone = outing.entries.flatMap((e): Spot[] =>
    e.kind === 'spot' ? [{ stop: e.stop, featureId: e.featureId, spotId: e.spotId }] : [],
  )
  const all = [...new Map([...spots, ...gone].map((spot) => [spotKey(spot), spot])).values()]
  return outing.carried.flatMap((carried) =>
    carried.ways.flatMap((way) => all.map((spot): Fishing => ({ carried, way, spot }))),
  )
}

function bestOver(lake: Lake, hands: readonly Fishing[], minutes: readonly number[]): { hand: Fishing; sum: number } {
  let best: { hand: Fishing; sum: number } | null = null
  for (const hand of hands) {
    const sum = minutes.reduce((all, min) => all + lake.expected(min, hand), 0)
    if (!best || sum > best.sum) best = { hand, sum }
  }
  if (!best) throw new Error('nothing is carried')
  return best
}

/** The middle of many draws. */
function spreadOf(takesOn: (luck: number) => number, { seed }: PracticeRun): Others {
  const takes = Array.from({ length: DRAWS }, (_, i) => takesOn(seed + i + 1)).sort((a, b) => a - b)
  return {
    mean: takes.reduce((a, b) => a + b, 0) / takes.length,
    low: itemAt(takes, Math.floor(0.05 * DRAWS)),
    high: itemAt(takes, Math.ceil(0.95 * DRAWS) - 1),
  }
}

const isTake = ({ answer }: Shown) => answer === 'landed' || answer === 'lost'

/** The same choices at the same minutes, with other schools. */
const again = (run: PracticeRun, until: number): Others =>
  spreadOf((luck) => {
    const lake = lakeOf(run, luck)
    let takes = 0
    for (let min = 0; min < until; min++) {
      const held = fishingAt(run, min)
      if (held) takes += lake.minute(min, held).filter(isTake).length
    }
    return takes
  }, run)

/** Who knows what is best and holds it, over so many draws. */
const knowing = (run: PracticeRun, until: number, bestOf: (min: number) => Fishing): Others =>
  spreadOf((luck) => {
    const lake = lakeOf(run, luck)
    const { fish, rig, spot } = LAKE.costMin
    let held = bestOf(0)
    let [takes, busyTo] = [0, 0]
    for (let min = 0; min < until; min++) {
      const best = bestOf(min)
      if (best.spot !== held.spot) busyTo = min + spot
      else if (best.carried !== held.carried) busyTo = min + rig
      held = best
      if (min < busyTo) continue
      const shown = lake.minute(min, held)
      takes += shown.filter(isTake).length
      if (shown.some(({ answer }) => answer === 'landed')) busyTo = min + fish
    }
    return takes
  }, run)

function othersOn(run: PracticeRun, angler: Angler, minutes: number): Others {
  const { outing, spots, seed, lessonId } = run
  const set = setOf(lessonId, outing.carried, outing.water.depthM, seed)
  return spreadOf((luck) => {
    const day = {
      carried: outing.carried,
      spots,
      outing: { ...outing, entries: [] },
      schooling: shoalsToday(outing.water),
      minutes,
      dayMin: minutesOf(run),
      luck,
      ...(set && { set }),
    }
    return fishDay(seed, angler, day).takes
  }, run)
}

/** What was held from each change to the next. */
function stretchesOf(run: PracticeRun, until: number): { fromMin: number; toMin: number }[] {
  const changes = run.outing.entries.filter((e) => e.kind === 'rig' || e.kind === 'spot')
  const begins = [...new Set(changes.map((e) => minuteAt(run, e)))].filter((min) => min < until)
  return begins.map((fromMin, i) => ({ fromMin, toMin: begins[i + 1] ?? until }))
}
const minuteAt = ({ outing }: PracticeRun, e: Entry) =>
  Math.round((Date.parse(e.at) - Date.parse(outing.startedAt)) / 60_000)

/** What the adviser said just before a minute, of all that was logged until then. */
function advisedBefore(run: PracticeRun, min: number): Advice | null {
  const now = momentAt(run, min)
  const entries = run.outing.entries.filter((e) => {
    const at = minuteAt(run, e)
    return at < min || (min > 0 && at === min && e.kind === 'answer')
  })
  if (entries.length === 0) return null
  const cut = { ...run.outing, entries }
  return adviceNow(cut, accountOf(cut, now), now)
}
const sameHand = (a: Fishing, b: Fishing) =>
  a.carried.id === b.carried.id &&
  a.way.id === b.way.id &&
  a.spot?.stop === b.spot?.stop &&
  a.spot?.spotId === b.spot?.spotId

/** What is in the hand in a stretch, with time for a fish or a change going by. */
function heldIn(run: PracticeRun, fromMin: number, toMin: number): { minutes: number[]; held: Fishing | null } {
  const all = Array.from({ length: Math.max(0, toMin - fromMin) }, (_, i) => fromMin + i)
  const fished = all.flatMap((min) => {
    const held = fishingAt(run, min)
    return held ? [{ min, held }] : []
  })
  return { minutes: fished.map(({ min }) => min), held: fished[0]?.held ?? null }
}

/** Null on a day of which nothing was fished. */
export function debrief(run: PracticeRun): Debrief | null {
  const until = Math.min(run.atMin, minutesOf(run))
  const lake = lakeOf(run)
  const { water } = run.outing
  const hands = handsOf(run)
  const bestAt = new Map<number, Fishing>()
  const truths = lake.truths().filter(({ fromMin }) => fromMin < until)
  for (const { fromMin } of truths) bestAt.set(fromMin, bestOver(lake, hands, [Math.ceil(fromMin)]).hand)
  const bestOf = (min: number) => {
    const truth = truths.findLast(({ fromMin }) => fromMin <= min) ?? itemAt(truths, 0)
    return bestAt.get(truth.fromMin) ?? itemAt(hands, 0)
  }
  const worth = Array.from({ length: until }, (_, min) => {
    const held = fishingAt(run, min)
    return { min, held: held ? 60 * lake.expected(min, held) : 0, best: 60 * lake.expected(min, bestOf(min)) }
  })
  const { stretches } = accountOf(run.outing, momentAt(run, until))
  const choices: Choice[] = []
  for (const { fromMin, toMin } of stretchesOf(run, until)) {
    const { minutes, held } = heldIn(run, fromMin, toMin)
    if (!held) continue
    const sum = minutes.reduce((all, min) => all + lake.expected(min, held), 0)
    const best = bestOver(lake, hands, minutes)
    const before = choices.at(-1)?.held
    const advice = before ? advisedBefore(run, fromMin) : null
    choices.push({
      fromMin,
      toMin,
      held,
      worthPerH: (60 * sum) / minutes.length,
      best: best.hand,
      bestPerH: (60 * best.sum) / minutes.length,
      cost: best.sum - sum,
      turned: before ? differing(levelsOf(before, water), levelsOf(held, water)) : [],
      advice,
      followed: advice?.kind === 'change' && sameHand({ ...advice.to, spot: advice.to.spot ?? held.spot }, held),
    })
  }
  if (choices.length === 0) return null
  return {
    minutes: until,
    takes: stretches.reduce((n, s) => n + bitesOf(s), 0),
    mine: again(run, until),
    known: knowing(run, until, bestOf),
    advised: othersOn(run, 'advised', until),
    stayed: othersOn(run, 'stays', until),
    worth,
    much: lake.much,
    truths: truths.map(({ fromMin, wants }) => ({ fromMin, wants, best: bestOf(fromMin) })),
    choices,
  }
}

/** How a lesson went. `found`: since which minute what matters was right; null never. */
export interface LessonResult {
  readonly passed: boolean
  /** Share of changes that turned one thing, or of the time where there are fish; minutes until another size, or the right beat. */
  readonly figure: number | null
  readonly of: number
  readonly foundMin: number | null
}

/** From this share of a middling spot on there are fish. */
const THERE_ARE_FISH = 1

/** What a lesson asks, held against the day; null on a day that is fished freely. */
export function lessonResult(run: PracticeRun, { choices, much, truths }: Debrief): LessonResult | null {
  const { id, enough } = lessonOf(run.lessonId)
  if (enough === null) return null
  const { water } = run.outing
  const right = (held: Fishing, v: Liked) => levelsOf(held, water)[v] === itemAt(truths, 0).wants[v]
  const foundMin = choices.find(({ held }) => much.length > 0 && much.every((v) => right(held, v)))?.fromMin ?? null
  switch (id) {
    case 'one-thing': {
      const turns = choices.slice(1)
      const single = turns.filter(({ turned }) => turned.length <= 1).length
      const share = turns.length > 0 ? single / turns.length : null
      return { passed: share !== null && share >= enough, figure: share, of: turns.length, foundMin }
    }
    case 'size': {
      const first = itemAt(run.outing.carried, 0).lengthM
      const other = choices.find(({ held }) => held.carried.lengthM !== first)?.fromMin ?? null
      return { passed: other !== null && other <= enough, figure: other, of: choices.length - 1, foundMin }
    }
    case 'cadence':
      return { passed: foundMin !== null && foundMin <= enough, figure: foundMin, of: choices.length - 1, foundMin }
    case 'stay-or-move': {
      const all = lakeOf(run).truths()
      const fished = choices.flatMap(({ fromMin, toMin, held }) =>
        Array.from({ length: toMin - fromMin }, (_, i) => ({ min: fromMin + i, spot: held.spot })),
      )
      const good = fished.filter(({ min, spot }) => {
        const { spots } = all.findLast(({ fromMin }) => fromMin <= min) ?? itemAt(all, 0)
        return (spot ? (spots.get(`${spot.stop}:${spot.spotId}`) ?? 1) : 1) >= THERE_ARE_FISH
      }).length
      const share = fished.length > 0 ? good / fished.length : 0
      return { passed: share >= enough, figure: share, of: choices.length - 1, foundMin: null }
    }
  }
}
