import { greatCircleM } from '../water'
import { minutesBetween, type Entry, type Fix, type Outing } from './outing'

/** Where an outing went, by the phone: few points, so that the battery lasts, and none that the phone itself is not sure of. */

/** A step that is kept, m, and how long the phone stands still before it is kept all the same, min. */
const STEP_M = 15
const STILL_MIN = 5
/** What is known no better than this is left out, m. */
const VAGUE_M = 100

/** Whether a point adds to a track: sure enough, and either a step away from the last or some minutes later. */
export function isWorthKeeping(next: Fix, last: Fix | undefined): boolean {
  if (next.accuracyM > VAGUE_M) return false
  if (!last) return true
  return greatCircleM(last, next) > Math.max(STEP_M, next.accuracyM) || minutesBetween(last.at, next.at) >= STILL_MIN
}

/** How far a track goes, m. */
export const trackLengthM = (track: readonly Fix[]): number =>
  track.reduce((sum, fix, i) => {
    const before = track[i - 1]
    return before ? sum + greatCircleM(before, fix) : 0
  }, 0)

/** A position that is older tells nothing of where a fish was, min. */
const NEAR_MIN = 3

/** Stops and fish of an outing with where they were, by the nearest point of the track in time. */
export function placedEntries({
  entries,
  track = [],
}: Pick<Outing, 'entries' | 'track'>): { entry: Entry; fix: Fix }[] {
  return entries.flatMap((entry) => {
    if (entry.kind !== 'spot' && !(entry.kind === 'answer' && entry.answer === 'landed')) return []
    const apart = (fix: Fix) => Math.abs(Date.parse(fix.at) - Date.parse(entry.at)) / 60_000
    const nearest = track.reduce<Fix | undefined>(
      (best, fix) => (!best || apart(fix) < apart(best) ? fix : best),
      undefined,
    )
    return nearest && apart(nearest) <= NEAR_MIN ? [{ entry, fix: nearest }] : []
  })
}
