import { LET_OUT } from '../../../data/deliveries'
import { CARRIED_SHARE, DROPPER_M, LONGEST_COUNT_S, ROD_TIPS_M } from '../../../data/casting'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { dropShotHeightM, sinkRateMps, sinkTimeS, trimOf, type BuildMotion, type CastPlan } from '../../motion'
import {
  deliveryOf,
  fallTaken,
  familyOf,
  worksOn,
  type Build,
  type DeliveryId,
  type Technique,
  type Work,
} from '../../tackle'
import { passingOf, slidesMps, type Conditions, type Reading } from '../../water'
import { flowHere } from '../asked'
import { ballDepthM } from './let-out'
import type { SetUp } from '../setup'

/** A water, and what was read off it. */
interface Where {
  readonly c: Conditions
  readonly reading: Reading
}

/**
 * Length of a dropper, m: from the hook of a drop-shot to its sinker, or from the swivel of a three-way, in steps, so that the bait hangs in the middle of the
 * zone as far as such droppers go; null for other rigs.
 */
export function dropperM(
  { mount, anchor }: Pick<Build, 'mount' | 'anchor'>,
  motion: BuildMotion,
  where: Where,
  { castM, rodTipM }: Pick<CastPlan, 'castM' | 'rodTipM'>,
) {
  const { c, reading } = where
  const wanted = c.depthM - (reading.zone.topM + reading.zone.bottomM) / 2
  if (anchor) {
    const [least, most] = LET_OUT.dropperM
    // From afar the line lies flat and draws the dropper down with it.
    const leans = dropShotHeightM(1, c.depthM, rodTipM, castM)
    const steps = Math.round(((wanted + sagM(motion, where)) / leans - least) / LET_OUT.dropperStepM)
    return Math.min(most, Math.max(least, least + steps * LET_OUT.dropperStepM))
  }
  if (mount.kind !== 'drop-shot') return null
  return Math.min(DROPPER_M[1], Math.max(DROPPER_M[0], wanted))
}

/** Height above the bottom at which a bait hangs over its sinker, or behind a three-way on its leader in the current, m; null for other rigs. */
function heldHeight(
  build: Build,
  motion: BuildMotion,
  where: Where,
  rodTipM: number,
  distanceM: number,
): number | null {
  const { depthM } = where.c
  const leaderM = dropperM(build, motion, where, { castM: distanceM, rodTipM })
  if (leaderM === null) return null
  const height = dropShotHeightM(leaderM, depthM, rodTipM, distanceM)
  return build.anchor ? Math.min(depthM, Math.max(0, height - sagM(motion, where))) : height
}

/** How far a lure hangs below the swivel of a three-way, on its leader in the current, m; negative where it rises or dives up. */
function sagM(motion: BuildMotion, { c, reading }: Where): number {
  const { angle } = trimOf(motion, reading.density, Math.max(0.02, flowHere(c)))
  return LET_OUT.leaderM * Math.sin(angle)
}

/** The cast of so many metres that a set-up makes in this water, ready for the path. */
export function castPlanOf(
  {
    build,
    outfit,
    handling,
  }: Pick<SetUp, 'build' | 'handling'> & {
    outfit: { readonly line: Pick<SetUp['outfit']['line'], 'diameterM' | 'material'> }
  },
  motion: BuildMotion,
  castM: number,
  { c, reading }: { readonly c: Conditions; readonly reading: Reading },
): CastPlan {
  const family = familyOf(build.lure.family)
  const { technique } = handling
  return {
    motion: deliveryOf(technique.delivery).pace === 'boat' ? (motion.behindBoat ?? motion) : motion,
    surface: family.swims === 'surface',
    density: reading.density,
    viscosity: reading.viscosity,
    lineDiameterM: outfit.line.diameterM,
    castM,
    rodTipM: handling.rodTipM,
    depthM: c.depthM,
    lineDensityKgM3: LINE_DENSITY[outfit.line.material],
    ...passingOf(c),
    countDownS: handling.countDownS,
    retrieveSpeedMps: handling.paceMps,
    pullDurationS: technique.pullS,
    pauseS: handling.restS,
    slack: technique.slack,
    delivery: technique.delivery,
    ballM:
      technique.delivery === 'downrigger'
        ? ballDepthM(motion.behindBoat ?? motion, outfit.line, handling.paceMps, { c, reading })
        : null,
    heldAboveBottomM: heldHeight(build, motion, { c, reading }, handling.rodTipM, castM),
    fallTaken: fallTaken(build.lure.family),
    blowsOut: family.swims === 'sinks',
  }
}

