const KEY = 'ygrion-tab'

/** This tab, as long as it is open: the same after a reload. Where a browser keeps nothing for a tab, it is another one each time. */
export function tabId(): string {
  try {
    const known = sessionStorage.getItem(KEY)
    if (known) return known
    const made = crypto.randomUUID()
    sessionStorage.setItem(KEY, made)
    return made
  } catch {
    return (fallback ??= crypto.randomUUID())
  }
}
let fallback: string | undefined
