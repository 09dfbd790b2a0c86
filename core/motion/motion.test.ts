import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { solveOde } from '../../testing/ode'
import { plainCast } from '../../testing/plain-cast'
import { feet } from '../../testing/world'
import {
  lineAngleCot,
  transverseSpeedMps,
  depthOnLine,
  sinkRateMps,
  labelCastDepth,
  lineDragToTension,
  reachOnLine,
  retrievePath,
  zoneExposure,
  type Fished,
  type StrikeRange,
  diveAngleForLabel,
  type BuildMotion,
  type CastPlan,
} from '.'

const MONO_MM = { 10: 0.28, 12: 0.3, 16: 0.36, 20: 0.41 } as const
/** A 5 cm crankbait's drag area. */
const CRANK_M2 = 0.5 * 0.05 ** 2

function diver(labelM: number, over: Partial<CastPlan> = {}): CastPlan {
  const motion: BuildMotion = {
    towDragAreaM2: CRANK_M2,
    sinkDragAreaM2: CRANK_M2,
    diveAngleTan: diveAngleForLabel(labelM, CRANK_M2),
    submergedWeightN: 0,
    basis: 'labelled',
  }
  return plainCast(motion, over)
}
function sinker(massKg: number, dragM2: number, over: Partial<CastPlan> = {}): CastPlan {
  const motion: BuildMotion = {
    towDragAreaM2: dragM2,
    sinkDragAreaM2: dragM2,
    diveAngleTan: 0,
    submergedWeightN: massKg * 9.80665 * (1 - 999 / 11340),
    basis: 'assumed',
  }
  return { ...diver(1), motion, ...over }
}
const deepest = (plan: CastPlan) => Math.max(...retrievePath(plan).z)

describe('shape of the line', () => {
  it('agrees with a general ODE library (odex, Hairer’s extrapolation code) to 1 cm in 10 m', () => {
    for (const [k, degrees] of [
      [0.05, 40],
      [0.3, 70],
      [1.2, 85],
      [2, 25],
    ] as const) {
      const phi = (degrees * Math.PI) / 180
      // Along the line from the lure: dφ/ds = −k·sin²φ, dz/ds = sin φ, dx/ds = cos φ.
      const y = solveOde((_, [p = 0]) => [-k * Math.sin(p) ** 2, Math.sin(p), Math.cos(p)], 0, [phi, 0, 0], 10)
      expect(Math.abs(depthOnLine(k, 1 / Math.tan(phi), 10) - (y[1] ?? 0))).toBeLessThan(0.01)
      expect(Math.abs(reachOnLine(k, 1 / Math.tan(phi), 10) - (y[2] ?? 0))).toBeLessThan(0.01)
    }
  })
  it('spanning a line from lure to rod tip inverts the forward shape', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.5, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (k, cot, length, tipM) => {
          const depth = depthOnLine(k, cot, length)
          const span = reachOnLine(k, cot, length) + tipM * (cot + k * length)
          expect(lineAngleCot(k, span, depth, tipM)).toBeCloseTo(cot, 5)
        },
      ),
    )
  })
  it('without drag it is straight', () => expect(lineAngleCot(0, 20, 4, 1)).toBeCloseTo(4))
  it('drag grows with diameter and with the square of the speed', () => {
    const fluid = { density: 1000, viscosity: 1.14e-3 }
    // At one Reynolds number.
    expect(lineDragToTension(fluid, 4e-4, 1, 0.5, 1) / lineDragToTension(fluid, 2e-4, 1, 1, 1)).toBeCloseTo(2)
    expect(lineDragToTension(fluid, 3e-4, 2, 1, 1) / lineDragToTension(fluid, 3e-4, 1, 1, 1)).toBeCloseTo(4)
  })
})

describe('fall and cross speed', () => {
  it('terminal speed of a weight balances its drag (Newton’s drag law, worked by hand: 0.0894 N on 4 cm² falls at 0.669 m/s)', () => {
    expect(sinkRateMps({ submergedWeightN: 0.0894, sinkDragAreaM2: 4e-4 }, 999)).toBeCloseTo(0.669, 3)
    expect(sinkRateMps({ submergedWeightN: -0.0894, sinkDragAreaM2: 4e-4 }, 999)).toBeCloseTo(-0.669, 3)
  })
  it('a towed weight trims where tan φ = W′ / (½ρCAV²)', () => {
    const [g, phi] = [0.3, 0.6]
    const r = Math.sqrt((g * Math.cos(phi) ** 2) / Math.tan(phi))
    expect(transverseSpeedMps(r, 0, g, Math.cos(phi))).toBeCloseTo(r * Math.tan(phi), 6)
  })
  it('satisfies the force balance it is the root of', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: -0.3, max: 1.5, noNaN: true }),
        fc.double({ min: -0.3, max: 2, noNaN: true }),
        (r, tan, g) => {
          const v = transverseSpeedMps(r, tan, g, 0.8)
          expect((v - r * tan) * Math.hypot(r, v)).toBeCloseTo(g * 0.8, 3)
        },
      ),
    )
  })
})

