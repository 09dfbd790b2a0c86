import { GIVE_MIN, LEARNING, QUIET, SIZE_FORGOTTEN_MIN, STAY_MIN } from '../../data/advice'
import type { ColourGroup, Sound } from '../tackle'
import { rateQuantile } from '../rate'
import { ANSWERS, answerOf, type Answer, type AnswerId } from './answer'
import { fitDayModel, expectedYield, cueLikelihood, habituation, type Belief, type Observation } from './belief'
import { differing, levelsOf, spotKey, type Fished, type Levels } from './levels'
import { minutesBetween, type Carried } from './outing'
import type { Variable } from './variables'
import { bitesOf, type Account, type Spot, type Stretch } from './stretches'

/** What the adviser says, by code and figures (min, m, and steps of {@link levelsOf} from 0 up); words/ has the sentences. */
export type AdviceSays =
  | { readonly code: 'too-early'; readonly forMin: number }
  | { readonly code: 'just-taken'; readonly sinceMin: number }
  | { readonly code: 'keep-on' | 'refused' | 'gone-quiet' | 'untried' }
  | { readonly code: 'move'; readonly spot: Spot | null; readonly stop: number | null }
  | { readonly code: 'depth'; readonly step: number; readonly depthM: number; readonly waterM: number }
  | { readonly code: 'speed' | 'cadence'; readonly step: number; readonly way: string }
  | { readonly code: 'size'; readonly smaller: boolean; readonly rig: string; readonly lengthM: number }
  | { readonly code: 'colour'; readonly to: ColourGroup; readonly rig: string }
  | { readonly code: 'action'; readonly step: number; readonly rig: string }
  | { readonly code: 'sound'; readonly to: Sound; readonly rig: string }
  | { readonly code: 'direction'; readonly aim: number }
  | { readonly code: 'family'; readonly rig: string }
  | { readonly code: 'sign'; readonly answer: AnswerId }
  | { readonly code: 'size-forgotten'; readonly hours: number }
  | { readonly code: 'tried'; readonly answers: number; readonly minutes: number }

interface Stay {
  readonly kind: 'stay'
  readonly says: AdviceSays
  readonly facts: readonly number[]
  /** For how much longer, min. */
  readonly forMin: number
}

/** One thing to change: to what, why, and for how long to give it. */
export interface Change {
  readonly kind: 'change'
  readonly variable: Variable
  readonly to: Fished
  /** What changes along with it, because what is carried leaves no other way. */
  readonly also: readonly Variable[]
  readonly does: AdviceSays
  readonly why: AdviceSays
  readonly facts: readonly number[]
  readonly giveMin: number
  /** How many times the answers it may bring: middle, and from to. */
  readonly gain: { readonly median: number; readonly low: number; readonly high: number }
}
export type Advice = Stay | Change

export interface AdviceInput {
  readonly account: Account
  readonly carried: readonly Carried[]
  /** Spots that can be fished: those here, and those known from before. */
  readonly spots: readonly Spot[]
  /** Whether the fish sought go in schools. */
  readonly schooling: boolean
  readonly now: string
}

/** Stretches as trials; where casts say which way they went, each way is a trial of its own. */
export function observationsOf(stretches: readonly Stretch[], now: string): Observation[] {
  return stretches.flatMap((s): Observation[] => {
    const middle = (Date.parse(s.from) + Date.parse(s.to)) / 2
    const agoMin = Math.max(0, (Date.parse(now) - middle) / 60_000)
    const base = { fit: s.way.points, agoMin }
    const aimed = s.casts.filter((c) => c.aim !== null)
    const aims = [...new Set([...aimed.map((c) => c.aim), ...s.answers.map((a) => a.aim)])].filter((a) => a !== null)
    const of = (aim: number | null, share: number): Observation => ({
      ...base,
      levels: levelsOf({ ...s, aim }, s.water),
      minutes: s.minutes * share,
      ...shownIn(
        s.answers.filter((a) => aim === null || a.aim === aim),
        s.way.pauseS > 0,
      ),
    })
    if (aims.length === 0 || aimed.length < s.casts.length) return [of(null, 1)]
    return aims.map((aim) => of(aim, aimed.filter((c) => c.aim === aim).length / Math.max(1, aimed.length)))
  })
}

