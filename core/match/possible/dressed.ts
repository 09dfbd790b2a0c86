import {
  actionFromProfile,
  motionFromProfile,
  cachedProfile,
  trolledMotion,
  type Carrying,
  type LureProfile,
} from '../../bench'
import { motionOf, type BuildMotion } from '../../motion'
import { buildsOf, familyOf, lureAction, type Build, type Lure } from '../../tackle'
import type { Box } from '../../box'
import { waterDensity } from '../../water'
import { offerOf, type Offer } from '../account'

/** A dressed lure with its physics, what it offers and the speeds at which it works, in one water. */
export interface EvaluatedBuild {
  readonly build: Build
  readonly motion: BuildMotion
  readonly offer: Offer
  readonly speedMps: readonly [number, number]
}

/** A build as tests know it, or where there are none as packet and family have it. */
export function evaluateBuild(build: Build, known: LureProfile | null, water: Carrying): EvaluatedBuild {
  const density = waterDensity(water.tempC, water.salinity)
  const { lure } = build
  // The lure of a three-way swims free of its sinker.
  const free = build.anchor ? { ...build, massKg: build.massKg - build.anchor.massKg } : build
  const motion = known ? withTrolled(motionFromProfile(free, known, water), known) : motionOf(free, density)
  const action = known ? actionFromProfile(build, known) : lureAction(lure)
  const damped = build.trailer !== null && known?.damping.has(build.trailer.id) === true
  const speedMps = known
    ? ([known.window.slow.value, known.window.fast.value] as const)
    : familyOf(lure.family).speedMps
  return { build, motion, offer: offerOf(build, motion, density, action, damped), speedMps }
}

/** What tests behind a boat say goes with the motion. */
function withTrolled(motion: BuildMotion, known: LureProfile): BuildMotion {
  const behindBoat = trolledMotion(known, motion)
  return behindBoat === motion ? motion : { ...motion, behindBoat }
}

interface Held {
  readonly water: Carrying
  readonly byLure: Map<Lure, EvaluatedBuild[]>
}

const held = new WeakMap<Box, Held>()
const same = (a: Carrying, b: Carrying) => a.tempC === b.tempC && a.salinity === b.salinity

/** Every way the box dresses a lure. A box is worked out once for each water: while conditions are dragged about, it stands still. */
export function buildVariants(lure: Lure, box: Box, { tempC, salinity }: Carrying): readonly EvaluatedBuild[] {
  const water = { tempC, salinity }
  let ofBox = held.get(box)
  if (!ofBox || !same(ofBox.water, water)) held.set(box, (ofBox = { water, byLure: new Map() }))
  let found = ofBox.byLure.get(lure)
  if (!found) {
    const known = cachedProfile(box, lure)
    found = buildsOf(lure, box).map((build) => evaluateBuild(build, known, water))
    ofBox.byLure.set(lure, found)
  }
  return found
}
