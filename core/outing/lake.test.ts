import { describe, expect, it } from 'vitest'
import { chance } from '../chance'
import { dayAt } from '../testing/day-at'
import { fishDay, type Angler } from '../testing/fished-day'

/** Days that were never looked at while the adviser was made: it saw seeds up to 2100. */
const DAYS = Array.from({ length: 300 }, (_, i) => 5001 + i)
const PLACES = [dayAt('vessamere-north'), dayAt('vessamere-south'), dayAt('quillskar')]

const takesOf = (angler: Angler, day: 'marked' | 'mild', seeds = DAYS) =>
  seeds.map((seed) => {
    const place = PLACES[seed % PLACES.length]
    if (!place) throw new Error('no place')
    return fishDay(seed, angler, place, day).takes
  })

/** Ratio of the sums with its 90 % interval: days are drawn again with replacement (bootstrap), both anglers on the same days. */
function ratio(a: readonly number[], b: readonly number[]): { is: number; low: number; high: number } {
  const luck = chance(7)
  const of = (days: readonly number[]) =>
    days.reduce((sum, i) => sum + (a[i] ?? 0), 0) / days.reduce((sum, i) => sum + (b[i] ?? 0), 0)
  const all = a.map((_, i) => i)
  const drawn = Array.from({ length: 2000 }, () => of(all.map(() => luck.pick(all)))).sort((x, y) => x - y)
  return { is: of(all), low: drawn[100] ?? 0, high: drawn[1899] ?? 0 }
}
const shown = ({ is, low, high }: ReturnType<typeof ratio>) =>
  `${is.toFixed(3)} (90 % interval ${low.toFixed(3)} to ${high.toFixed(3)})`

describe('300 simulated days of six hours', () => {
  it('following the advice catches at least a quarter more than staying with the first choice, and a tenth more than changing at random', () => {
    const advised = takesOf('advised', 'marked')
    const overStaying = ratio(advised, takesOf('stays', 'marked'))
    const overRandom = ratio(advised, takesOf('random', 'marked'))
    console.info(`advised : first choice = ${shown(overStaying)}; advised : random = ${shown(overRandom)}`)
    expect(overStaying.is).toBeGreaterThanOrEqual(1.25)
    expect(overStaying.low).toBeGreaterThan(1.15)
    expect(overRandom.is).toBeGreaterThanOrEqual(1.1)
    expect(overRandom.low).toBeGreaterThan(1.1)
  }, 600_000)
  it('on mild days, where everything takes its share, it still gains', () => {
    const seeds = DAYS.slice(0, 90)
    const over = ratio(takesOf('advised', 'mild', seeds), takesOf('stays', 'mild', seeds))
    console.info(`mild days, advised : first choice = ${shown(over)}`)
    expect(over.is).toBeGreaterThan(1.08)
  }, 300_000)
  it('the same day fished the same way comes out the same', () => {
    expect(takesOf('advised', 'marked', [5])).toEqual(takesOf('advised', 'marked', [5]))
  })
})