function shownIn(answers: Stretch['answers'], paused: boolean): Pick<Observation, 'answers' | 'signs' | 'showings'> {
  const showings = answers.filter((a, i) => {
    const before = answers[i - 1]
    return !before || minutesBetween(before.at, a.at) > LEARNING.schoolMin
  })
  return {
    answers: answers.map((a) => a.answer),
    signs: answers.flatMap((a) => signsOf(a, paused)),
    showings: showings.length,
  }
}

/** A fish landed tells how it took, where there was a pause to take on; hooked outside the mouth, it slapped at the wrong one (fact 22). */
function signsOf({ answer, fish }: Stretch['answers'][number], paused: boolean): AnswerId[] {
  return [
    answer,
    ...(fish?.ate && paused ? [`eaten-${fish.ate}` as const] : []),
    ...(fish?.hooked === 'outside' ? (['slap'] as const) : []),
  ]
}

/** How long what is in the hand has been fished unchanged, min. */
export function minutesOn({ stretches, current }: Pick<Account, 'stretches' | 'current'>): number {
  let sum = 0
  for (const s of [...stretches].reverse()) {
    if (
      !current ||
      s.carried.id !== current.carried.id ||
      s.way.id !== current.way.id ||
      s.spot?.spotId !== current.spot?.spotId ||
      s.spot?.stop !== current.spot?.stop
    )
      break
    sum += s.minutes
  }
  return sum
}

interface Taken {
  readonly at: string
  readonly ateWinding: boolean
}
function takesOf(stretches: readonly Stretch[]): Taken[] {
  return stretches.flatMap((s) =>
    s.answers
      .filter((a) => answerOf(a.answer).bite)
      .map((a) => ({ at: a.at, ateWinding: a.answer === 'eaten-winding' || a.fish?.ate === 'winding' })),
  )
}

/** Takes at the spot in the hand that came close together and then ended: a school gone quiet. */
export function goneQuiet({ stretches, current }: Pick<Account, 'stretches' | 'current'>, now: string): boolean {
  const here = stretches.filter((s) => s.spot?.stop === current?.spot?.stop && s.spot?.spotId === current?.spot?.spotId)
  const takes = takesOf(here).filter((t) => minutesBetween(t.at, now) <= QUIET.withinMin)
  const last = takes[takes.length - 1]
  return takes.length >= QUIET.takes && last !== undefined && minutesBetween(last.at, now) >= QUIET.afterMin
}

/** Minutes of effort with one size of lure to the end, and the answers worth a take in them. */
export function sizeUnchangedMin({ stretches, current }: Pick<Account, 'stretches' | 'current'>): {
  minutes: number
  takes: number
} {
  if (!current) return { minutes: 0, takes: 0 }
  const size = levelsOf(current, current.water).size
  let minutes = 0
  let takes = 0
  for (const s of [...stretches].reverse()) {
    if (levelsOf(s, s.water).size !== size) break
    minutes += s.minutes
    takes += bitesOf(s)
  }
  return { minutes, takes }
}

/** For how long to give something of which so many answers a minute are hoped for: until one is more likely than not. */
export function giveFor(answersPerMin: number): number {
  return Math.round(Math.min(GIVE_MIN.most, Math.max(GIVE_MIN.least, Math.log(2) / answersPerMin)))
}

const LOOSE: ReadonlySet<Variable> = new Set<Variable>(['depth', 'action', 'sound', 'speed', 'cadence'])
/** Changing one variable may drag others along, if what is carried leaves no other way; each makes it harder to tell what helped. */
const DRAGS = { most: { family: 6, other: 1 }, costs: 0.95 } as const

