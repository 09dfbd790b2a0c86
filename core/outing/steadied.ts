import type { Outing } from './outing'

/**
 * An outing whose clock was set back meanwhile, as if it had not been: entries were made in their order, so one that says it is older than the one before is taken for made with it, and all after it are
 * moved on by as much; so is `now`. Summer time is no matter: moments carry their distance from universal time.
 */
export function steadied(outing: Outing, now: string): { outing: Outing; now: string } {
  let last = Number.NEGATIVE_INFINITY
  let moved = 0
  const entries = outing.entries.map((entry) => {
    const said = Date.parse(entry.at)
    if (said + moved < last) moved = last - said
    last = said + moved
    return moved === 0 ? entry : { ...entry, at: later(entry.at, moved) }
  })
  if (moved === 0 && Date.parse(now) >= last) return { outing, now }
  const by = Math.max(moved, last - Date.parse(now))
  return { outing: { ...outing, entries }, now: later(now, by) }
}

/** A moment so many milliseconds later, on the same clock. */
function later(moment: string, ms: number): string {
  const [, offset = 'Z'] = /(Z|[+-]\d\d:\d\d)$/.exec(moment) ?? []
  const aheadMs =
    offset === 'Z'
      ? 0
      : (offset.startsWith('-') ? -1 : 1) * (Number(offset.slice(1, 3)) * 60 + Number(offset.slice(4, 6))) * 60_000
  return `${new Date(Date.parse(moment) + ms + aheadMs).toISOString().slice(0, 19)}${offset}`
}
