import { holdsBottom, type BuildMotion, type DownIn } from '../../motion'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { type Conditions, type Place, type Reading } from '../../water'
import { deliveryOf, type Build } from '../../tackle'
import { anchorMotion } from './anchor'
import type { OnLine } from './on-line'
import { flowHere } from '../asked'
import type { WorkSettings } from '../setup'

/** How far a fall may carry it before it is past, as a share of the cast: a cast up and across gives the rest. */
const ROOM_SHARE = 0.5
/** How a lead grips each bottom: clay as sand, silt as mud. */
const GROUND_OF = { rock: 'rock', gravel: 'gravel', sand: 'sand', clay: 'sand', silt: 'mud' } as const
/** Nearer than this no lead lies to a rod, m. */
const LEAST_AWAY_M = 2

interface Where {
  readonly c: Conditions
  readonly reading: Reading
  readonly place: Pick<Place, 'bottom'>
}

/** A sinking rig on a line, cast so far, in the water of a match: ready to be asked whether it stays down. */
export function downIn(
  motion: BuildMotion,
  line: Parameters<typeof lineOf>[0],
  { technique, rodTipM }: Pick<WorkSettings, 'rodTipM' | 'technique'>,
  castM: number,
  { c, reading, place: { bottom } }: Where,
): DownIn {
  return {
    motion,
    line: lineOf(line),
    density: reading.density,
    viscosity: reading.viscosity,
    tipM: rodTipM,
    depthM: c.depthM,
    holdM: Math.min(c.depthM, (reading.zone.topM + reading.zone.bottomM) / 2),
    flowMps: flowHere(c),
    awayM: Math.max(LEAST_AWAY_M, deliveryOf(technique.delivery).thrown === 'none' ? 0 : ROOM_SHARE * castM),
    roomM: Math.max(LEAST_AWAY_M, ROOM_SHARE * castM),
    ground: GROUND_OF[bottom],
  }
}

const lineOf = ({ diameterM, material }: OnLine['rigging']['outfit']['line']) => ({
  diameterM,
  densityKgM3: LINE_DENSITY[material],
})

/** A sinker that the water carries off holds no bait in its place: of a rig that stands on one only the lines on which it stays are left. */
export function linesThatHold(
  onLines: readonly OnLine[],
  build: Build,
  motion: BuildMotion,
  handling: Pick<WorkSettings, 'rodTipM' | 'technique'>,
  where: Where,
): readonly OnLine[] {
  if ((build.mount.kind !== 'drop-shot' && !build.anchor) || flowHere(where.c) === 0) return onLines
  const held = build.anchor ? anchorMotion(build.anchor, motion, where.reading.density) : motion
  return onLines.filter(({ rigging, castM }) => holdsBottom(downIn(held, rigging.outfit.line, handling, castM, where)))
}
