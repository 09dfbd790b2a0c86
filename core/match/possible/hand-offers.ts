import { BY_PACE } from '../../../data/by-pace'
import { deliveryOf, isWound, type Build, type Work } from '../../tackle'
import type { Offers } from '../account'
import type { EvaluatedBuild } from './dressed'

/** A rest of less than this, s, is no fall. */
const FALLS_S = 1

/**
 * What the hand offers: tempo and patience within the range of its technique, pace, passing, the flash and thump that go with it, and the fall where the lure is let fall. The pace is that of pulls and rests together, the root of its mean square
 * (as drag, flash and thump go): v·√(pull / (pull + rest)). Rips of 1 m/s for 0.9 s with 8 s of rest: 0.32 m/s. What the water works needs no pull.
 */
export function handOffers(
  work: Work,
  { build, offer, speedMps }: Pick<EvaluatedBuild, 'build' | 'offer' | 'speedMps'>,
): Offers {
  const { technique, tempo, patience, paceMps, restS } = work
  const { fallMps, vibration, flash } = offer
  const { pace, pullS, passing, delivery } = technique
  const shown = shownAtPace(work, build, speedMps)
  const falls =
    fallMps > 0 && (restS >= FALLS_S || delivery === 'pitch' || delivery === 'vertical') && delivery !== 'three-way'
  return {
    tempo: pace === null ? null : tempo,
    patience: technique.restS === null ? null : patience,
    pace: pace === null ? paceMps : paceMps * Math.sqrt(pullS / (pullS + restS)),
    passing,
    fall: falls ? fallMps : null,
    vibration: Math.min(1, vibration * shown),
    flash: Math.min(1, flash * shown),
  }
}

/** What a lure that is wound or drawn shows at its pace, against midway in its window. Example: an in-line spinner at the slow end: 1 − 0.3. */
function shownAtPace({ technique, paceMps }: Work, { lure }: Build, [slow, fast]: readonly [number, number]): number {
  if (!isWound(technique) && deliveryOf(technique.delivery).pace !== 'boat') return 1
  const place = Math.log(paceMps / slow) / Math.log(fast / slow)
  const by = 'bladeFinish' in lure.traits ? BY_PACE.blades : BY_PACE.others
  return 1 + by * (2 * Math.min(1, Math.max(0, place)) - 1)
}
