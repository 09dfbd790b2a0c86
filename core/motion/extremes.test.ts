import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EXTREME_PLAN, wrongWith } from '../../testing/extreme-plan'
import { estimateCast, newTrack, retrievePath, simulateRetrieve } from '.'

const track = newTrack()

/** A sample; `npm run torture paths` tries 100,000. */
describe('casts at the ends of what is valid (property)', () => {
  it('every path stays in the water and before the rod, goes forward in time and comes to an end', () => {
    fc.assert(
      fc.property(EXTREME_PLAN, (plan) => {
        const exact = retrievePath(plan)
        expect(wrongWith(exact, exact.x.length, plan.depthM)).toBe('')
        simulateRetrieve(plan, track)
        expect(wrongWith(track, track.count, plan.depthM)).toBe('')
        estimateCast(plan, track)
        expect(wrongWith(track, track.count, plan.depthM)).toBe('')
      }),
      { numRuns: 600 },
    )
  })
})
