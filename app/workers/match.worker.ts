import { expose } from 'comlink'
import {
  benchFor,
  bestLift,
  matchWater,
  scoreSetUp,
  type Lift,
  type MatchAnswer,
  type MatchOptions,
  type SchoolChoice,
  type SetUp,
} from '../../core/match'
import { EMPTY_BOX, type Box } from '../../core/tackle'
import type { Conditions, Place } from '../../core/water'

/** What comes back: the answer and the time it took, or what went wrong. */
export type MatchReply = { ok: true; answer: MatchAnswer; ms: number } | { ok: false; problem: string }

let box: Box = EMPTY_BOX

/** The same function as on the server and in the tests, off the page's own thread. Plain data crosses; a fault comes back as data too. */
const service = {
  setBox(next: Box) {
    box = next
  },
  /** The one change that would lift a set-up most; asked for apart, so that a ranking never waits for it. */
  lift(setUp: SetUp, c: Conditions, place: Place, schools: SchoolChoice): Lift | null {
    const bench = benchFor(c, place, box, { schools })
    return bestLift(scoreSetUp(setUp, bench), bench)
  },
  match(c: Conditions, place: Place, options: MatchOptions & { lifts: number }): MatchReply {
    const from = performance.now()
    try {
      return { ok: true, answer: matchWater(c, place, box, options), ms: performance.now() - from }
    } catch (error) {
      return { ok: false, problem: error instanceof Error ? error.message : String(error) }
    }
  },
}
export type MatchService = typeof service

expose(service)
