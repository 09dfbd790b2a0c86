import { hookPoints, type Lure } from '../tackle'
import type { Place } from '../water'

type Law = Pick<Place, 'singlesOnly' | 'mostHooks'>

/** What the law of a place forbids about a lure with the hooks it carries, in words; null where nothing that is known here. */
export function lawBroken({ hooks }: Pick<Lure, 'hooks'>, { singlesOnly, mostHooks }: Law): string | null {
  if (!hooks) return null
  const points = hookPoints(hooks)
  if (singlesOnly && points > hooks.count) return 'it carries trebles, and only single hooks are allowed here'
  if (mostHooks !== null && hooks.count > mostHooks)
    return `it carries ${hooks.count} hooks, and ${mostHooks} are allowed here`
  return null
}
