import { describe, expect, it } from 'vitest'
import { plainCast } from '../../testing/plain-cast'
import { BLOWN_OUT_FROM, blowOutMps } from './blow-out'
import { newTrack, retrievePath, simulateRetrieve, trackShare, type BuildMotion, type CastPlan } from '.'

/** A spinnerbait-like lure: so many newtons in water on the drag of blades. */
const bladed = (submergedWeightN: number, over: Partial<CastPlan> = {}) => {
  const motion: BuildMotion = {
    towDragAreaM2: 1.2e-3,
    sinkDragAreaM2: 1e-3,
    diveAngleTan: -0.12,
    submergedWeightN,
    basis: 'assumed',
  }
  return plainCast(motion, { blowsOut: true, depthM: 4, countDownS: 3, ...over })
}
const blown = (plan: CastPlan) => {
  const track = newTrack()
  simulateRetrieve(plan, track)
  return trackShare(track, { ...plan, zone: { topM: 0, bottomM: 1, upM: 1, downM: 1 }, coverTopM: null }).blownOut
}

describe('the pace at which a lure blows out', () => {
  const plan = bladed(0.1)
  const pace = blowOutMps(plan)
  it('is where it lies on the surface for a third of its pulls; a little slower it does not', () => {
    if (pace === null) throw new Error('never')
    expect(blown({ ...plan, retrieveSpeedMps: pace + 0.02 })).toBeGreaterThan(BLOWN_OUT_FROM)
    expect(blown({ ...plan, retrieveSpeedMps: pace - 0.03 })).toBeLessThanOrEqual(BLOWN_OUT_FROM)
    expect(Math.min(...retrievePath({ ...plan, retrieveSpeedMps: pace + 0.1 }).z.slice(-8))).toBeLessThan(0.05)
  })
  it('is higher for a heavy one: to burn, take a heavy one that stays under (common practice)', () => {
    expect(blowOutMps(bladed(0.25)) ?? 9).toBeGreaterThan(pace ?? 0)
  })
  it('is higher with the rod down and after a longer count', () => {
    expect(blowOutMps({ ...plan, rodTipM: 0 }) ?? 9).toBeGreaterThan(blowOutMps({ ...plan, rodTipM: 2.5 }) ?? 9)
    expect(blowOutMps({ ...plan, countDownS: 8 }) ?? 9).toBeGreaterThanOrEqual(pace ?? 0)
  })
  it('is none for what dives or swims at the surface, and for what is let down', () => {
    expect(blowOutMps({ ...plan, blowsOut: false })).toBeNull()
    expect(blowOutMps({ ...plan, delivery: 'vertical' })).toBeNull()
    expect(blowOutMps({ ...plan, heldAboveBottomM: 0.5 })).toBeNull()
  })
})
