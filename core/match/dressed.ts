import { motionOf, type BuildMotion } from '../motion'
import { buildsOf, type Box, type Build, type Lure } from '../tackle'
import { offerOf, type Offer } from './offer'

/** A dressed lure with its physics and what it offers, in a water of one density. */
export interface Dressed {
  readonly build: Build
  readonly motion: BuildMotion
  readonly offer: Offer
}

interface Known {
  readonly density: number
  readonly byLure: Map<Lure, Dressed[]>
}

const known = new WeakMap<Box, Known>()

/** Every way the box dresses a lure. A box is worked out once per density: while conditions are dragged about, it stands still. */
export function dressingsOf(lure: Lure, box: Box, density: number): readonly Dressed[] {
  let ofBox = known.get(box)
  if (ofBox?.density !== density) known.set(box, (ofBox = { density, byLure: new Map() }))
  let found = ofBox.byLure.get(lure)
  if (!found) {
    found = buildsOf(lure, box).map((build) => {
      const motion = motionOf(build, density)
      return { build, motion, offer: offerOf(build, motion, density) }
    })
    ofBox.byLure.set(lure, found)
  }
  return found
}
