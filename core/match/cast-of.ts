import { DROPPER_M, LONGEST_COUNT_S, ROD_TIPS_M } from '../../data/casting'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { castLengthM, dropShotHeightM, sinkRateMps, type BuildMotion, type CastPlan } from '../motion'
import { fallTaken, familyOf, type Build, type Retrieve } from '../tackle'
import { passingOf, type Conditions, type Reading } from '../water'
import type { SetUp } from './setup'

function heldHeight(build: Build, c: Conditions, reading: Reading, rodTipM: number, distanceM: number): number | null {
  if (build.mount.kind !== 'drop-shot') return null
  const wanted = c.depthM - (reading.zone.topM + reading.zone.bottomM) / 2
  const leaderM = Math.min(DROPPER_M[1], Math.max(DROPPER_M[0], wanted))
  return dropShotHeightM(leaderM, c.depthM, rodTipM, distanceM)
}

/** The cast that a set-up makes in this water, ready for the path. */
export function castPlanOf(
  { build, outfit, handling }: Pick<SetUp, 'build' | 'handling'> & { outfit: Pick<SetUp['outfit'], 'line'> },
  motion: BuildMotion,
  c: Conditions,
  reading: Reading,
): CastPlan {
  const family = familyOf(build.lure.family)
  const { retrieve } = handling
  const castM = castLengthM(c.castM, build.massKg, family.body, retrieve.delivery, motion.castM)
  return {
    motion,
    surface: family.swims === 'surface',
    density: reading.density,
    lineDiameterM: outfit.line.diameterM,
    castM,
    rodTipM: handling.rodTipM,
    depthM: c.depthM,
    lineDensityKgM3: LINE_DENSITY[outfit.line.material],
    ...passingOf(c),
    countDownS: handling.countDownS,
    retrieveSpeedMps: handling.retrieveSpeedMps,
    pullDurationS: retrieve.pullDurationS,
    pauseS: retrieve.pauseS,
    slack: retrieve.slack,
    delivery: retrieve.delivery,
    heldAboveBottomM: heldHeight(build, c, reading, handling.rodTipM, castM),
    fallTaken: fallTaken(build.lure.family),
    blowsOut: family.swims === 'sinks',
  }
}

/** Count-downs worth trying: straight away, to the zone, to the bottom, as the retrieve allows. Whole seconds, shortest first. */
export function countDowns(
  build: Build,
  motion: BuildMotion,
  retrieve: Retrieve,
  c: Conditions,
  reading: Reading,
): number[] {
  const fall = sinkRateMps(motion, reading.density)
  if (familyOf(build.lure.family).swims !== 'sinks' || fall <= 0.01) return [0]
  if (retrieve.delivery === 'pitch') return [Math.min(LONGEST_COUNT_S, Math.ceil(c.depthM / fall))]
  const depths = { surface: 0, zone: (reading.zone.topM + reading.zone.bottomM) / 2, bottom: c.depthM }
  const counts = retrieve.sinkTo.map((to) => {
    const seconds = depths[to] / fall
    return to === 'bottom' ? Math.ceil(seconds) : Math.round(seconds)
  })
  return [...new Set(counts)].filter((s) => s <= LONGEST_COUNT_S).sort((a, b) => a - b)
}

const { down, level, up } = ROD_TIPS_M

/** Rod heights to try, tip above the water, m: the angler's own, or up, level and down where it moves the path. */
export function rodTips(build: Build, retrieve: Retrieve, c: Conditions): readonly number[] {
  if (c.rodTipM !== null) return [c.rodTipM]
  const { swims } = familyOf(build.lure.family)
  if (retrieve.delivery !== 'cast' || swims === 'surface' || retrieve.sinkTo.every((to) => to === 'bottom'))
    return [level]
  // A sinker's depth is set by its count and pace; for it down and up are enough.
  return swims === 'sinks' ? [down, up] : [down, level, up]
}
