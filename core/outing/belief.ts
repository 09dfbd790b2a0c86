import { itemAt } from '../list'
import { LEARNING } from '../../data/advice'
import { gammaPrior, updatePosterior, meanRate, rateQuantile, type GammaRate } from '../rate'
import { answerOf, type AnswerId } from './answer'
import { ORDERED, type Levels } from './levels'
import { VARIABLES, type Variable } from './variables'

/** A stretch as the adviser sees it. */
export interface Observation {
  readonly levels: Levels
  readonly minutes: number
  readonly answers: readonly AnswerId[]
  /** What the answers tell: themselves, and how a fish that was landed had taken and been hooked. */
  readonly signs: readonly AnswerId[]
  /** Schools that showed themselves: answers close together are one. */
  readonly showings: number
  /** Points of the match for what was fished. */
  readonly fit: number
  /** How long ago its middle lies, min. */
  readonly agoMin: number
}

/** Share of the fish that come past which the match alone lets one expect to take, for the chance of what is fished and of the best that is carried, points. */
export function takeProbability(fit: number, bestFit: number): number {
  return bestFit > 0 ? LEARNING.takeShare * Math.max(0, fit / bestFit) ** LEARNING.fitPower : 0
}

/** Where fish are, and what they want, are told apart: these variables belong to the first. */
const WHERE: ReadonlySet<Variable> = new Set<Variable>(['place', 'direction'])

/** What the day has taught so far. */
export interface Belief {
  readonly bestFit: number
  /** Schools that show themselves, a minute, at a middling spot. */
  readonly showingsPerMin: number
  /** How willing fish are today beside what the match expects. */
  readonly day: GammaRate
  /** Belief of the factor of a step of a variable; 1 is as good as any. */
  factor(variable: Variable, step: string): GammaRate
  /** What that factor may well be, looked at with hope. */
  hope(variable: Variable, step: string): number
}

interface Weighed {
  readonly levels: Levels
  readonly takes: number
  readonly showings: number
  readonly minutes: number
  /** Takes that the match expected of the fish that came past. */
  readonly due: number
}

/** How much a trial on one step tells of another. */
function tells(variable: Variable, tried: string, of: string): number {
  if (tried === of) return 1
  if (!ORDERED.has(variable) || tried === '' || of === '') return 0
  return LEARNING.neighbour ** Math.abs(Number(tried) - Number(of))
}

const ROUNDS = 6

/** Fish that came past, as far as answers tell: those that took or were watched, and for each that only touched or followed the ones that did so unseen. */
export function fishEncountered(answers: readonly AnswerId[]): number {
  return answers.reduce((sum, id) => sum + (answerOf(id).bite || answerOf(id).watched ? 1 : 1 / LEARNING.shows), 0)
}

/**
 * Two products. Where: schools that show themselves, by answers of any kind, are (schools of the day) × (a factor for each spot and direction), by time.
 * What: takes of the fish that came past are (what the match expects) × (the day) × (a factor for each step of the other variables), whatever the time.
 * Each factor has a gamma prior around 1; given the others, what was counted on its step and what should have been make its posterior. Turned over a few
 * times, all settle (coordinate ascent). What lies back counts for less, by halves.
 */
