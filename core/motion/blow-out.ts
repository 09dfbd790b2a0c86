import type { CastPlan } from './cast-plan'
import { newTrack, simulateRetrieve } from './path'
import { trackShare } from './zone'

/** Drawn along the surface for more than this share of its pulls a lure is blown out: near the rod every one comes up. */
export const BLOWN_OUT_FROM = 1 / 3
/** Nobody winds faster, m/s. */
const FASTEST_MPS = 3
/** Of the range 0 … 3 m/s: to 1 cm/s. */
const HALVINGS = 9

const track = newTrack()
const NOWHERE = { topM: 0, bottomM: 0, upM: 0, downM: 0 }

const isBlownOut = (plan: CastPlan, retrieveSpeedMps: number): boolean => {
  simulateRetrieve({ ...plan, retrieveSpeedMps }, track)
  return trackShare(track, { ...plan, zone: NOWHERE, coverTopM: null }).blownOut > BLOWN_OUT_FROM
}

/**
 * The pace at which a lure that sinks comes up and lies on the surface on this cast, m/s, by bisection; null where it stays under at any pace that can be
 * wound, and for what swims at the surface or dives.
 */
export function blowOutMps(plan: CastPlan): number | null {
  if (!plan.blowsOut || plan.delivery === 'vertical' || plan.heldAboveBottomM !== null) return null
  if (!isBlownOut(plan, FASTEST_MPS)) return null
  let low = 0
  let high = FASTEST_MPS
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (isBlownOut(plan, middle)) high = middle
    else low = middle
  }
  return high
}
