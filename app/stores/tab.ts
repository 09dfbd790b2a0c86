import { newId } from '../../core/new-id'
const KEY = 'ygrion-tab'

/** This tab, as long as it is open: the same after a reload. Where a browser keeps nothing for a tab, it is another one each time. */
export function tabId(): string {
  try {
    const known = sessionStorage.getItem(KEY)
    if (known) return known
    const made = newId()
    sessionStorage.setItem(KEY, made)
    return made
  } catch {
    return (fallback ??= newId())
  }
}
let fallback: string | undefined
