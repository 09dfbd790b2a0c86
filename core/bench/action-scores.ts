import { ACTION_SCALE } from '../../data/bench'
import type { Lure } from '../tackle'
import { testsOf } from './tests/tests-of'
import { SHIMMIES, type BenchTest, type Swing } from './tests/kinds'

import { GRAVITY_MPS2 } from '../constants'
import { waterDensity } from '../water'
import { measured, type Estimate } from './estimate'
import { sampleOf } from './sample'

/** Water in the bag that a tear test fills: fresh, at the temperature of a room, kg/m³. */
export const BAG_WATER_KG_M3 = waterDensity(20, 0)

/** Properties that need no model: means of what was seen, on the scales that the match reasons with. */

const figureOf = (values: readonly number[]): Estimate | null => {
  const sample = sampleOf(values)
  return sample && measured(sample)
}

export interface ActionRated {
  /** The kind seen most. */
  readonly swing: Swing
  /** Swing of the tail over length, and beats a second. */
  readonly swingShare: Estimate
  readonly beatsPerS: Estimate
  /** On the scales 0 … 1 of {@link Action}; tail speed = 2 × swing × beats. */
  readonly amplitude: number
  readonly vibration: number
}

export function rateAction(lure: Lure, tests: readonly BenchTest[]): ActionRated | null {
  const rated = testsOf(tests, lure.id, 'action').flatMap((t) =>
    t.readings.map((r) => ({
      ...r,
      share: r.amplitudeM / t.asTested.lengthM,
      tailMps: 2 * r.amplitudeM * r.beatsPerS,
    })),
  )
  const swingShare = figureOf(rated.map((r) => r.share))
  const beatsPerS = figureOf(rated.map((r) => r.beatsPerS))
  if (!swingShare || !beatsPerS) return null
  const seen = rated.map((r) => r.swing)
  const swing = [...new Set(seen)].reduce((top, one) =>
    seen.filter((s) => s === one).length > seen.filter((s) => s === top).length ? one : top,
  )
  const tail = rated.reduce((sum, r) => sum + r.tailMps, 0) / rated.length
  const within = (v: number) => Math.min(1, Math.max(0, v))
  return {
    swing,
    swingShare,
    beatsPerS,
    amplitude: within(swingShare.value / ACTION_SCALE.swingShare),
    vibration: within(tail / ACTION_SCALE.tailMps),
  }
}

/** Slowest speed at which it works and fastest before it washes out, m/s. */
export function speedWindow(lure: Lure, tests: readonly BenchTest[]): { slow: Estimate; fast: Estimate } | null {
  const seen = testsOf(tests, lure.id, 'window').flatMap((t) => t.readings)
  const slow = figureOf(seen.map((r) => r.slowMps))
  const fast = figureOf(seen.map((r) => r.fastMps))
  return slow && fast ? { slow, fast } : null
}

/** Pull at which the hook tears out of a body's nose, N, from litres of water hung on it. */
export function tearLoad(lure: Lure, tests: readonly BenchTest[]): Estimate | null {
  return figureOf(
    testsOf(tests, lure.id, 'tear').flatMap((t) =>
      t.readings.map(({ volumeM3 }) => (volumeM3 * BAG_WATER_KG_M3 + t.bagKg) * GRAVITY_MPS2),
    ),
  )
}

export function measuredCast(lure: Lure, tests: readonly BenchTest[]): Estimate | null {
  return figureOf(testsOf(tests, lure.id, 'cast').flatMap((t) => t.readings.map((r) => r.castM)))
}

export function measuredMass(lure: Lure, tests: readonly BenchTest[]): Estimate | null {
  return figureOf(testsOf(tests, lure.id, 'weigh').flatMap((t) => t.readings.map((r) => r.massKg)))
}

/** Hook weights between which a body that falls dead begins to shimmy, kg. */
export interface Revival {
  /** Heaviest hook with which it still fell dead or nearly so; 0 where none did. */
  readonly deadToKg: number
  /** Lightest with which it shimmies; null where none did. */
  readonly shimmiesFromKg: number | null
}

export function revivalOf(lure: Lure, tests: readonly BenchTest[]): Revival | null {
  const seen = testsOf(tests, lure.id, 'revival').flatMap((t) => t.readings)
  if (seen.length === 0) return null
  const alive = (s: (typeof seen)[number]) => SHIMMIES.indexOf(s.shimmy) >= SHIMMIES.indexOf('shimmies')
  const byWeight = new Map<number, boolean[]>()
  for (const s of seen) byWeight.set(s.hookKg, [...(byWeight.get(s.hookKg) ?? []), alive(s)])
  // A weight counts as reviving when it does so more often than not.
  const revives = [...byWeight].map(([kg, all]) => ({ kg, yes: all.filter(Boolean).length * 2 > all.length }))
  const from = revives.filter((r) => r.yes).reduce((least, r) => Math.min(least, r.kg), Infinity)
  const dead = revives.filter((r) => !r.yes && r.kg < from).reduce((most, r) => Math.max(most, r.kg), 0)
  return { deadToKg: dead, shimmiesFromKg: Number.isFinite(from) ? from : null }
}

/** Beats with a trailer over beats without it, by trailer: 1 changes nothing, ½ halves the pace. */
export function dampingOf(lure: Lure, tests: readonly BenchTest[]): ReadonlyMap<string, Estimate> {
  const byTrailer = new Map<string, number[]>()
  for (const t of testsOf(tests, lure.id, 'damping'))
    for (const r of t.readings)
      byTrailer.set(t.trailerId, [...(byTrailer.get(t.trailerId) ?? []), r.withBeatsPerS / r.bareBeatsPerS])
  return new Map(
    [...byTrailer].flatMap(([id, shares]) => {
      const figure = figureOf(shares)
      return figure ? [[id, figure] as const] : []
    }),
  )
}
