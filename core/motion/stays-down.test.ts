import { describe, expect, it } from 'vitest'
import { waterDensity, waterViscosity } from '../water'
import { minHoldingMassKg } from './bottom'
import { METAL_KG_M3, weightInWaterN } from './drag-curve'
import { staysDown, type DownIn } from './stays-down'

const FEET = 0.3048
/** So much lead on a bait of 10 cm: a drop-shot, a head, a jig. */
const rig = (leadKg: number, over: Partial<DownIn> = {}): DownIn => ({
  motion: {
    submergedWeightN: weightInWaterN(leadKg, METAL_KG_M3.lead, 999),
    towDragAreaM2: 3e-4,
    sinkDragAreaM2: 5e-4,
  },
  line: { diameterM: 0.00015, densityKgM3: 970 },
  density: waterDensity(12, 0),
  viscosity: waterViscosity(12),
  tipM: 1,
  depthM: 8,
  holdM: 6,
  flowMps: 0.4,
  awayM: 12,
  roomM: 12,
  ground: 'sand',
  ...over,
})

describe('what stays down', () => {
  it('in still water everything that sinks does; what floats does not, and no lead is asked of it', () => {
    const still = staysDown(rig(0.005, { flowMps: 0 }))
    expect(still.holdsBottom).toEqual({ does: true, moreKg: 0 })
    expect(still.holdsDepth.does).toBe(true)
    const floats = staysDown({
      ...rig(0.005, { flowMps: 0 }),
      motion: { ...rig(0.005).motion, submergedWeightN: -0.01 },
    })
    expect(floats.holdsBottom.does).toBe(false)
  })
  it('a lead that does not hold holds with what it is said to lack, and not with a tenth less', () => {
    const light = staysDown(rig(0.005))
    expect(light.holdsBottom.does).toBe(false)
    const more = light.holdsBottom.moreKg ?? NaN
    // Lead and bait drag together here as one rig: the added ball drags for itself.
    expect(more).toBeGreaterThan(0.002)
    const heavier = (kg: number) => staysDown(rig(0.005 + kg)).holdsBottom.does
    expect(heavier(1.05 * more)).toBe(true)
    expect(heavier(0.7 * more)).toBe(false)
  })
  it('a drop-shot over 27 ft in 0.4 m/s takes 16–19 g by common practice; within a tenth of that, not 7', () => {
    const lead = minHoldingMassKg({
      depthM: 27 * FEET,
      tipM: 1,
      awayM: 15,
      flowMps: 0.4,
      lineDiameterM: 0.00013,
      density: 999,
      viscosity: 1.2e-3,
      ground: 'gravel',
      baitDragM2: 2e-4,
    })
    expect(lead?.massKg).toBeGreaterThan(0.016)
    expect(lead?.massKg).toBeLessThan(0.021)
  })
  it('deeper, faster and on thicker line it asks for more, and never for less', () => {
    const asked = (over: Partial<DownIn>) => staysDown(rig(0.001, over)).holdsBottom.moreKg ?? Infinity
    expect(asked({ depthM: 16 })).toBeGreaterThan(asked({}))
    expect(asked({ flowMps: 0.7 })).toBeGreaterThan(asked({}))
    expect(asked({ line: { diameterM: 0.0004, densityKgM3: 1140 } })).toBeGreaterThan(asked({}))
  })
  it('what cannot is out of reach, in words and not in infinities: 150 m in 2.5 m/s', () => {
    const deep = staysDown(rig(0.02, { depthM: 150, holdM: 140, flowMps: 2.5, awayM: 60 }))
    expect(deep.holdsBottom).toEqual({ does: false, moreKg: null })
    expect(deep.holdsDepth.moreKg).toBeNull()
    expect(Number.isFinite(deep.getsDown.carriedM)).toBe(true)
    expect(
      minHoldingMassKg({
        depthM: 180,
        tipM: 1,
        awayM: 90,
        flowMps: 3,
        lineDiameterM: 0.002,
        density: 1028,
        viscosity: 1e-3,
        ground: 'mud',
      }),
    ).toBeNull()
  })
  it('gets down in time where it falls quicker than it is carried off', () => {
    const heavy = staysDown(rig(0.03))
    expect(heavy.getsDown.does).toBe(true)
    expect(heavy.getsDown.carriedM).toBeCloseTo(heavy.getsDown.seconds * 0.4, 9)
    const light = staysDown(rig(0.002, { flowMps: 0.8, roomM: 6 }))
    expect(light.getsDown.does).toBe(false)
    const more = light.getsDown.moreKg ?? NaN
    const then = staysDown(rig(0.002 + more * 1.02, { flowMps: 0.8, roomM: 6 }))
    expect(then.getsDown.carriedM).toBeLessThan(6.6)
  })
})