function options({ account, carried, spots }: AdviceInput): Fished[] {
  const { current } = account
  if (!current) return []
  const { spot } = current
  const here: Fished[] = carried.flatMap((c) => c.ways.map((way) => ({ carried: c, way, spot })))
  const elsewhere: Fished[] = spots.map((s) => ({ carried: current.carried, way: current.way, spot: s }))
  return [...here, ...elsewhere, ...unaimed(account)]
}

/** Directions that have had no cast here yet, once some have had a few. */
const FEW_CASTS = 6
function unaimed({ stretches, current }: Account): Fished[] {
  if (!current) return []
  const here = stretches.filter((s) => s.spot?.stop === current.spot?.stop && s.spot?.spotId === current.spot?.spotId)
  const aims = here.flatMap((s) => s.casts.map((c) => c.aim)).filter((a) => a !== null)
  if (aims.length < FEW_CASTS) return []
  return ([-2, -1, 0, 1, 2] as const)
    .filter((aim) => !aims.includes(aim))
    .map((aim) => ({ carried: current.carried, way: current.way, spot: current.spot, aim }))
}

interface Weighed {
  readonly variable: Variable
  readonly to: Fished
  readonly levels: Levels
  readonly also: readonly Variable[]
  readonly ratio: number
}

/** What a change costs of the time, min. */
function costMin(from: Fished, to: Fished): number {
  if (from.spot && to.spot && spotKey(from.spot) !== spotKey(to.spot)) return LEARNING.moveMin
  return from.carried.id === to.carried.id ? 0 : LEARNING.tieMin
}

/** How far fish at a spot are still taken with a lure, 0 … 1. */
function noveltyOf({ stretches }: Account, now: string): (fished: Pick<Fished, 'carried' | 'spot'>) => number {
  const key = ({ carried, spot }: Pick<Fished, 'carried' | 'spot'>) => `${carried.id} ${spot?.stop} ${spot?.spotId}`
  const takes = new Map<string, number[]>()
  for (const s of stretches) {
    const ago = takesOf([s]).map((t) => minutesBetween(t.at, now))
    if (ago.length > 0) takes.set(key(s), [...(takes.get(key(s)) ?? []), ...ago])
  }
  return (fished) => habituation(takes.get(key(fished)) ?? [])
}

/** The changes that can be made, best first, each of one variable. */
export function changesFor(input: AdviceInput): {
  weighed: Weighed[]
  belief: Belief
  trials: Observation[]
  from: Levels
} {
  const { account, carried, now } = input
  const { current } = account
  const trials = observationsOf(account.stretches, now)
  const bestFit = Math.max(...carried.flatMap((c) => c.ways.map((w) => w.points)))
  const belief = fitDayModel(trials, bestFit)
  if (!current) return { weighed: [], belief, trials, from: {} as Levels }
  const { aim } = account
  const from = levelsOf({ ...current, aim }, account.water)
  const novelty = noveltyOf(account, now)
  const stands = expectedYield(belief, from, current.way.points, null) * novelty(current)
  const forgotten = sizeUnchangedMin(account)
  const quiet = goneQuiet(account, now)
  const signs = new Map<string, number>()
  const sign = (v: Variable, step: string) => {
    const key = `${v} ${step}`
    const found = signs.get(key) ?? cueLikelihood(trials, v, from[v], step)
    signs.set(key, found)
    return found
  }
  const weighed = options(input).flatMap((to): Weighed[] => {
    const levels = levelsOf({ ...to, aim: to.aim ?? aim }, account.water)
    const turned = differing(from, levels)
    return turned.flatMap((variable): Weighed[] => {
      const also = turned.filter((v) => v !== variable)
      const most = variable === 'family' ? DRAGS.most.family : DRAGS.most.other
      // A change that brings another kind of lure along is a change of the kind.
      if (also.length > most || (variable !== 'family' && also.some((v) => !LOOSE.has(v)))) return []
      // One answer speaks of several variables, but once: together they say no more than the signs that there are.
      const speaks = Math.min(
        LEARNING.sign ** LEARNING.maxCues,
        turned.reduce((all, v) => all * sign(v, levels[v]), 1),
      )
      let ratio = (expectedYield(belief, levels, to.way.points, variable, speaks) * novelty(to)) / stands
      ratio *= DRAGS.costs ** also.length
      ratio *= 1 - costMin(current, to) / LEARNING.horizonMin
      if (variable === 'size' && forgotten.minutes >= SIZE_FORGOTTEN_MIN && forgotten.takes <= forgotten.minutes / 60)
        ratio *= LEARNING.sign
      if (quiet && (variable === 'action' || (variable === 'speed' && Number(levels.speed) < Number(from.speed))))
        ratio *= LEARNING.sign
      return [{ variable, to, levels, also, ratio }]
    })
  })
  const name = (w: Weighed) => `${w.variable} ${w.to.carried.id} ${w.to.way.id}`
  weighed.sort((a, b) => b.ratio - a.ratio || (name(a) < name(b) ? -1 : 1))
  return { weighed, belief, trials, from }
}

