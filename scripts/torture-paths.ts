import fc from 'fast-check'
import { estimateCast, newTrack, retrievePath, simulateRetrieve, type CastPlan } from '../core/motion'
import { EXTREME_PLAN, wrongWith } from '../testing/extreme-plan'
import type { Finding } from './torture-server'

const CASTS = 100_000
const BATCH = 2_000

/** 100,000 casts at the ends of what is valid, each by the exact path, the ranking's and its glance. */
export function torturePaths(): Finding[] {
  const track = newTrack()
  let wrong = ''
  let spoilt = 0
  let slowestMs = 0
  const ways = (plan: CastPlan) => [
    () => {
      const exact = retrievePath(plan)
      return wrongWith(exact, exact.x.length, plan.depthM)
    },
    () => {
      simulateRetrieve(plan, track)
      return wrongWith(track, track.count, plan.depthM)
    },
    () => {
      estimateCast(plan, track)
      return wrongWith(track, track.count, plan.depthM)
    },
  ]
  for (let seed = 0; seed < CASTS / BATCH; seed++)
    for (const plan of fc.sample(EXTREME_PLAN, { numRuns: BATCH, seed }))
      for (const way of ways(plan)) {
        const from = performance.now()
        const found = way()
        slowestMs = Math.max(slowestMs, performance.now() - from)
        if (!found) continue
        spoilt += 1
        wrong ||= `${found} in ${JSON.stringify(plan)}`
      }
  return [
    {
      what: `${CASTS} casts at the ends of what is valid, three ways each`,
      found: `${spoilt} spoilt, the slowest took ${slowestMs.toFixed(0)} ms${wrong && `; first: ${wrong}`}`,
      ok: spoilt === 0,
    },
  ]
}
