import { TRIMMED } from '../../data/make'
import type { AlteredInHand, Carried, EntryOf } from './outing'

/** A lure changed in the hand on the water: what it is from then on. */

type Altered = Pick<EntryOf<'altered'>, 'what' | 'lengthM'>

/**
 * A carried lure after what was done to it. A body cut to a share r of its length keeps r of its weight and r² of its area: it falls 1/√r as fast. A trimmed skirt
 * drags less, and it falls faster by the root of that. Other changes are told apart in the record; no figure follows from them.
 *
 * @example asAltered({ lengthM: 0.12, fallMps: 0.3 }, [{ what: 'cut', lengthM: 0.06 }]).fallMps // 0.3 · √2 = 0.42
 */
export function asAltered<C extends Pick<Carried, 'lengthM' | 'fallMps'>>(carried: C, done: readonly Altered[]): C {
  return done.reduce((now, { what, lengthM }) => {
    if (what === 'trimmed') return { ...now, fallMps: now.fallMps / Math.sqrt(TRIMMED.fallDragBy) }
    if (what !== 'cut' || lengthM === undefined) return now
    return { ...now, lengthM, fallMps: now.fallMps / Math.sqrt(lengthM / now.lengthM) }
  }, carried)
}

/** What was done, each once, in one order: the same things done in another order are the same lure. */
export const alterationsOf = (done: readonly Pick<Altered, 'what'>[]): AlteredInHand[] =>
  [...new Set(done.map(({ what }) => what))].sort()