const GRASSY: ReadonlySet<string> = new Set(['grass', 'pads', 'reeds'])
/** What promises so many times what is in the hand need not wait for its whole time. */
const HURRY = { ratio: 1.6 } as const

/** After so long without any answer patience wanes, by half in so long, min. */
const DRY = { fromMin: 15, halfMin: 40 } as const

/** Effort since the last answer of any kind, or since the last change of rig or spot. */
function dryMin(stretches: readonly Stretch[]): number {
  const last = stretches.at(-1)
  if (!last) return 0
  const answer = last.answers.at(-1)
  return answer ? minutesBetween(answer.at, last.to) : last.minutes
}

const early = (forMin: number): Stay => ({
  kind: 'stay',
  says: { code: 'too-early', forMin: Math.ceil(forMin) },
  facts: [],
  forMin: Math.ceil(forMin),
})

function minutesSinceTake(stretches: readonly Stretch[], now: string): number {
  const last = takesOf(stretches).at(-1)
  return last ? minutesBetween(last.at, now) : Number.POSITIVE_INFINITY
}

/** What to do next: stay, or change one thing. Null before anything is fished. */
export function advise(input: AdviceInput): Advice | null {
  const { account, schooling, now } = input
  const { current, stretches } = account
  if (!current) return null
  const on = minutesOn(account)
  if (on < GIVE_MIN.least) return early(GIVE_MIN.least - on)
  const { weighed: all, belief, trials, from } = changesFor(input)
  const sinceTake = minutesSinceTake(stretches, now)
  const stay = schooling || GRASSY.has(account.water.cover.kind) ? STAY_MIN.school : STAY_MIN.other
  // After a take the place is not left; another lure may well be thrown there.
  const stays = sinceTake < stay
  const [best] = stays ? all.filter((w) => w.variable !== 'place') : all
  if (stays && (!best || best.ratio < LEARNING.worthIt))
    return {
      kind: 'stay',
      says: { code: 'just-taken', sinceMin: Math.round(sinceTake) },
      facts: [25],
      forMin: Math.ceil(stay - sinceTake),
    }
  const give = giveFor(belief.showingsPerMin * expectedYield(belief, from, current.way.points, null))
  if (on < give && !(best && best.ratio > HURRY.ratio)) return early(give - on)
  // The longer nothing at all happens, the less a change need promise: fish that show nothing teach nothing.
  const bar = LEARNING.worthIt * 0.5 ** (Math.max(0, dryMin(stretches) - DRY.fromMin) / DRY.halfMin)
  if (!best || best.ratio < bar)
    return {
      kind: 'stay',
      says: { code: 'keep-on' },
      facts: [],
      forMin: GIVE_MIN.least,
    }
  const hoped = expectedYield(belief, best.levels, best.to.way.points, null)
  const factor = belief.factor(best.variable, best.levels[best.variable])
  const plain = best.ratio / belief.hope(best.variable, best.levels[best.variable])
  return {
    kind: 'change',
    variable: best.variable,
    to: best.to,
    also: best.also,
    does: doesOf(best, from, account),
    ...whyOf(best, from, trials, input),
    giveMin: giveFor(belief.showingsPerMin * hoped),
    gain: {
      median: plain * rateQuantile(0.5, factor),
      low: plain * rateQuantile(0.05, factor),
      high: plain * rateQuantile(0.95, factor),
    },
  }
}

