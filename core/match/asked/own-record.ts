import { gammaPrior, updatePosterior, meanRate, credibleInterval, type RateInterval } from '../../rate'
import { modelKeyOf, type Lure } from '../../tackle'
import type { Conditions } from '../../water'

/** Effort with one lure in one water, and the takes it brought: what the angler's own log says to the match. */
export interface RecordEntry {
  readonly lureId: string | null
  readonly modelKey: string
  readonly family: string
  readonly lengthM: number
  readonly minutes: number
  readonly takes: number
  readonly water: Pick<Conditions, 'placeId' | 'speciesId' | 'waterTempC' | 'visibilityM'>
  readonly hour: number
}

/** Odds of a lure by the record. */
interface Odds {
  /** Takes an hour, median and 90 % interval; and what is usual in such water with anything. */
  readonly rate: RateInterval
  readonly usualPerH: number
  /** Effort with it and its like, min, weighed by how alike lure and water were; and the takes in it. */
  readonly minutes: number
  readonly takes: number
  /** How it stands to what is usual: 0.5 alike, 0.75 three times as good. */
  readonly share: number
}

export interface OwnRecord {
  /** Effort in such water, min, weighed by how alike it was. */
  readonly minutes: number
  /** Weight of the record in the match: grows with that effort. */
  readonly weight: number
  oddsOf(lure: Lure): Odds
}

/**
 * How alike two waters are, 0 … 1: another species is another matter; temperature as a bell of 4 °C, visibility of a factor of 1.8, the hour of 4 hours
 * round the clock; another place counts for 0.6. Tunable.
 */
const ALIKE = { tempC: 4, visibilityLog: 0.6, hours: 4, otherPlace: 0.6 } as const
/** How alike two lures are: the same, another colour of the same mould, and one of the same family by length. Tunable. */
const LURES = { modelKey: 0.75, family: 0.4, lengthLog: 0.35 } as const
/** The most the record weighs [4 … 12], and the effort in such water at which it weighs half of that, min. */
const MOST_WEIGHT = 8
const HALF_MIN = 480
/** Firmness of the belief that a lure is as good as any, in takes [1 … 4]. */
const PRIOR_STRENGTH = 2

const bell = (off: number, width: number) => Math.exp(-((off / width) ** 2) / 2)

function waterAlike(entry: Pick<RecordEntry, 'water' | 'hour'>, c: Conditions): number {
  const { water } = entry
  if (water.speciesId !== c.speciesId) return 0
  const hours = Math.abs(entry.hour - c.hour)
  return (
    bell(water.waterTempC - c.waterTempC, ALIKE.tempC) *
    bell(Math.log(water.visibilityM / c.visibilityM), ALIKE.visibilityLog) *
    bell(Math.min(hours, 24 - hours), ALIKE.hours) *
    (water.placeId === c.placeId ? 1 : ALIKE.otherPlace)
  )
}

function lureAlike(entry: RecordEntry, lure: Lure, modelKey: string): number {
  if (entry.lureId === lure.id) return 1
  if (entry.modelKey === modelKey) return LURES.modelKey
  if (entry.family !== lure.family) return 0
  return LURES.family * bell(Math.log(entry.lengthM / lure.lengthM), LURES.lengthLog)
}

/** The record as it speaks to one water. Gamma–Poisson: the prior is the angler's own usual rate in such water, effort in minutes. */
export function recordFor(entries: readonly RecordEntry[], c: Conditions): OwnRecord {
  const near = entries.map((e) => ({ entry: e, alike: waterAlike(e, c) })).filter(({ alike }) => alike > 0.02)
  const minutes = near.reduce((sum, { entry, alike }) => sum + alike * entry.minutes, 0)
  const takes = near.reduce((sum, { entry, alike }) => sum + alike * entry.takes, 0)
  const usual = (takes + 0.5) / (minutes + 60)
  const known = new Map<string, Odds>()
  return {
    minutes,
    weight: MOST_WEIGHT * (minutes / (minutes + HALF_MIN)),
    oddsOf(lure) {
      const found = known.get(lure.id)
      if (found) return found
      const modelKey = modelKeyOf(lure)
      let [effort, count] = [0, 0]
      for (const { entry, alike } of near) {
        const share = alike * lureAlike(entry, lure, modelKey)
        effort += share * entry.minutes
        count += share * entry.takes
      }
      const belief = updatePosterior(gammaPrior(usual, PRIOR_STRENGTH), count, effort)
      const ratio = meanRate(belief) / usual
      const odds: Odds = {
        get rate() {
          return credibleInterval(belief, 60)
        },
        usualPerH: usual * 60,
        minutes: effort,
        takes: count,
        share: ratio / (1 + ratio),
      }
      known.set(lure.id, odds)
      return odds
    },
  }
}
