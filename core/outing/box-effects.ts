import type { Lure } from '../tackle'
import type { Entry, NewEntry, Outing } from './outing'

/** Id of the lure that was in the hand when an entry was made, or is now (an entry that is not in the log yet); null when none is known. */
export function lureInHandAt(
  { entries, carried }: Pick<Outing, 'entries' | 'carried'>,
  entry: Entry | NewEntry,
): string | null {
  const index = 'id' in entry ? entries.findIndex((e) => e.id === entry.id) : -1
  const before = index < 0 ? entries : entries.slice(0, index)
  const rig = before.findLast((e) => e.kind === 'rig')
  return carried.find((c) => c.id === rig?.carriedId)?.lureId ?? null
}

/**
 * What an entry means for the box: a fish landed counts on the lure that took it, a lure lost is one less. Null when it means nothing.
 *
 * @param sign 1 when the entry comes, −1 when it goes
 */
export function boxEffect(lure: Lure, entry: Entry | NewEntry, sign: 1 | -1): Lure | null {
  if (entry.kind === 'answer' && entry.answer === 'landed') return { ...lure, fish: Math.max(0, lure.fish + sign) }
  if (entry.kind === 'lost-lure') return { ...lure, count: Math.max(0, lure.count - sign) }
  return null
}
