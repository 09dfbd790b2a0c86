import type { Refusal } from './refusal'
import { hookPoints, type Lure } from '../tackle'
import type { Place } from '../water'

type Law = Pick<Place, 'singlesOnly' | 'mostHooks'>

/**
 * What the law of a place forbids about a lure with the hooks it carries; null where nothing that is known here.
 *
 * @param added hooks that its rig hangs on besides, all single: a stinger, the hook of a soft body
 */
export function lawBroken({ hooks }: Pick<Lure, 'hooks'>, { singlesOnly, mostHooks }: Law, added = 0): Refusal | null {
  if (hooks && singlesOnly && hookPoints(hooks) > hooks.count) return { code: 'trebles' }
  const count = (hooks?.count ?? 0) + added
  if (mostHooks !== null && count > mostHooks) return { code: 'too-many-hooks', hooks: count, allowed: mostHooks }
  return null
}
