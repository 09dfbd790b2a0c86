import { Conditions } from '../core/water'

/**
 * The last change before a page is left: IndexedDB may not finish in time, so it is kept aside at once and written when the page opens again.
 */
const KEY = 'ygrion-unsaved-water'

export function stashUnsaved(water: Conditions): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(water))
  } catch {
    // A browser that refuses even this loses at most the last quarter second of a drag.
  }
}

/** What was kept aside, once; null where there is nothing, or nothing that can be water. */
export function popUnsaved(): Conditions | null {
  try {
    const text = localStorage.getItem(KEY)
    localStorage.removeItem(KEY)
    const checked = Conditions.safeParse(JSON.parse(text ?? 'null'))
    return checked.success ? checked.data : null
  } catch {
    return null
  }
}
