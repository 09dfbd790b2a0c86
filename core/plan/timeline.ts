import { LEARNING } from '../../data/advice'
import { FORGOTTEN_H, RETIE } from '../../data/plan'
import { bestOn, type Hour, type WorthTable } from './table'

/**
 * Which lure hangs on which rod, hour by hour, with as few re-ties as pay. Each hour is laid out for the case that the hours before brought nothing: worlds in which they would have
 * are less likely then. Where something works, one stays with it.
 */

/** What hangs on each outfit in an hour, by places in the kit; null for nothing. */
export type Tied = readonly (number | null)[]

/** An hour held fast: this lure on this outfit. */
export interface Held {
  readonly hour: number
  /** By its place among the outfits that come along. */
  readonly at: number
  readonly lure: number
}

/** Chance of each lure on each outfit in the worlds of one hour. */
interface HourWorth {
  /** What each world is called through the day. */
  readonly worlds: readonly string[]
  readonly weights: Float64Array
  /** By outfit, then by lure of the kit. */
  readonly on: readonly (readonly Float64Array[])[]
}

function hourWorth(table: WorthTable, { waters }: Hour, outfits: readonly number[], kit: readonly number[]): HourWorth {
  const tastes = table.tasteCount
  const weights = new Float64Array(waters.length * tastes)
  waters.forEach(({ weight, water }, w) =>
    weights.set(
      table.believed(water.id).map((share) => share * weight),
      w * tastes,
    ),
  )
  const on = outfits.map((outfit) =>
    kit.map((lure) => {
      const row = new Float64Array(weights.length)
      const factors = table.tastes(lure)
      waters.forEach(({ key }, w) => {
        const chance = bestOn(table, key, lure, [outfit])
        if (chance > 0) for (let t = 0; t < tastes; t++) row[w * tastes + t] = Math.min(1, chance * (factors[t] ?? 1))
      })
      return row
    }),
  )
  const worlds = waters.flatMap(({ water }) => Array.from({ length: tastes }, (_, t) => `${water.id} ${t}`))
  return { worlds, weights, on }
}

/** The best of what is tied on in one world. */
const bestTied = ({ on }: HourWorth, tied: Tied, s: number): number =>
  tied.reduce<number>((best, lure, at) => (lure === null ? best : Math.max(best, on[at]?.[lure]?.[s] ?? 0)), 0)

/** What an hour is worth with some lures tied on, as likely as its worlds are by then. */
const tiedWorth = (hour: HourWorth, tied: Tied, weights: Float64Array): number =>
  weights.reduce((sum, weight, s) => sum + weight * bestTied(hour, tied, s), 0)

/** What the hours so far, fished in vain, say of each world: the chance that they would have been. */
class InVain {
  private readonly log = new Map<string, number>()

  /** Weights of an hour's worlds by now; their sum stays what it was. */
  weightsOf({ worlds, weights }: HourWorth): Float64Array {
    const now = weights.map((weight, s) => weight * Math.exp(this.log.get(worlds[s] ?? '') ?? 0))
    const [before, after] = [sumOf(weights), sumOf(now)]
    return now.map((weight) => (after > 0 ? (weight * before) / after : 0))
  }

  /** An hour goes by with what was tied on. */
  pass(hour: HourWorth, tied: Tied): void {
    const kept = 0.5 ** (1 / FORGOTTEN_H)
    const hours = sumOf(hour.weights)
    hour.worlds.forEach((world, s) => {
      const asked = LEARNING.showingsPerH * hours * bestTied(hour, tied, s)
      this.log.set(world, kept * (this.log.get(world) ?? 0) - asked)
    })
  }
}

const sumOf = (values: Float64Array): number => values.reduce((sum, v) => sum + v, 0)

/** What a re-tie costs in an hour that is worth so much. */
const retieCost = (worth: number): number => (RETIE.minutes / 60 + RETIE.costs) * worth

/** Re-ties between two hours; the first rigs are tied at home. */
const reTied = (before: Tied | undefined, tied: Tied): number =>
  before === undefined ? 0 : tied.filter((lure, at) => lure !== null && lure !== before[at]).length

/** What a whole course is worth, hour after hour in vain, its re-ties paid. */
function courseWorth(hours: readonly HourWorth[], course: readonly Tied[]): number {
  const vain = new InVain()
  return hours.reduce((sum, hour, h) => {
    const tied = course[h] ?? []
    const worth = tiedWorth(hour, tied, vain.weightsOf(hour))
    vain.pass(hour, tied)
    return sum + worth - reTied(course[h - 1], tied) * retieCost(worth)
  }, 0)
}

/** Rounds over rods and hours; each makes the day better or is the last. */
const MOST_ROUNDS = 6

/**
 * What is tied on through the hours. First hour by hour the best that follows on what hung before; then every run of hours on every rod is tried with every other lure, until
 * nothing gains. What is held fast is held.
 *
 * @param kit lures by their places in the table
 * @returns for each hour what hangs on each outfit, by places in `kit`
 */
