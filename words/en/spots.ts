import { featureOf, type Spot } from '../../core/outing'

const found = ({ featureId, spotId }: Pick<Spot, 'featureId' | 'spotId'>) => {
  const feature = featureOf(featureId)
  const spot = feature?.spots.find((s) => s.id === spotId)
  return feature && spot ? { feature, spot } : null
}

/** “the tip of the fallen tree”. */
export function spotWords(at: Pick<Spot, 'featureId' | 'spotId'>): string {
  const known = found(at)
  if (!known) return 'a spot that is no longer drawn'
  const { feature, spot } = known
  return feature.id === 'pool' || feature.id === 'open'
    ? spot.says
    : `${spot.says} of the ${feature.name.toLowerCase()}`
}
