import { LEARNING, SIGNS } from '../../data/advice'
import { believe, learn, meanRate, rateAt, type RateBelief } from '../rate'
import { answerOf, type AnswerId } from './answer'
import { ORDERED, type Levels } from './levels'
import { VARIABLES, type Variable } from './outing'

/** A stretch as the adviser sees it. */
export interface Trial {
  readonly levels: Levels
  readonly minutes: number
  readonly answers: readonly AnswerId[]
  /** Points of the match for what was fished. */
  readonly fit: number
  /** How long ago its middle lies, min. */
  readonly agoMin: number
}

/** Answers a minute that the match alone lets one expect, for points given and the best points carried. */
export function expected(fit: number, bestFit: number): number {
  return (LEARNING.answersPerH / 60) * Math.exp((fit - bestFit) / LEARNING.fitScale)
}

/** What the day has taught so far: how much each step of each variable is worth beside the others, and the day as a whole. */
export interface Belief {
  readonly bestFit: number
  readonly day: RateBelief
  /** Belief of the factor of a step; 1 is as good as any. */
  factor(variable: Variable, step: string): RateBelief
}

interface Weighed extends Trial {
  readonly weight: number
  readonly worth: number
}

/** How much a trial on one step tells of another. */
function tells(variable: Variable, tried: string, of: string): number {
  if (tried === of) return 1
  if (!ORDERED.has(variable) || tried === '' || of === '') return 0
  return LEARNING.neighbour ** Math.abs(Number(tried) - Number(of))
}

const PRIOR = believe(1, LEARNING.firmness)
const ROUNDS = 6

/**
 * Rates as products: (what the match expects) × (the day) × (a factor for each step). Each factor has a gamma prior around 1; given the others, the
 * answers on its step and what they should have been make its posterior. Turned over a few times, all settle (coordinate ascent). Older trials count
 * for less, by halves.
 */
export function learnDay(trials: readonly Trial[], bestFit: number): Belief {
  const weighed: Weighed[] = trials.map((t) => ({
    ...t,
    weight: 0.5 ** (t.agoMin / LEARNING.halfLifeMin),
    worth: t.answers.reduce((sum, a) => sum + answerOf(a).worth, 0),
  }))
  const means = new Map<string, number>()
  const key = (v: Variable, step: string) => `${v} ${step}`
  const mean = (v: Variable, step: string) => (step === '' ? 1 : (means.get(key(v, step)) ?? 1))
  let day: RateBelief = believe(1, 2)
  const product = (levels: Levels, but?: Variable) =>
    VARIABLES.reduce((p, v) => (v === but ? p : p * mean(v, levels[v])), 1)

  const factorOf = (v: Variable, step: string): RateBelief =>
    weighed.reduce((belief, t) => {
      const share = t.weight * tells(v, t.levels[v], step)
      if (share === 0) return belief
      return learn(belief, share * t.worth, share * t.minutes * expected(t.fit, bestFit) * meanRate(day) * product(t.levels, v))
    }, PRIOR)

  const tried = VARIABLES.map((v) => ({ v, steps: [...new Set(weighed.map((t) => t.levels[v]))].filter((s) => s !== '') }))
  for (let round = 0; round < ROUNDS; round++) {
    day = weighed.reduce(
      (belief, t) => learn(belief, t.weight * t.worth, t.weight * t.minutes * expected(t.fit, bestFit) * product(t.levels)),
      believe(1, 2),
    )
    for (const { v, steps } of tried)
      // Steps of one variable that was never changed cannot be told from the day.
      if (steps.length > 1) for (const step of steps) means.set(key(v, step), meanRate(factorOf(v, step)))
  }
  return { bestFit, day, factor: factorOf }
}

/** Which way the answers speak: a multiplier for going from one step of a variable to another. */
export function signsFor(trials: readonly Trial[], variable: Variable, from: string, to: string): number {
  let log = 0
  for (const trial of trials) {
    const weight = 0.5 ** (trial.agoMin / (LEARNING.halfLifeMin / 2))
    if (trial.levels[variable] !== from) continue
    for (const answer of trial.answers) {
      const sign = SIGNS.find((s) => s.answer === answer)
      const way = (sign?.toward as Partial<Record<Variable, string>> | undefined)?.[variable]
      if (!way) continue
      const by = Number(to) - Number(from)
      const agrees = way === 'other' ? 1 : way === 'stay' ? -1 : way === 'down' ? (by < 0 ? 1 : -1) : by > 0 ? 1 : -1
      log += weight * agrees * Math.log(LEARNING.sign)
    }
  }
  const most = 2 * Math.log(LEARNING.sign)
  return Math.exp(Math.max(-most, Math.min(most, log)))
}

/** What fishing so is believed to bring, answers a minute; `hopeful` looks at one variable's step by what it may be worth. */
export function promise(belief: Belief, levels: Levels, fit: number, hopeful: Variable | null): number {
  return VARIABLES.reduce(
    (rate, v) => {
      const step = levels[v]
      if (step === '') return rate
      const factor = belief.factor(v, step)
      return rate * (v === hopeful ? rateAt(LEARNING.hope, factor) : meanRate(factor))
    },
    expected(fit, belief.bestFit) * meanRate(belief.day),
  )
}