export function tiedThrough(
  table: WorthTable,
  outfits: readonly number[],
  kit: readonly number[],
  held: readonly Held[] = [],
): Tied[] {
  const hours = table.hours.map((hour) => hourWorth(table, hour, outfits, kit))
  if (kit.length === 0 || outfits.length === 0) return hours.map(() => outfits.map(() => null))
  const heldAt = new Map(held.map(({ hour, at, lure }) => [`${hour} ${at}`, lure]))
  const fished = (h: number, at: number, lure: number) => hours[h]?.on[at]?.[lure]?.some((v) => v > 0) ?? false
  // Where it cannot be fished at that hour on that rod, it is not held: an hour without a lure helps nobody.
  const fast = (h: number, at: number) => {
    const lure = heldAt.get(`${h} ${at}`)
    return lure !== undefined && fished(h, at, lure) ? lure : undefined
  }
  const can = (h: number, at: number): number[] => {
    const one = fast(h, at)
    if (one !== undefined) return [one]
    return kit.flatMap((_, lure) => (fished(h, at, lure) ? [lure] : []))
  }
  const vain = new InVain()
  let course: Tied[] = []
  hours.forEach((hour, h) => {
    const weights = vain.weightsOf(hour)
    let tied: (number | null)[] = outfits.map((_, at) => fast(h, at) ?? course[h - 1]?.[at] ?? null)
    for (let round = 0; round < 2; round++)
      outfits.forEach((_, at) => {
        const net = (lure: number) => {
          const tries = tied.map((other, i) => (i === at ? lure : other))
          const worth = tiedWorth(hour, tries, weights)
          return worth - reTied(course[h - 1], tries) * retieCost(worth)
        }
        const best = can(h, at).reduce<number | null>(
          (a, lure) => (a === null || net(lure) > net(a) + 1e-12 ? lure : a),
          tied[at] ?? null,
        )
        tied = tied.map((other, i) => (i === at ? best : other))
      })
    course.push(tied)
    vain.pass(hour, tied)
  })
  let worth = courseWorth(hours, course)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const before = worth
    outfits.forEach((_, at) => {
      for (const [from, to] of runsOf(course, at))
        for (const lure of new Set([...can(from, at), course[from - 1]?.[at], course[to]?.[at]])) {
          if (lure === null || lure === undefined) continue
          const tries = course.map((tied, h) =>
            h < from || h >= to || !can(h, at).includes(lure) ? tied : tied.map((o, i) => (i === at ? lure : o)),
          )
          const then = courseWorth(hours, tries)
          if (then > worth + 1e-9) [course, worth] = [tries, then]
        }
    })
    if (worth <= before + 1e-9) break
  }
  return course
}

/** Runs of hours through which one lure hangs on an outfit: from the first to before the last. */
function runsOf(course: readonly Tied[], at: number): [number, number][] {
  const runs: [number, number][] = []
  course.forEach((tied, h) => {
    const last = runs.at(-1)
    if (last && h > 0 && course[h - 1]?.[at] === tied[at]) last[1] = h + 1
    else runs.push([h, h + 1])
  })
  return runs
}

/** Re-ties of a course: how often a rod is given another lure on the water. */
export const reTiesOf = (course: readonly Tied[]): number =>
  course.reduce((sum, tied, h) => sum + reTied(course[h - 1], tied), 0)

/** What is worth most in each hour if the hours before brought nothing: the worth of each rod's lure by itself. */
export function worthOfRods(
  table: WorthTable,
  outfits: readonly number[],
  kit: readonly number[],
  course: readonly Tied[],
): number[][] {
  const vain = new InVain()
  return table.hours.map((one, h) => {
    const hour = hourWorth(table, one, outfits, kit)
    const tied = course[h] ?? []
    const weights = vain.weightsOf(hour)
    vain.pass(hour, tied)
    return tied.map((_, at) =>
      tiedWorth(
        hour,
        tied.map((lure, i) => (i === at ? lure : null)),
        weights,
      ),
    )
  })
}

/** Worth of each lure of the kit on one of the outfits in an hour, and of all together. */
export function worthInHour(
  table: WorthTable,
  hour: Hour,
  outfits: readonly number[],
  kit: readonly number[],
): { readonly each: number[]; readonly all: number; readonly rows: readonly Float64Array[] } {
  const { weights, on } = hourWorth(table, hour, outfits, kit)
  const weight = sumOf(weights)
  const rows = kit.map((_, lure) =>
    weights.map((__, s) => outfits.reduce((best, ___, at) => Math.max(best, on[at]?.[lure]?.[s] ?? 0), 0)),
  )
  const mean = (row: Float64Array) => row.reduce((sum, v, s) => sum + v * (weights[s] ?? 0), 0) / Math.max(1e-9, weight)
  const best = weights.map((_, s) => rows.reduce((most, row) => Math.max(most, row[s] ?? 0), 0))
  return { each: rows.map(mean), all: mean(best), rows }
}
