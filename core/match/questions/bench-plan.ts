import { LONGEST_COUNT_S, ORDINARY_CAST, ROD_TIPS_M } from '../../../data/casting'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { castLengthM, handOf, sinkTimeS, type BuildMotion, type CastPlan } from '../../motion'
import { deliveryOf, familyOf, workAt, type Build, type Line, type Technique } from '../../tackle'
import type { Conditions, Reading } from '../../water'
import { castPlanOf, letOutM } from '../possible'
import { flowHere } from '../asked'

/** The cast of one build on the bench, thrown by an ordinary rod in calm air: counted down to the middle of the zone where it sinks, and wound within its speeds, m/s. */
export function benchPlan(
  {
    build,
    motion,
    line,
    technique,
    speeds,
  }: {
    readonly build: Build
    readonly motion: BuildMotion
    readonly line: Line
    readonly technique: Technique
    readonly speeds: readonly [slow: number, fast: number]
  },
  c: Conditions,
  reading: Reading,
): CastPlan {
  const mid = (reading.zone.topM + reading.zone.bottomM) / 2
  const sinks = familyOf(build.lure.family).swims === 'sinks'
  const seconds = sinks ? sinkTimeS(motion, reading.density, line.diameterM, mid) : 0
  const handling = {
    ...workAt(technique, { tempo: 0.5, patience: 0.5 }, speeds, flowHere(c)),
    countDownS: seconds <= LONGEST_COUNT_S ? Math.round(seconds) : 0,
    rodTipM: c.rodTipM ?? ROD_TIPS_M.level,
  }
  const by = { rod: ORDINARY_CAST.rod, line: { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] } }
  const { thrown, pace } = deliveryOf(technique.delivery)
  const castM =
    thrown === 'none' && pace !== 'hand'
      ? letOutM({ build, line, handling }, motion, { c, reading })
      : castLengthM(handOf(c.castM), motion, build.massKg, by, technique.delivery)
  return castPlanOf({ build, outfit: { line }, handling }, motion, castM, { c, reading })
}
