import { ROD_TIPS_M } from '../../data/casting'
import { LINE_DENSITY } from '../../data/tackle-limits'
import { sinkRateMps, motionOf, sinkTimeS, type CastPlan, type InverseInput, type Option as AnyOption } from '../motion'
import { buildsOf, familyOf, lureMass, type Build, type Line, type Lure } from '../tackle'
import type { Box } from '../box'
import { cachedProfile, motionFromProfile, type LureProfile } from './lure-profile'

/** Places in the speed window, longer and shorter counts and casts, lighter and heavier lures that are tried. */
const SPEEDS = [0, 0.25, 0.5, 0.75, 1]
const COUNTS = [0.5, 0.75, 1, 1.25, 1.5]
const CASTS = [0.7, 1.25]
const WEIGHTS = [0.5, 0.7, 1.4, 2]

/** One thing to change about a cast, SI; words/ says it. */
export type Adjustment =
  | { readonly code: 'rod'; readonly held: string }
  | { readonly code: 'speed'; readonly mps: number }
  | { readonly code: 'count'; readonly seconds: number }
  | { readonly code: 'cast'; readonly metres: number }
  | { readonly code: 'line'; readonly name: string }
  | { readonly code: 'weight'; readonly kg: number; readonly nowKg: number }
  | { readonly code: 'rig'; readonly build: Build }
  | { readonly code: 'lure'; readonly name: string }
type Option = AnyOption<Adjustment>

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
}

/** What lies at hand to bring a cast into the zone, by kind of change. */
export function adjustmentsFor(given: Given): InverseInput<Adjustment>['options'] {
  const { plan, zoneMidM, lure, known, builds, lines, speeds, box, water } = given
  const { motion, density, lineDiameterM } = plan
  const sinks = familyOf(lure.family).swims === 'sinks' && sinkRateMps(motion, density) > 0.02
  const count = (m: CastPlan['motion']) => sinkTimeS(m, density, lineDiameterM, zoneMidM)
  const massKg = lureMass(lure).kg
  const weighted = WEIGHTS.map((by): Option => {
    const heavier = { ...motion, submergedWeightN: motion.submergedWeightN * by }
    return {
      does: { code: 'weight', kg: massKg * by, nowKg: massKg },
      over: { motion: heavier, countDownS: Math.round(count(heavier)) },
    }
  })
  return {
    rod: Object.entries(ROD_TIPS_M).map(([name, rodTipM]) => ({
      does: { code: 'rod', held: name },
      over: { rodTipM },
    })),
    speed: SPEEDS.map((at) => {
      const retrieveSpeedMps = speeds[0] * (speeds[1] / speeds[0]) ** at
      return { does: { code: 'speed', mps: retrieveSpeedMps }, over: { retrieveSpeedMps } }
    }),
    count: sinks
      ? COUNTS.map((by) => ({
          does: { code: 'count', seconds: Math.round(by * count(motion)) },
          over: { countDownS: Math.round(by * count(motion)) },
        }))
      : [],
    cast: CASTS.map((by) => ({ does: { code: 'cast', metres: plan.castM * by }, over: { castM: plan.castM * by } })),
    line: lines.map((l) => ({
      does: { code: 'line', name: l.name },
      over: { lineDiameterM: l.diameterM, lineDensityKgM3: LINE_DENSITY[l.material] },
    })),
    weight:
      builds.length > 1
        ? builds.map((b) => {
            const other = motionFromProfile(b, known, water)
            return {
              does: { code: 'rig', build: b },
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
        : [{ does: { code: 'lure', name: l.name }, over: { motion: other, countDownS: Math.round(seconds) } }]
    }),
  }
}
