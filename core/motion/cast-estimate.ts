import { LIFTED_AT_M, type CastPlan } from './cast-plan'
import { simulateRetrieve } from './path'
import type { PathBuffer } from './path-buffer'

/** How a coarse path is worked. */
const GLANCE = { pieces: 8, beats: 4, near: 0.2 } as const

/**
 * A coarse path: in a few places one beat of pull and rest is worked, and the beats up to the next place are taken to be like it. How far it may be out is
 * measured in the tests; the ranking estimates every cast and works only those that may win. The track is written anew.
 */
export function estimateCast(plan: CastPlan, track: PathBuffer): void {
  track.clear()
  const { castM, retrieveSpeedMps } = plan
  if (plan.surface) {
    track.add(castM, 0, 0)
    track.markRetrieveStart()
    return track.add(LIFTED_AT_M, 0, castM / retrieveSpeedMps)
  }
  simulateRetrieve(plan, track, GLANCE)
}
