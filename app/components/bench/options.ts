import { motionFromProfile, cachedProfile, type LureProfile } from '../../../core/bench'
import { sinkRateMps, motionOf, sinkTimeS, type CastPlan, type InverseInput, type Option } from '../../../core/motion'
import { showMeasure, type RoleId, type UnitSystem } from '../../../core/quantity'
import { buildsOf, familyOf, lureMass, type Box, type Build, type Line, type Lure } from '../../../core/tackle'
import { ROD_TIPS_M } from '../../../data/casting'
import { sayMount } from '../../../words'

/** Places in the speed window, longer and shorter counts and casts, lighter and heavier lures that are tried. */
const SPEEDS = [0, 0.25, 0.5, 0.75, 1]
const COUNTS = [0.5, 0.75, 1, 1.25, 1.5]
const CASTS = [0.7, 1.25]
const WEIGHTS = [0.5, 0.7, 1.4, 2]

interface Given {
  readonly plan: CastPlan
  readonly zoneMidM: number
  readonly lure: Lure
  readonly known: LureProfile
  readonly build: Build
  readonly builds: readonly Build[]
  readonly lines: readonly Line[]
  readonly speeds: readonly [number, number]
  readonly box: Box
  readonly water: { tempC: number; salinity: number }
  readonly system: UnitSystem
}

/** What lies at hand to bring a cast into the zone, in the angler's words, by kind of change. */
export function optionsFor(given: Given): InverseInput['options'] {
  const { plan, zoneMidM, lure, known, builds, lines, speeds, box, water, system } = given
  const show = (v: number, role: RoleId) => showMeasure(v, role, system)
  const { motion, density, lineDiameterM } = plan
  const sinks = familyOf(lure.family).swims === 'sinks' && sinkRateMps(motion, density) > 0.02
  const count = (m: CastPlan['motion']) => sinkTimeS(m, density, lineDiameterM, zoneMidM)
  const massKg = lureMass(lure).kg
  const weighted = WEIGHTS.map((by): Option => {
    const heavier = { ...motion, submergedWeightN: motion.submergedWeightN * by }
    return {
      name: `the same at ${show(massKg * by, 'lureMass')} (now ${show(massKg, 'lureMass')})`,
      over: { motion: heavier, countDownS: Math.round(count(heavier)) },
    }
  })
  return {
    rod: Object.entries(ROD_TIPS_M).map(([name, rodTipM]) => ({ name: `hold the rod ${name}`, over: { rodTipM } })),
    speed: SPEEDS.map((at) => {
      const retrieveSpeedMps = speeds[0] * (speeds[1] / speeds[0]) ** at
      return { name: `wind at ${show(retrieveSpeedMps, 'lureSpeed')}`, over: { retrieveSpeedMps } }
    }),
    count: sinks
      ? COUNTS.map((by) => ({
          name: `count to ${Math.round(by * count(motion))}`,
          over: { countDownS: Math.round(by * count(motion)) },
        }))
      : [],
    cast: CASTS.map((by) => ({ name: `cast ${show(plan.castM * by, 'distance')}`, over: { castM: plan.castM * by } })),
    line: lines.map((l) => ({ name: `go to ${l.name}`, over: { lineDiameterM: l.diameterM } })),
    weight:
      builds.length > 1
        ? builds.map((b) => {
            const other = motionFromProfile(b, known, water)
            return {
              name: `rig it on ${sayMount({ build: b }) ?? 'its own hooks'}`,
              over: { motion: other, countDownS: Math.round(count(other)) },
            }
          })
        : sinks
          ? weighted
          : [],
    lure: box.lures.flatMap((l): Option[] => {
      const b = l.id === lure.id || l.count === 0 ? undefined : buildsOf(l, box).find((one) => one.trailer === null)
      if (!b || familyOf(l.family).swims === 'surface') return []
      const tested = cachedProfile(box, l)
      const other = tested ? motionFromProfile(b, tested, water) : motionOf(b, density)
      const seconds = familyOf(l.family).swims === 'sinks' ? count(other) : 0
      return seconds > 60
        ? []
        : [{ name: `tie on ${l.name}`, over: { motion: other, countDownS: Math.round(seconds) } }]
    }),
  }
}
