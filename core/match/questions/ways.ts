import { itemAt } from '../../list'
import { sinkRateMps } from '../../motion'
import type { Work } from '../../tackle'
import { scoreSetUp, SNAG_LIMIT, type Ranked } from '../tuned'
import {
  countDowns,
  evaluateBuild,
  rodTips,
  workAgain,
  worksOfBuild,
  type EvaluatedBuild,
  type MatchContext,
} from '../possible'
import { setUpKey, type SetUp } from '../setup'

/**
 * The ways in which a set-up can be fished here as it is tied: every technique, also slower, faster, with shorter and with longer rests, every count-down and rod height that its lure allows and that does not hang
 * up too often, each judged in full; best first. The set-up's own way is among them.
 */
export function waysOf(setUp: SetUp, context: MatchContext): Ranked[] {
  const { build } = setUp
  const { c, reading } = context
  const dressed = evaluateBuild(build, context.known(build.lure), reading)
  const own = scoreSetUp(setUp, context)
  const others = worksOfBuild(dressed, context)
    .flatMap((work) => [work, ...beside(work, dressed, context)])
    .flatMap((work) =>
      countDowns(build, dressed.motion, work.technique, c, reading, context.countedOn).flatMap((countDownS) =>
        rodTips(build, work.technique, c).map((rodTipM) =>
          scoreSetUp({ ...setUp, handling: { ...work, countDownS, rodTipM } }, context),
        ),
      ),
    )
  return [own, ...others.filter((r) => r.key !== setUpKey(setUp) && r.thrown.risk <= SNAG_LIMIT)].sort(
    (a, b) => b.score - a.score || (a.key < b.key ? -1 : 1),
  )
}

/** So far from what is wanted lie the other tempos and patiences that are kept. */
const ASIDE = 0.4

/** The same technique with one of its ranges moved: what is changed on the water when it brings nothing. */
function beside(work: Work, dressed: EvaluatedBuild, context: MatchContext): Work[] {
  const { technique, tempo, patience } = work
  const aside = (at: number) => [at - ASIDE, at + ASIDE].filter((v) => v >= 0 && v <= 1)
  return [
    ...(technique.pace ? aside(tempo).map((moved) => ({ technique, tempo: moved, patience })) : []),
    ...(technique.restS ? aside(patience).map((moved) => ({ technique, tempo, patience: moved })) : []),
  ].flatMap((moved) => workAgain(dressed, moved, context) ?? [])
}

/** Depth at which a cast is worked on the average, m below the surface: from the end of the count-down to the rod, by time. */
export function workedDepthM({ path }: Ranked['thrown']): number {
  let sum = 0
  let time = 0
  for (let i = path.retrieveStartIndex + 1; i < path.t.length; i++) {
    const dt = itemAt(path.t, i) - itemAt(path.t, i - 1)
    sum += dt * ((itemAt(path.z, i) + itemAt(path.z, i - 1)) / 2)
    time += dt
  }
  return time > 0 ? Math.max(0, sum / time) : Math.max(0, itemAt(path.z, path.retrieveStartIndex))
}

/** How fast what is tied falls on a slack line in this water, m/s, 0 where it does not sink; and its weight in it, N, below zero where it floats. */
export function fallOf(build: SetUp['build'], context: MatchContext): { fallMps: number; sinksWithN: number } {
  const { motion } = evaluateBuild(build, context.known(build.lure), context.reading)
  return { fallMps: Math.max(0, sinkRateMps(motion, context.reading.density)), sinksWithN: motion.submergedWeightN }
}
