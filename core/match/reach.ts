import type { Reach } from '../motion'
import type { Conditions, Mood, Reading } from '../water'

/**
 * How far fish rise to a lure, m. Common practice: they come to within about 3 ft below it and ignore it at 6 ft; active fish farther,
 * lethargic ones hardly at all. They seldom go down for one. Nobody comes farther than they can see or feel.
 */
const RISE_M: Record<Mood, number> = { active: 1.5, neutral: 0.9, pressured: 0.6, lethargic: 0.45 }
const SINK_M = 0.35

export function reachOf(c: Conditions, reading: Reading): Reach {
  return {
    topM: reading.zone.topM,
    bottomM: reading.zone.bottomM,
    upM: Math.min(RISE_M[c.mood], 0.2 + 0.8 * c.visibilityM),
    downM: SINK_M,
  }
}