/** Lines by which count-downs are told, m: an ordinary one, and the thickest, on which it must still come down. */
export interface CountedOn {
  readonly usualM: number
  readonly thickestM: number
}

/** Ways of fishing in which it is let sink before the work begins. */
const SUNK: ReadonlySet<DeliveryId> = new Set(['cast', 'pitch', 'vertical', 'still'])

/**
 * Count-downs worth trying: straight away, to the zone, to the bottom, as the retrieve allows. Whole seconds, shortest first. Line that is drawn down slows the
 * fall: to the bottom it is counted on the thickest that may be tied, to the zone on an ordinary one.
 */
export function countDowns(
  build: Build,
  motion: BuildMotion,
  technique: Technique,
  c: Conditions,
  reading: Reading,
  { usualM, thickestM }: CountedOn,
): number[] {
  const fall = sinkRateMps(motion, reading.density)
  if (!SUNK.has(technique.delivery)) return [0]
  if (familyOf(build.lure.family).swims !== 'sinks' || fall <= 0.01) return [0]
  const toBottom = Math.ceil(sinkTimeS(motion, reading.density, thickestM, c.depthM))
  if (technique.delivery === 'pitch') return [Math.min(LONGEST_COUNT_S, toBottom)]
  const toZone = sinkTimeS(motion, reading.density, usualM, (reading.zone.topM + reading.zone.bottomM) / 2)
  const to = { surface: 0, zone: Math.round(toZone), bottom: toBottom }
  const counts = technique.sinkTo.map((where) => to[where])
  return [...new Set(counts)].filter((s) => s <= LONGEST_COUNT_S).sort((a, b) => a - b)
}

const { down, level, up } = ROD_TIPS_M

/** Rod heights to try, tip above the water, m: the angler's own, or up, level and down where it moves the path. */
export function rodTips(build: Build, technique: Technique, c: Conditions): readonly number[] {
  if (c.rodTipM !== null) return [c.rodTipM]
  const { swims } = familyOf(build.lure.family)
  if (technique.delivery !== 'cast' || swims === 'surface' || technique.sinkTo.every((to) => to === 'bottom'))
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
  const { technique, countDownS: now, rodTipM: held } = handling
  return countDowns(build, motion, technique, c, reading, countedOn).flatMap((countDownS) =>
    rodTips(build, technique, c)
      .filter((rodTipM) => countDownS !== now || rodTipM !== held)
      .map((rodTipM) => ({ ...handling, countDownS, rodTipM })),
  )
}

/** What is needed to tell whether a way of working a lure belongs in a water. */
interface Fishing {
  readonly c: Conditions
  readonly deliveries: ReadonlySet<DeliveryId>
}

/**
 * Whether a dressed lure is worked so here: its way of fishing is allowed, it is rigged for it, boat or water move at a pace at which it works, and its rests belong in this
 * water. What hangs or floats is carried off by a current or a drift meanwhile, and a rest of half a minute is none there; what sinks lies on the bottom.
 */
export function isFishedSo(
  build: Pick<Build, 'lure' | 'mount' | 'anchor'>,
  { technique, paceMps, restS }: Work,
  [slow, fast]: readonly [number, number],
  { c, deliveries }: Fishing,
): boolean {
  if (!deliveries.has(technique.delivery) || !worksOn(technique, build.mount.kind, build.lure.traits)) return false
  if ((technique.delivery === 'three-way') !== (build.anchor !== undefined)) return false
  const { pace } = deliveryOf(technique.delivery)
  const { swims, body } = familyOf(build.lure.family)
  if (pace === 'boat') return paceMps >= LET_OUT.boatMps[0] && paceMps <= LET_OUT.boatMps[1]
  if (pace === 'water' && restS === 0 && body !== 'soft' && body !== 'jig')
    return paceMps >= WORKS_FROM * slow && paceMps <= fast / WORKS_FROM
  if (swims === 'sinks' || pace === 'water') return true
  return restS * Math.max(c.currentMps, slidesMps(c)) <= CARRIED_SHARE * c.castM
}
/** A little under its slowest pace a lure still moves. */
const WORKS_FROM = 0.85
