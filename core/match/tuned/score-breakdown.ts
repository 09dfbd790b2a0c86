import {
  evaluateBuild,
  handOffers,
  stealthAgreement,
  tackleAsked,
  tackleFit,
  type EvaluatedBuild,
  type MatchContext,
} from '../possible'
import { habitsOn, speaksOf } from '../asked'
import { accountOf, axisLines, buildOffers, colourLines, practiceLines, type ScoreTerm } from '../account'
import { setUpKey, type SetUp } from '../setup'
import { pathOffers, simulateCast, type CastResult } from './cast-evaluation'

export interface Ranked {
  readonly key: string
  readonly setUp: SetUp
  /** 0 … 1: the product of the chances of its parts. */
  readonly chance: number
  /** 0 … 100: that chance against the best that could be tied on here. */
  readonly score: number
  readonly parts: readonly ScoreTerm[]
  readonly thrown: CastResult
}

/** Order: the higher chance, then the smaller key of the parts, so that the same inputs give the same list. */
export function ranksBefore(a: { chance: number; key: string }, b: { chance: number; key: string }): boolean {
  return a.chance > b.chance + 1e-11 || (Math.abs(a.chance - b.chance) <= 1e-11 && a.key < b.key)
}

/** The full account of one given set-up in one water. */
export function scoreSetUp(setUp: SetUp, context: MatchContext): Ranked {
  const { reading } = context
  const dressed = evaluateBuild(setUp.build, context.known(setUp.build.lure), reading)
  return scoreBreakdown(setUp, dressed, simulateCast(setUp, dressed.motion, dressed.offer, context), context)
}

export function scoreBreakdown(
  setUp: SetUp,
  dressed: Pick<EvaluatedBuild, 'build' | 'offer' | 'speedMps'>,
  thrown: CastResult,
  { fish, demand, contrastOf, record, against }: MatchContext,
): Ranked {
  const { build, outfit, leader, handling } = setUp
  const { offer } = dressed
  const asked = tackleAsked(build, handling.technique, fish)
  const tackle = tackleFit(build, outfit, leader, handling, asked)
  const spoken = habitsOn(demand.habits, build.lure.family).filter(
    (h) => speaksOf(h, { build, work: handling, outfit }) === true,
  )
  const lines = [
    ...axisLines(
      demand.by.build,
      buildOffers(offer, contrastOf(build.lure.colour, build.lure.make), record.oddsOf(build.lure).share),
    ),
    ...colourLines(offer, demand),
    ...axisLines(demand.by.hand, handOffers(handling, dressed)),
    ...axisLines(demand.by.outfit, { tackle, stealth: stealthAgreement(outfit, leader), reach: thrown.plan.castM }),
    ...axisLines(demand.by.path, pathOffers(thrown, build.lure)),
    ...practiceLines(spoken),
  ]
  return { key: setUpKey(setUp), setUp, ...accountOf(lines, against()), thrown }
}
