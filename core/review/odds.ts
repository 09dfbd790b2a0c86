import type { RecordEntry } from '../match'
import { countOf, type Tried } from './record'

/** The log as the match hears it: effort and takes of each lure in each water. */
export function recordEntries(tried: readonly Tried[]): RecordEntry[] {
  return tried
    .filter((t) => t.minutes > 0)
    .map((t) => ({
      lureId: t.carried.lureId,
      mould: t.carried.mould,
      family: t.carried.family,
      lengthM: t.carried.lengthM,
      minutes: t.minutes,
      takes: countOf(t, 'bites'),
      water: t.water,
      hour: t.hour,
    }))
}
