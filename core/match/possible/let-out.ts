import { LET_OUT } from '../../../data/deliveries'
import { LINE_DENSITY } from '../../../data/tackle-limits'
import { behindBall, lineForDepth, type BuildMotion } from '../../motion'
import { familyOf, type Build, type Line } from '../../tackle'
import type { Conditions, Reading } from '../../water'
import { flowHere } from '../asked'
import type { WorkSettings } from '../setup'

/** A water in which line is let out. */
interface Where {
  readonly c: Conditions
  readonly reading: Pick<Reading, 'zone' | 'density' | 'viscosity'>
}
type Held = {
  readonly build: Pick<Build, 'lure'>
  readonly line: Pick<Line, 'diameterM' | 'material'>
  readonly handling: Pick<WorkSettings, 'technique' | 'paceMps'> & { readonly rodTipM?: number }
}

const TIP_M = 1
const within = (v: number, [least, most]: readonly [number, number]) => Math.min(most, Math.max(least, v))
const middleOf = ({ zone }: Where['reading']) => (zone.topM + zone.bottomM) / 2

/**
 * Line let out behind a boat so that the lure rides in the middle of the zone, or on the bottom where it is worked there, m; the lead behind a downrigger's ball.
 * Where no line gets it there, as much as is let out at all.
 */
export function letOutM({ build, line, handling }: Held, own: BuildMotion, { c, reading }: Where): number {
  const { technique, paceMps, rodTipM = c.rodTipM ?? TIP_M } = handling
  const [leastM, mostM] = LET_OUT.trolledM
  if (technique.delivery === 'downrigger') return LET_OUT.leadM
  if (familyOf(build.lure.family).swims === 'surface') return LET_OUT.atSurfaceM
  const drifts = technique.delivery === 'drift'
  const motion = drifts ? own : (own.behindBoat ?? own)
  const speed = drifts ? flowHere(c) : paceMps
  const clear = Math.max(0.2, c.depthM - (drifts ? 0 : LET_OUT.clearM))
  const wanted = technique.sinkTo.includes('bottom') ? c.depthM : middleOf(reading)
  const tow = { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] }
  const most = drifts ? LET_OUT.driftedM : mostM
  const out = lineForDepth(motion, reading, tow, speed, Math.min(clear, wanted), rodTipM, most)
  if (drifts) return Math.max(1, out ?? most)
  return out === null
    ? motion.submergedWeightN > 0 || motion.diveAngleTan > 0
      ? mostM
      : leastM
    : Math.max(leastM, out)
}

/** Depth of the downrigger's ball with which the lure behind it runs in the middle of the zone, m; clear of the bottom. */
export function ballDepthM(
  motion: BuildMotion,
  line: Pick<Line, 'diameterM' | 'material'>,
  speedMps: number,
  { c, reading }: Where,
): number {
  const tow = { diameterM: line.diameterM, densityKgM3: LINE_DENSITY[line.material] }
  const { belowM } = behindBall(motion, reading, tow, speedMps, LET_OUT.leadM)
  return within(middleOf(reading) - belowM, [0.5, Math.max(0.5, c.depthM - LET_OUT.clearM - Math.max(0, belowM))])
}
