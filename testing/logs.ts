import { accountOf, type NewEntry, type Outing } from '../core/outing'
import { pairsOf, type Pair } from '../core/outing/versus'
import { seededRandom, type SeededRandom } from '../core/random'
import { effortRows, type EffortRow } from '../core/review'
import { logOf, rig } from './outing'

/**
 * Made-up logs to hold claims against. Schools come past at random; what they do is one of these laws, and nothing that is asked of them matters unless a log is told so:
 *
 * `poisson` each fish alone; `days` the rate of a whole day is spread by half either way; `schools-2`, `-3`, `-5` schools of so many bites on the average (geometric), half a minute
 * apart; `hot` one stretch in eight is four times as good, whatever is fished in it.
 */
export const LAWS = ['poisson', 'days', 'schools-2', 'schools-3', 'schools-5', 'hot'] as const
export type Law = (typeof LAWS)[number]

const COLOURS = ['silver', 'gold', 'hot', 'natural'] as const
const SPOTS = ['tip', 'trunk', 'root'] as const
const BETWEEN_BITES_MIN = 0.5

interface LogOf {
  readonly outings?: number
  readonly turns?: number
  /** Schools an hour. */
  readonly perH?: number
  /** How much better one colour is. */
  readonly goldTimes?: number
  /** Gold is fished on the first three days alone, which are so many times as good. */
  readonly greatDays?: number
}

const meanSchool = (law: Law) => (law.startsWith('schools-') ? Number(law.slice(8)) : 1)

/** Bites of a stretch, min from the start of the outing: schools that come in it, each with its bites; the last may run past its end. */
function bitesIn(random: SeededRandom, law: Law, fromMin: number, minutes: number, perH: number): number[] {
  const schools = random.poisson((perH / 60) * minutes)
  return Array.from({ length: schools }, () => fromMin + minutes * random.next()).flatMap((at) => {
    const bites = [at]
    while (random.next() < 1 - 1 / meanSchool(law))
      bites.push((bites.at(-1) ?? at) - BETWEEN_BITES_MIN * Math.log(1 - random.next()))
    return bites
  })
}
const bite: NewEntry = { kind: 'answer', answer: 'lost', aim: null, fish: null }

/** How good a stretch is beside the usual. */
function goodness(random: SeededRandom, law: Law): number {
  return law === 'hot' ? (random.next() < 1 / 8 ? 4 : 4 / 7) : 1
}

/** A season: outings of turns of 20 to 50 min, each with a colour and a spot drawn evenly. */
export function someSeason(
  seed: number,
  law: Law,
  { outings = 16, turns = 6, perH = 1, goldTimes = 1, greatDays = 1 }: LogOf = {},
): EffortRow[] {
  const random = seededRandom(seed * 977 + 5)
  const carried = COLOURS.map((colour) => rig(colour, { colour, lureId: colour, name: colour }))
  const logs = Array.from({ length: outings }, (_, d): Outing => {
    const great = d < 3 && greatDays > 1
    const day = (law === 'days' ? Math.exp(0.5 * random.normal() - 0.125) : 1) * (great ? greatDays : 1)
    const entries: [number, NewEntry][] = []
    let min = 0
    for (let t = 0; t < turns; t++) {
      const minutes = 20 + 30 * random.next()
      const colour =
        greatDays > 1 ? (great ? 'gold' : random.pick(COLOURS.filter((c) => c !== 'gold'))) : random.pick(COLOURS)
      const spotId = random.pick(SPOTS)
      entries.push([min, { kind: 'spot', stop: 1, featureId: 'fallen-tree', spotId }])
      entries.push([min, { kind: 'rig', carriedId: colour, wayId: 'wind' }])
      const rate = perH * day * goodness(random, law) * (colour === 'gold' ? goldTimes : 1)
      for (const at of bitesIn(random, law, min, minutes, rate)) entries.push([at, bite])
      min += minutes
    }
    entries.push([min, { kind: 'end' }])
    const inOrder = entries.filter(([at]) => at <= min).sort((a, b) => a[0] - b[0])
    return logOf(inOrder, { id: `d${d}`, carried })
  })
  return effortRows(logs, '2026-12-31T12:00:00+02:00')
}

const SIDES = { a: { carriedId: 'a', wayId: null }, b: { carriedId: 'b', wayId: null }, castsEach: 10 } as const

/** Two rigs fished in turn, ten minutes each: as many pairs, the second so many times as good. */
export function someTrial(seed: number, law: Law, pairs: number, times = 1, perH = 2): Pair[] {
  const random = seededRandom(seed * 613 + 11)
  const entries: [number, NewEntry][] = [[0, { kind: 'comparison', a: 'a', b: 'b', castsEach: 10 }]]
  const day = law === 'days' ? Math.exp(0.5 * random.normal()) : 1
  for (let turn = 0; turn < 2 * pairs; turn++) {
    const min = 10 * turn
    entries.push([min, { kind: 'rig', carriedId: turn % 2 ? 'b' : 'a', wayId: 'wind' }])
    const rate = perH * day * goodness(random, law) * (turn % 2 ? times : 1)
    for (const at of bitesIn(random, law, min, 10, rate)) entries.push([at, bite])
  }
  const end = 20 * pairs
  const inOrder = [...entries.filter(([at]) => at < end), [end, { kind: 'end' }] as [number, NewEntry]].sort(
    (a, b) => a[0] - b[0],
  )
  const log = logOf(inOrder, { carried: [rig('a'), rig('b')] })
  const { stretches } = accountOf(log, '2026-12-31T12:00:00+02:00')
  return pairsOf(stretches, { ...SIDES, from: log.startedAt, to: null }).pairs
}
