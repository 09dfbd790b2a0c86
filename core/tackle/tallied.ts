import type { Lure } from './lure'

const NONE = { count: 0, fish: 0 }

/** A lure with what its counts could not follow; nothing of it is written where they followed all. */
function reckoned(lure: Lure, count: number, fish: number): Lure {
  const { beyond: _, ...rest } = lure
  const beyond = { count: Math.max(0, -count), fish: Math.max(0, -fish) }
  const over = beyond.count > 0 || beyond.fish > 0
  return { ...rest, count: Math.max(0, count), fish: Math.max(0, fish), ...(over && { beyond }) } as Lure
}

/**
 * A lure with what a log tells more of it (or less, below zero). More can be lost than the angler said he owns: what goes below none is kept, so that
 * taking it back does not give him lures that he never had.
 * Example: one owned, three lost: none. The three taken back: one.
 */
export function tallied(lure: Lure, more: { readonly fish: number; readonly lost: number }): Lure {
  const { count, fish } = lure.beyond ?? NONE
  return reckoned(lure, lure.count - count - more.lost, lure.fish - fish + more.fish)
}

/** A lure counted anew by hand: the new figure is the truth, and nothing is owed to it any more. */
export function countedAnew(lure: Lure, before: Lure | null): Lure {
  const owed = lure.beyond
  if (!owed || !before || JSON.stringify(owed) !== JSON.stringify(before.beyond)) return lure
  const count = lure.count === before.count ? lure.count - owed.count : lure.count
  const fish = lure.fish === before.fish ? lure.fish - owed.fish : lure.fish
  return reckoned(lure, count, fish)
}