function doesOf({ variable, to, levels }: Weighed, from: Levels, { water, spot }: Account): AdviceSays {
  const { name: rig, lengthM, colour, sound } = to.carried
  const way = to.way.name
  switch (variable) {
    case 'place':
      return { code: 'move', spot: to.spot, stop: to.spot && spot && to.spot.stop !== spot.stop ? to.spot.stop : null }
    case 'depth':
      return { code: 'depth', step: Number(levels.depth), depthM: to.way.depthM, waterM: water.depthM }
    case 'speed':
    case 'cadence':
      return { code: variable, step: Number(levels[variable]), way }
    case 'size':
      return { code: 'size', smaller: Number(levels.size) < Number(from.size), rig, lengthM }
    case 'colour':
      return { code: 'colour', to: colour, rig }
    case 'action':
      return { code: 'action', step: Number(levels.action), rig }
    case 'sound':
      return { code: 'sound', to: sound, rig }
    case 'direction':
      return { code: 'direction', aim: to.aim ?? 0 }
    case 'family':
      return { code: 'family', rig }
  }
}

const MINUTES_WORTH_SAYING = 5

/** Whether an answer that was given on the step left speaks for the step gone to. */
function speaksOf(answer: Answer, v: Variable, levels: Levels, from: Levels, trials: readonly Observation[]): boolean {
  const way = answer.tells?.toward[v]
  if (!way || way === 'stay') return false
  const by = Number(levels[v]) - Number(from[v])
  if (way !== 'other' && (way === 'down') !== by < 0) return false
  return trials.some((t) => t.agoMin < LEARNING.halfLifeMin && t.levels[v] === from[v] && t.signs.includes(answer.id))
}

function whyOf(
  { variable, levels, also }: Weighed,
  from: Levels,
  trials: readonly Observation[],
  { account, now }: AdviceInput,
): Pick<Change, 'why' | 'facts'> {
  const spoken = ANSWERS.find((a) => [variable, ...also].some((v) => speaksOf(a, v, levels, from, trials)))
  if (spoken) return { why: { code: 'sign', answer: spoken.id }, facts: spoken.tells?.facts ?? [] }
  const forgotten = sizeUnchangedMin(account)
  if (variable === 'size' && forgotten.minutes >= SIZE_FORGOTTEN_MIN)
    return {
      why: { code: 'size-forgotten', hours: Math.round(forgotten.minutes / 60) },
      facts: [39],
    }
  if (goneQuiet(account, now) && (variable === 'action' || variable === 'speed'))
    return {
      why: { code: 'gone-quiet' },
      facts: [22, 24],
    }
  const before = trials.filter((t) => t.levels[variable] === levels[variable])
  const minutes = before.reduce((sum, t) => sum + t.minutes, 0)
  const answers = before.reduce((sum, t) => sum + t.answers.length, 0)
  if (minutes < MINUTES_WORTH_SAYING) return { why: { code: 'untried' }, facts: [39] }
  return { why: { code: 'tried', answers, minutes: Math.round(minutes) }, facts: [] }
}
