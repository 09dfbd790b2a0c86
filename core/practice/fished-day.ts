import {
  advise,
  changesFor,
  type AdviceInput,
  type AnswerId,
  type Carried,
  type Entry,
  type Fished,
  type Outing,
  type Spot,
  type Variable,
  accountOf,
  bitesOf,
  landedOf,
} from '../outing'
import { seededRandom } from '../random'
import { LAKE } from '../../data/lake'
import { Lake, type LakeSet } from './lake'

/** How a simulated angler decides what to do next. */
export type Angler = 'advised' | 'stays' | 'random'

const DAY_MIN = 360
const START = Date.parse('2026-06-12T06:00:00Z')
const momentAt = (min: number) => new Date(START + min * 60_000).toISOString().replace('.000Z', '+00:00')

export interface DayOf {
  readonly carried: readonly Carried[]
  readonly spots: readonly Spot[]
  readonly outing: Outing
  readonly schooling: boolean
  /** What fish may want: of all there is, where more is there than is carried; the match’s own first. */
  readonly wanted?: readonly Carried[]
  /** Length, min; six hours where nothing is said. */
  readonly minutes?: number
  /** Length of the lake’s day, min, where less of it is fished. */
  readonly dayMin?: number
  /** What the match puts first in the water as it truly is at a minute; where nothing is said, the first that is wanted. */
  readonly firstAt?: (atMin: number) => Carried | undefined
  /** For a lesson: what is not left to chance. */
  readonly set?: LakeSet
  /** Another draw of the schools of the same day. */
  readonly luck?: number
  /** What a rig is worth in that water beside the first, 0 … 1; where nothing is said, all alike. */
  readonly suits?: (carried: Carried, atMin: number) => number
}

/** Takes of a day fished on the simulated lake. `random` changes as often as the advised one is let, to something drawn evenly. */
export function fishDay(
  seed: number,
  angler: Angler,
  { carried, spots, outing, schooling, wanted, minutes = DAY_MIN, dayMin = minutes, firstAt, suits, set, luck }: DayOf,
  day: 'marked' | 'mild' = 'marked',
): { takes: number; landed: number; changes: number; turned: Variable[] } {
  const lake = new Lake(seed, {
    carried: wanted ?? carried,
    spots,
    depthM: outing.water.depthM,
    dayMin,
    day,
    ...(firstAt && { firstAt }),
    ...(suits && { suits }),
    ...(set && { set }),
    ...(luck !== undefined && { luck }),
  })
  const random = seededRandom(seed + 50_000)
  const [first] = carried
  const [firstWay] = first?.ways ?? []
  const [firstSpot] = spots
  if (!first || !firstWay) throw new Error('a day needs something that is carried')
  let n = 0
  const entries: Entry[] = []
  const say = (min: number, said: object) => entries.push({ id: `e${n++}`, at: momentAt(min), ...said } as Entry)
  if (firstSpot) say(0, { kind: 'spot', ...firstSpot })
  say(0, { kind: 'rig', carriedId: first.id, wayId: firstWay.id })
  let hand: Fished = { carried: first, way: firstWay, spot: firstSpot ?? null }
  let busyTo = 0
  let nextRandom = RANDOM_EVERY_MIN
  let changes = 0
  const turned: Variable[] = []
  for (let min = 0; min < minutes; min++) {
    if (min >= busyTo)
      for (const shown of lake.minute(min, hand)) {
        say(min, {
          kind: 'answer',
          answer: shown.answer satisfies AnswerId,
          aim: null,
          fish:
            shown.answer === 'landed'
              ? {
                  speciesId: outing.water.speciesId,
                  lengthM: shown.lengthM,
                  massKg: null,
                  hooked: shown.hooked,
                  ate: shown.ate,
                  released: true,
                }
              : null,
        })
        if (shown.answer === 'landed') busyTo = min + LAKE.costMin.fish
      }
    if (angler === 'stays' || min % LOOKS_EVERY_MIN !== LOOKS_EVERY_MIN - 1) continue
    if (angler === 'random' && min < nextRandom) continue
    const now = momentAt(min + 1)
    const account = accountOf({ ...outing, entries, carried: [...carried] }, now)
    const input: AdviceInput = { account, carried, spots, schooling, now }
    let to: Fished | null = null
    if (angler === 'advised') {
      const advice = advise(input)
      if (advice?.kind === 'change') {
        to = advice.to
        turned.push(advice.variable)
      }
    } else {
      to = random.pick(changesFor(input).weighed).to
      nextRandom = min + RANDOM_EVERY_MIN
    }
    if (!to) continue
    changes += 1
    const moved = to.spot?.spotId !== hand.spot?.spotId || to.spot?.stop !== hand.spot?.stop
    const retied = to.carried.id !== hand.carried.id
    busyTo = Math.max(busyTo, min + 1 + (moved ? LAKE.costMin.spot : retied ? LAKE.costMin.rig : 0))
    hand = to
    if (moved && to.spot) say(min + 1, { kind: 'spot', ...to.spot })
    else say(min + 1, { kind: 'rig', carriedId: to.carried.id, wayId: to.way.id })
  }
  const { stretches } = accountOf({ ...outing, entries, carried: [...carried] }, momentAt(minutes))
  return {
    takes: stretches.reduce((sum, s) => sum + bitesOf(s), 0),
    landed: stretches.reduce((sum, s) => sum + landedOf(s), 0),
    changes,
    turned,
  }
}

const LOOKS_EVERY_MIN = 3
/** As often as the adviser changes on the average, so that both lose the same time over it. */
const RANDOM_EVERY_MIN = 30
