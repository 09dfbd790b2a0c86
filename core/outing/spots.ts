import { FEATURES as TABLE } from '../../data/spots'
import type { Conditions } from '../water'
import type { Spot } from './account'

export interface Feature {
  readonly id: string
  readonly name: string
  readonly covers: readonly string[]
  readonly spots: readonly {
    readonly id: string
    readonly name: string
    readonly says: string
    readonly at: readonly [number, number]
  }[]
}
export const FEATURES: readonly Feature[] = TABLE

/** From this current on a stop is taken for a pool, m/s. */
const POOL_MPS = 0.15

/** The piece of cover that a water offers first. */
export function usualFeature({ cover, currentMps }: Pick<Conditions, 'cover' | 'currentMps'>): Feature {
  const found = FEATURES.find((f) => (currentMps >= POOL_MPS ? f.id === 'pool' : f.covers.includes(cover.kind)))
  const feature = found ?? FEATURES[FEATURES.length - 1]
  if (!feature) throw new Error('data/spots is empty')
  return feature
}

export const featureOf = (featureId: string): Feature | undefined => FEATURES.find((f) => f.id === featureId)

/** “Fallen tree · tip”: the names of a spot and its piece of cover. */
export function spotLabel({ featureId, spotId }: Pick<Spot, 'featureId' | 'spotId'>): string {
  const feature = featureOf(featureId)
  const spot = feature?.spots.find((s) => s.id === spotId)
  return feature && spot ? `${feature.name} · ${spot.name.toLowerCase()}` : spotId
}

/** Every spot of a stop's piece of cover. */
export function spotsOf(stop: number, featureId: string): Spot[] {
  return (featureOf(featureId)?.spots ?? []).map((s) => ({ stop, featureId, spotId: s.id }))
}
