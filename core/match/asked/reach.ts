import { NOTICE, RISE_M, SINK_M } from '../../../data/fish-reach'
import type { StrikeRange } from '../../motion'
import type { Conditions, Reading } from '../../water'

/** How far fish come for a lure in this water. */
export function reachOf(c: Conditions, reading: Reading): StrikeRange {
  return {
    topM: reading.zone.topM,
    bottomM: reading.zone.bottomM,
    upM: Math.min(RISE_M[c.mood], NOTICE.feltM + NOTICE.seen * c.visibilityM),
    downM: SINK_M,
  }
}
