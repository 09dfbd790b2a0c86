import { LEARNING, SIZE_FORGOTTEN_MIN } from '../../data/advice'
import { LET_OUT } from '../../data/deliveries'
import type { AdviceInput } from './advice'
import { companionSign } from './companions'
import { cueLikelihood, expectedYield, fitDayModel, habituation, type Belief, type Observation } from './belief'
import { BOAT_STEP_MPS, differing, isDrawn, levelsOf, spotKey, type Fished, type Levels } from './levels'
import { observationsOf } from './observations'
import { minutesBetween } from './outing'
import { goneQuiet, sizeUnchangedMin, takesOf } from './patience'
import type { Account } from './account'
import type { Variable } from './variables'

const LOOSE: ReadonlySet<Variable> = new Set<Variable>(['depth', 'action', 'sound', 'speed', 'cadence', 'fall'])
/** With these a lure keeps its fall; where it does not, that is a second change. */
const FALLS_ALONE: ReadonlySet<Variable> = new Set<Variable>(['colour', 'speed', 'cadence', 'depth', 'sound'])
/** Changing one variable may drag others along, if what is carried leaves no other way; each makes it harder to tell what helped. */
const DRAGS = { most: { family: 6, other: 1 }, costs: 0.95 } as const

function options({ account, carried, spots }: AdviceInput): Fished[] {
  const { current } = account
  if (!current) return []
  const { spot } = current
  const here: Fished[] = carried.flatMap((c) => c.ways.map((way) => ({ carried: c, way, spot })))
  const elsewhere: Fished[] = spots.map((s) => ({ carried: current.carried, way: current.way, spot: s }))
  return [...here, ...elsewhere, ...unaimed(account), ...otherPaces(current)]
}

/** Behind a boat: the same rig a step or two slower and faster, within what is trolled at all. */
function otherPaces({ carried, way, spot }: Fished): Fished[] {
  if (!isDrawn(way)) return []
  const [least, most] = LET_OUT.boatMps
  return [-2, -1, 1, 2]
    .map((steps) => way.paceMps + steps * BOAT_STEP_MPS)
    .filter((mps) => mps >= least && mps <= most)
    .map((paceMps) => ({ carried, way: { ...way, paceMps }, spot }))
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

/** A change that can be made, and how many times what is in the hand it promises. */
export interface PossibleChange {
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
  weighed: PossibleChange[]
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
  const weighed = options(input).flatMap((to): PossibleChange[] => {
    const levels = levelsOf({ ...to, aim: to.aim ?? aim }, account.water)
    const turned = differing(from, levels)
    return turned.flatMap((variable): PossibleChange[] => {
      // Another length or kind falls otherwise by nature: that is no change of its own.
      const also = turned.filter((v) => v !== variable && (v !== 'fall' || FALLS_ALONE.has(variable)))
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
      ratio *= companionSign(to.carried, account, now)
      ratio *= 1 - costMin(current, to) / LEARNING.horizonMin
      if (variable === 'size' && forgotten.minutes >= SIZE_FORGOTTEN_MIN && forgotten.takes <= forgotten.minutes / 60)
        ratio *= LEARNING.sign
      if (quiet && (variable === 'action' || (variable === 'speed' && Number(levels.speed) < Number(from.speed))))
        ratio *= LEARNING.sign
      return [{ variable, to, levels, also, ratio }]
    })
  })
  const name = (w: PossibleChange) => `${w.variable} ${w.to.carried.id} ${w.to.way.id}`
  weighed.sort((a, b) => b.ratio - a.ratio || (name(a) < name(b) ? -1 : 1))
  return { weighed, belief, trials, from }
}
