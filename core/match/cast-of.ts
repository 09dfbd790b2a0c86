import { CARRIED_SHARE, DROPPER_M, LONGEST_COUNT_S, ROD_TIPS_M } from '../../data/casting'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { dropShotHeightM, sinkRateMps, sinkTimeS, type BuildMotion, type CastPlan } from '../motion'
import { fallTaken, familyOf, type Build, type Retrieve } from '../tackle'
import { passingOf, type Conditions, type Reading } from '../water'
import type { SetUp } from './setup'

/** Length from the hook of a drop-shot to its sinker, m, so that the bait hangs in the middle of the zone, as far as such leaders go; null for other rigs. */
export function dropperM(
  { mount }: Pick<Build, 'mount'>,
  c: Pick<Conditions, 'depthM'>,
  { zone }: Pick<Reading, 'zone'>,
) {
  if (mount.kind !== 'drop-shot') return null
  const wanted = c.depthM - (zone.topM + zone.bottomM) / 2
  return Math.min(DROPPER_M[1], Math.max(DROPPER_M[0], wanted))
}

function heldHeight(build: Build, c: Conditions, reading: Reading, rodTipM: number, distanceM: number): number | null {
  const leaderM = dropperM(build, c, reading)
  return leaderM === null ? null : dropShotHeightM(leaderM, c.depthM, rodTipM, distanceM)
}

/** The cast of so many metres that a set-up makes in this water, ready for the path. */
export function castPlanOf(
  { build, outfit, handling }: Pick<SetUp, 'build' | 'handling'> & { outfit: Pick<SetUp['outfit'], 'line'> },
  motion: BuildMotion,
  castM: number,
  { c, reading }: { readonly c: Conditions; readonly reading: Reading },
): CastPlan {
  const family = familyOf(build.lure.family)
  const { retrieve } = handling
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

/** Lines by which count-downs are told, m: an ordinary one, and the thickest, on which it must still come down. */
export interface CountedOn {
  readonly usualM: number
  readonly thickestM: number
}

/**
 * Count-downs worth trying: straight away, to the zone, to the bottom, as the retrieve allows. Whole seconds, shortest first. Line that is drawn down slows the
 * fall: to the bottom it is counted on the thickest that may be tied, to the zone on an ordinary one.
 */
export function countDowns(
  build: Build,
  motion: BuildMotion,
  retrieve: Retrieve,
  c: Conditions,
  reading: Reading,
  { usualM, thickestM }: CountedOn,
): number[] {
  const fall = sinkRateMps(motion, reading.density)
  if (familyOf(build.lure.family).swims !== 'sinks' || fall <= 0.01) return [0]
  const toBottom = Math.ceil(sinkTimeS(motion, reading.density, thickestM, c.depthM))
  if (retrieve.delivery === 'pitch') return [Math.min(LONGEST_COUNT_S, toBottom)]
  const toZone = sinkTimeS(motion, reading.density, usualM, (reading.zone.topM + reading.zone.bottomM) / 2)
  const to = { surface: 0, zone: Math.round(toZone), bottom: toBottom }
  const counts = retrieve.sinkTo.map((where) => to[where])
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

/** The same way of working with every count-down and height of the rod, beside the one it has. */
export function handlings(
  { build, handling }: Pick<SetUp, 'build' | 'handling'>,
  motion: BuildMotion,
  { c, reading, countedOn }: { readonly c: Conditions; readonly reading: Reading; readonly countedOn: CountedOn },
): SetUp['handling'][] {
  const { retrieve, countDownS: now, rodTipM: held } = handling
  return countDowns(build, motion, retrieve, c, reading, countedOn).flatMap((countDownS) =>
    rodTips(build, retrieve, c)
      .filter((rodTipM) => countDownS !== now || rodTipM !== held)
      .map((rodTipM) => ({ ...handling, countDownS, rodTipM })),
  )
}

/**
 * Whether a retrieve's rests belong in this water: what hangs or floats is carried off by a current or a drift meanwhile, and a rest of half a minute is none
 * there. What sinks lies on the bottom.
 */
export function restsHere(lure: Build['lure'], retrieve: Retrieve, { c }: { readonly c: Conditions }): boolean {
  if (familyOf(lure.family).swims === 'sinks') return true
  return retrieve.pauseS * Math.max(c.currentMps, c.driftMps) <= CARRIED_SHARE * c.castM
}
