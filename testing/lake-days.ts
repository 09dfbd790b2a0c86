import { seededRandom } from '../core/random'
import { itemAt } from '../core/list'
import { dayAt } from './day-at'
import { fishDay, type Angler } from '../core/practice/fished-day'

const PLACES = [dayAt('vessamere-north'), dayAt('vessamere-south'), dayAt('quillskar')]

/** Days that were never looked at while the adviser was made: it saw seeds up to 2100. */
const FIRST_SEED = 5001
export const lakeDays = (count: number) => Array.from({ length: count }, (_, i) => FIRST_SEED + i)

/** Takes of each simulated day of six hours, fished in one way. */
export const takesOf = (angler: Angler, day: 'marked' | 'mild', seeds: readonly number[]) =>
  seeds.map((seed) => {
    const place = PLACES[seed % PLACES.length]
    if (!place) throw new Error('no place')
    return fishDay(seed, angler, place, day).takes
  })

export interface Ratio {
  readonly is: number
  /** Its 90 % interval. */
  readonly low: number
  readonly high: number
}

const RESAMPLES = 2000

/** Ratio of the sums with its 90 % interval: days are drawn again with replacement (bootstrap), both anglers on the same days. */
export function takesRatio(a: readonly number[], b: readonly number[]): Ratio {
  const rng = seededRandom(7)
  const ratioOn = (days: readonly number[]) =>
    days.reduce((sum, day) => sum + itemAt(a, day), 0) / days.reduce((sum, day) => sum + itemAt(b, day), 0)
  const all = a.map((_, day) => day)
  const drawn = Array.from({ length: RESAMPLES }, () => ratioOn(all.map(() => rng.pick(all)))).sort((x, y) => x - y)
  return { is: ratioOn(all), low: itemAt(drawn, 0.05 * RESAMPLES), high: itemAt(drawn, 0.95 * RESAMPLES - 1) }
}

export const ratioText = ({ is, low, high }: Ratio) =>
  `${is.toFixed(3)} (90 % interval ${low.toFixed(3)} to ${high.toFixed(3)})`
