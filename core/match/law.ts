import type { Refusal } from './refusal'
import { hookPoints, type Lure } from '../tackle'
import type { Place } from '../water'

type Law = Pick<Place, 'singlesOnly' | 'mostHooks'>

/** What the law of a place forbids about a lure with the hooks it carries; null where nothing that is known here. */
export function lawBroken({ hooks }: Pick<Lure, 'hooks'>, { singlesOnly, mostHooks }: Law): Refusal | null {
  if (!hooks) return null
  const points = hookPoints(hooks)
  if (singlesOnly && points > hooks.count) return { code: 'trebles' }
  if (mostHooks !== null && hooks.count > mostHooks)
    return { code: 'too-many-hooks', hooks: hooks.count, allowed: mostHooks }
  return null
}
