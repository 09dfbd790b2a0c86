import { METALS, TRIMMED } from '../../data/make'
import { GRAVITY_MPS2 } from '../constants'
import type { AlteredInHand, Carried, EntryOf } from './outing'

/** A lure changed in the hand on the water: what it is from then on. */

type Altered = Pick<EntryOf<'altered'>, 'what' | 'lengthM' | 'byKg'>

/** What a kilogram of lead weighs in the water, N. */
const LEAD_N_PER_KG = GRAVITY_MPS2 * (1 - 1000 / METALS.lead)

/**
 * A carried lure after what was done to it. A body cut to a share r of its length keeps r of its weight and r² of its area: it falls 1/√r as fast. A trimmed skirt
 * drags less, and it falls faster by the root of that. Lead put on or taken off leaves the area as it is: the fall goes with the root of the weight in the water; what
 * did not sink before has no area known, and no fall follows. Other changes are told apart in the record; no figure follows from them.
 *
 * @example asAltered({ lengthM: 0.12, fallMps: 0.3 }, [{ what: 'cut', lengthM: 0.06 }]).fallMps // 0.3 · √2 = 0.42
 * @example asAltered({ fallMps: 0.5, sinksWithN: 0.08944, … }, [{ what: 'lighter', byKg: 0.0075 }]).fallMps // a quarter of the weight is left: 0.25
 */
export function asAltered<C extends Pick<Carried, 'lengthM' | 'fallMps' | 'sinksWithN'>>(
  carried: C,
  done: readonly Altered[],
): C {
  return done.reduce((now, { what, lengthM, byKg }) => {
    if (what === 'trimmed') return { ...now, fallMps: now.fallMps / Math.sqrt(TRIMMED.fallDragBy) }
    if (what === 'cut' && lengthM !== undefined)
      return { ...now, lengthM, fallMps: now.fallMps / Math.sqrt(lengthM / now.lengthM) }
    if ((what === 'heavier' || what === 'lighter') && byKg !== undefined && now.sinksWithN !== undefined) {
      const sinksWithN = now.sinksWithN + (what === 'heavier' ? 1 : -1) * byKg * LEAD_N_PER_KG
      const fallMps = now.sinksWithN > 0 ? now.fallMps * Math.sqrt(Math.max(0, sinksWithN) / now.sinksWithN) : 0
      return { ...now, sinksWithN, fallMps }
    }
    return now
  }, carried)
}

/** What was done, each once, in one order: the same things done in another order are the same lure. */
export const alterationsOf = (done: readonly Pick<Altered, 'what'>[]): AlteredInHand[] =>
  [...new Set(done.map(({ what }) => what))].sort()
