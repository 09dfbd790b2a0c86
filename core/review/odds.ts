import type { RecordEntry } from '../match'
import { countShowings, splitByLure, type EffortRow } from './record'

/** The log as the match hears it: effort and takes of each lure in each water. */
export function recordEntries(tried: readonly EffortRow[]): RecordEntry[] {
  return splitByLure(tried)
    .filter((t) => t.minutes > 0)
    .map((t) => ({
      lureId: t.carried.lureId,
      modelKey: t.carried.modelKey,
      family: t.carried.family,
      lengthM: t.carried.lengthM,
      minutes: t.minutes,
      takes: countShowings(t, 'bites'),
      water: t.water,
      hour: t.hour,
    }))
}