export function fitDayModel(trials: readonly Observation[], bestFit: number): Belief {
  const weighed = trials.map((t): Weighed => {
    const weight = 0.5 ** (t.agoMin / LEARNING.halfLifeMin)
    const takes = t.answers.filter((a) => answerOf(a).bite).length
    return {
      levels: t.levels,
      takes: weight * takes,
      showings: weight * t.showings,
      minutes: weight * t.minutes,
      due: weight * fishEncountered(t.answers) * takeProbability(t.fit, bestFit),
    }
  })
  /** Factor that each trial has by each variable, and their products. */
  const factors = new Map(VARIABLES.map((v) => [v, weighed.map(() => 1)]))
  const want = weighed.map(() => 1)
  const where = weighed.map(() => 1)
  const priorDay = gammaPrior(1, LEARNING.priorStrengthDay)
  let day: GammaRate = priorDay
  let showingsPerMin = 0

  const factorOf = (v: Variable, step: string): GammaRate => {
    const isWhere = WHERE.has(v)
    const own = factors.get(v)
    let [counted, due] = [0, 0]
    weighed.forEach((w, i) => {
      const share = tells(v, w.levels[v], step)
      if (share === 0) return
      const others = ((isWhere ? where[i] : want[i]) ?? 1) / (own?.[i] ?? 1)
      counted += share * (isWhere ? w.showings : w.takes)
      due += share * others * (isWhere ? w.minutes * showingsPerMin : w.due * meanRate(day))
    })
    return updatePosterior(gammaPrior(1, isWhere ? LEARNING.priorStrengthWhere : LEARNING.priorStrength), counted, due)
  }

  const steps = VARIABLES.map((v) => ({
    v,
    steps: new Set(weighed.map((w) => w.levels[v]).filter((s) => s !== '')),
  })).filter(
    // One spot alone cannot be told from the day.
    ({ v, steps: of }) => of.size > 1 || !WHERE.has(v),
  )
  for (let round = 0; round < ROUNDS; round++) {
    day = weighed.reduce((belief, w, i) => updatePosterior(belief, w.takes, w.due * itemAt(want, i)), priorDay)
    const seen = weighed.reduce((sum, w) => sum + w.showings, 0)
    const due = weighed.reduce((sum, w, i) => sum + w.minutes * itemAt(where, i), 0)
    showingsPerMin = (seen + 1) / (due + 60 / LEARNING.showingsPerH)
    for (const { v, steps: of } of steps) {
      const means = new Map([...of].map((step) => [step, meanRate(factorOf(v, step))]))
      const own = factors.get(v) ?? []
      const products = WHERE.has(v) ? where : want
      weighed.forEach((w, i) => {
        const mean = means.get(w.levels[v]) ?? 1
        products[i] = (itemAt(products, i) * mean) / itemAt(own, i)
        own[i] = mean
      })
    }
  }
  const factor = once(factorOf)
  return {
    bestFit,
    showingsPerMin,
    day,
    factor,
    hope: once((v, step) => rateQuantile(WHERE.has(v) ? LEARNING.optimismWhere : LEARNING.hope, factor(v, step))),
  }
}

/** Asked twice, worked out once. */
function once<Out>(of: (v: Variable, step: string) => Out): (v: Variable, step: string) => Out {
  const known = new Map<string, Out>()
  return (v, step) => {
    const key = `${v} ${step}`
    let found = known.get(key)
    if (found === undefined) known.set(key, (found = of(v, step)))
    return found
  }
}

/**
 * Which way the answers speak: a multiplier for going from one step of a variable to another. What fish showed on the one step speaks for leaving it; what
 * they showed on the other, when that was fished, speaks against going there.
 */
export function cueLikelihood(trials: readonly Observation[], variable: Variable, from: string, to: string): number {
  const log = cueLogOdds(trials, variable, from, to) - cueLogOdds(trials, variable, to, from)
  const most = LEARNING.maxCues * Math.log(LEARNING.sign)
  return Math.exp(Math.max(-most, Math.min(most, log)))
}

function cueLogOdds(trials: readonly Observation[], variable: Variable, from: string, to: string): number {
  let log = 0
  for (const trial of trials) {
    if (trial.levels[variable] !== from) continue
    const weight = 0.5 ** (trial.agoMin / LEARNING.halfLifeMin)
    for (const answer of trial.signs) {
      const way = answerOf(answer).tells?.toward[variable]
      if (!way) {
        // A take says of everything else that it is right as it is.
        if (answerOf(answer).bite && !WHERE.has(variable)) log -= weight * LEARNING.takeStays * Math.log(LEARNING.sign)
        continue
      }
      const by = Number(to) - Number(from)
      const agrees = way === 'other' ? 1 : way === 'stay' ? -1 : way === 'down' ? (by < 0 ? 1 : -1) : by > 0 ? 1 : -1
      log += weight * agrees * Math.log(LEARNING.sign)
    }
  }
  return log
}

/**
 * What fishing so is believed to bring: takes for each school that shows itself at a middling spot; `hopeful` looks at one variable's step by what it
 * may be worth, `sign` is what the answers say for it. No lure takes every fish.
 */
export function expectedYield(belief: Belief, levels: Levels, fit: number, hopeful: Variable | null, sign = 1): number {
  let where = 1
  let want = takeProbability(fit, belief.bestFit) * meanRate(belief.day) * sign
  for (const v of VARIABLES) {
    const step = levels[v]
    if (step === '') continue
    const factor = v === hopeful ? belief.hope(v, step) : meanRate(belief.factor(v, step))
    if (WHERE.has(v)) where *= factor
    else want *= factor
  }
  return where * Math.min(MOST_TAKEN, want)
}
const MOST_TAKEN = 0.95

/** How far fish have got used to a lure at a spot, from the takes on it there; each tells for less as it lies back. */
export function habituation(takesAgoMin: readonly number[]): number {
  const fresh = takesAgoMin.reduce((sum, ago) => sum + 0.5 ** (ago / LEARNING.usedHalfMin), 0)
  return LEARNING.habituation ** fresh
}
