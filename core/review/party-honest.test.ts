import { expect, it } from 'vitest'
import { asFriends, type NewEntry, type Outing, type Party } from '../outing'
import { seededRandom } from '../random'
import { at, logOf, rig } from '../../testing/outing'
import { dayLeanings } from './day-learned'
import { findPatterns } from './patterns'
import { effortRows, type EffortRow } from './record'

/** Two friends in one boat: every school passes both lines, and each takes or not. Nothing that is asked of it matters. */

const COLOURS = ['silver', 'gold', 'hot', 'natural'] as const
const SPOTS = ['tip', 'trunk', 'root'] as const
const CARRIED = COLOURS.map((colour) => rig(colour, { colour, lureId: colour, name: colour }))
const TURN_MIN = 30
const TURNS = 6
const SCHOOLS_PER_H = 2
const bite: NewEntry = { kind: 'answer', answer: 'lost', aim: null, fish: null }

function day(seed: number, nth: number): Outing[] {
  const random = seededRandom(seed * 71 + nth + 1)
  const spots = Array.from({ length: TURNS }, () => random.pick(SPOTS))
  const party: Party = {
    id: `p${nth}`,
    names: ['Anouk', 'Bren'],
    who: 0,
    startedAt: at(0),
    turnMin: TURN_MIN,
    turns: [[0, 1].map(() => ({ carriedId: 'silver', wayId: 'wind' }))],
  }
  const schools = Array.from(
    { length: random.poisson((SCHOOLS_PER_H * TURNS * TURN_MIN) / 60) },
    () => TURNS * TURN_MIN * random.next(),
  )
  return [0, 1].map((who) => {
    const said: [number, NewEntry][] = []
    spots.forEach((spotId, turn) => {
      const min = turn * TURN_MIN
      said.push([min, { kind: 'spot', stop: 1, featureId: 'fallen-tree', spotId }])
      said.push([min, { kind: 'rig', carriedId: random.pick(COLOURS), wayId: 'wind' }])
    })
    for (const min of schools) if (random.next() < 0.8) said.push([min, bite])
    said.push([TURNS * TURN_MIN, { kind: 'end' }])
    const log = logOf(
      said.sort((a, b) => a[0] - b[0]),
      { id: `p${nth}-${who}`, carried: [...CARRIED], party: { ...party, who } },
    )
    return who === 0 ? log : asFriends({ ...log, party: { ...party, who } })
  })
}
const rowsOf = (logs: readonly Outing[]) => effortRows(logs, at(10_000))
/** As if both lines were one’s own. */
const asOwn = (rows: readonly EffortRow[]): EffortRow[] => rows.map(({ isFriends: _, who: __, ...row }) => row)

it('seasons of two friends in which nothing matters tell of something no oftener than one alone does', () => {
  const SEASONS = 20
  const seasons = Array.from({ length: SEASONS }, (_, seed) =>
    rowsOf(Array.from({ length: 10 }, (_, n) => day(seed, n)).flat()),
  )
  const told = seasons.filter((rows) => findPatterns(rows, 'bites').patterns.length > 0).length
  const naive = seasons.filter((rows) => findPatterns(asOwn(rows), 'bites').patterns.length > 0).length
  console.log(`false patterns: ${told} of ${SEASONS} seasons of two friends; ${naive} with both lines as one’s own`)
  // Both families at 5 %: a tenth, with the luck of twenty (binomial, one in a hundred).
  expect(told).toBeLessThanOrEqual(5)
}, 240_000)

it('days of two friends on which nothing mattered lean to hour or spot no oftener than days of one', () => {
  const DAYS = 150
  const days = Array.from({ length: DAYS }, (_, n) => rowsOf(day(900, n)))
  const leaning = (rows: readonly EffortRow[]) => dayLeanings(rows).length > 0
  const own = days.filter((rows) => leaning(rows.filter((r) => !r.isFriends))).length
  const together = days.filter(leaning).length
  const naive = days.filter((rows) => leaning(asOwn(rows))).length
  console.log(
    `days that lean falsely, of ${DAYS}: ${own} alone, ${together} of two friends, ${naive} with both lines as one’s own`,
  )
  expect(together).toBeLessThanOrEqual(Math.max(6, own + 4))
  expect(naive).toBeGreaterThanOrEqual(together)
})