const water = (zone: StrikeRange, depthM: number): Fished => ({
  zone,
  depthM,
  coverTopM: null,
  fallTaken: 0,
  blowsOut: false,
})

describe('running depth of a diver', () => {
  it.each([0.5, 1.2, 2.4, 4.5])('a label of %d m is met on the label’s own cast', (label) => {
    expect(labelCastDepth(diveAngleForLabel(label, CRANK_M2), CRANK_M2)).toBeCloseTo(label, 2)
  })
  it('thicker line never runs it 5 cm deeper, a longer cast never a tenth shallower (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5, noNaN: true }),
        fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        fc.double({ min: 12, max: 40, noNaN: true }),
        (label, mm, castM) => {
          const plan = diver(label, { lineDiameterM: mm / 1000, castM })
          expect(deepest({ ...plan, lineDiameterM: (mm / 1000) * 1.3 })).toBeLessThanOrEqual(deepest(plan) + 0.05)
          expect(deepest({ ...plan, castM: castM * 1.3 })).toBeGreaterThanOrEqual(0.9 * deepest(plan) - 0.05)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('fact 20: 10 lb runs deeper than 12, 16 and 20; but physics gives inches where common practice says 2–3 ft', () => {
    const at = (lb: keyof typeof MONO_MM) => deepest(diver(1.5, { lineDiameterM: MONO_MM[lb] / 1000 }))
    expect(at(10)).toBeGreaterThan(at(12))
    expect(at(12)).toBeGreaterThan(at(16))
    expect(at(16)).toBeGreaterThan(at(20))
    // The disagreement is stated in docs/decisions.md; the model is not bent to hide it.
    expect(at(10) - at(16)).toBeGreaterThan(0.02)
    expect(at(10) - at(16)).toBeLessThan(feet(1))
  })
  it('fact 20: a high rod tip is worth 3–4 ft on a deep diver (common practice), to within a foot', () => {
    const worth = deepest(diver(4.5, { rodTipM: 0.2 })) - deepest(diver(4.5, { rodTipM: 2.5 }))
    expect(worth).toBeGreaterThan(feet(3))
    expect(worth).toBeLessThan(feet(6))
  })
  it('fact 26: a long cast keeps it down longer (common practice)', () => {
    const metres = (castM: number) =>
      zoneExposure(retrievePath(diver(2, { castM })), water({ topM: 1, bottomM: 3, upM: 0.5, downM: 0.5 }, 60)).metres
    expect(metres(35)).toBeGreaterThan(metres(20))
  })
})

describe('path of a sinker', () => {
  it('slow runs deep, fast runs shallow', () => {
    const mean = (retrieveSpeedMps: number) => {
      const { z } = retrievePath(sinker(0.014, 8e-4, { retrieveSpeedMps, countDownS: 6, depthM: 8 }))
      return z.reduce((a, b) => a + b, 0) / z.length
    }
    expect(mean(0.3)).toBeGreaterThan(mean(0.8))
    expect(mean(0.8)).toBeGreaterThan(mean(1.6))
  })
  it('fact 17: 1/8 oz heads sink through 10 ft in under 20 s, 3/8 oz through 20 ft in 20 s (common practice: heads by depth)', () => {
    const body = 0.065 * 0.08 ** 2
    const seconds = (ounces: number, ft: number) => feet(ft) / sinkRateMps(sinker(ounces * 0.02835, body).motion, 999)
    expect(seconds(1 / 8, 10)).toBeLessThan(20)
    expect(seconds(3 / 8, 20)).toBeLessThan(20)
    expect(seconds(1 / 16, 20)).toBeGreaterThan(20)
  })
  it('lies on the bottom and never below it; a long count is spent there', () => {
    const path = retrievePath(
      sinker(0.02, 5e-4, {
        depthM: 3,
        countDownS: 30,
        retrieveSpeedMps: 0.9,
        pullDurationS: 0.35,
        pauseS: 12,
        slack: true,
      }),
    )
    expect(Math.max(...path.z)).toBe(3)
    expect(path.t[path.retrieveStartIndex]).toBe(30)
    expect(zoneExposure(path, water({ topM: 2, bottomM: 3, upM: 1, downM: 1 }, 3)).onBottom).toBeGreaterThan(0.8)
  })
  it('stays in the water, goes forward in time and comes home (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.06, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        fc.boolean(),
        (massKg, retrieveSpeedMps, pauseS, depthM, slack) => {
          const { x, z, t } = retrievePath(
            sinker(massKg, 6e-4, { retrieveSpeedMps, pauseS, depthM, slack, castM: 20, countDownS: 3 }),
          )
          for (let i = 1; i < x.length; i++) {
            expect(z[i]).toBeGreaterThanOrEqual(0)
            expect(z[i]).toBeLessThanOrEqual(depthM)
            expect(t[i]).toBeGreaterThanOrEqual(t[i - 1] ?? 0)
          }
          expect(x[x.length - 1]).toBeLessThan(20)
        },
      ),
      { numRuns: 60 },
    )
  })
})
