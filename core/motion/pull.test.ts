import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sinkRateMps, transverseSpeedMps } from './pull'

/** The balance as it is written, left minus right: √(r² + v²)·(v − r·tan φ₀) − G·cos φ. */
const left = (v: number, r: number, tan: number, g: number, cos: number) => Math.hypot(r, v) * (v - r * tan) - g * cos
/** Its root by halving. */
function byHalving(r: number, tan: number, g: number, cos: number): number {
  let [low, high] = [-50, 50]
  for (let i = 0; i < 200; i++) {
    const v = (low + high) / 2
    if (left(v, r, tan, g, cos) < 0) low = v
    else high = v
  }
  return low
}

describe('speed across the line', () => {
  it.each([
    [0.5, 0, 0.2, 1],
    [1, 0, -0.3, 0.8],
    [1, 0.6, 0.2, 0.7],
    [1.5, 0.9, -0.4, 0.5],
    [0.2, 0.4, 1.2, 1],
    [2, 1.4, 3, 0.9],
    [0.8, 0.5, 1e-9, 1],
    [0.8, 0.3, -1, 0.2],
  ])('r %f m/s, tan φ₀ %f, G %f, cos φ %f: as halving finds it', (r, tan, g, cos) =>
    expect(transverseSpeedMps(r, tan, g, cos)).toBeCloseTo(byHalving(r, tan, g, cos), 4),
  )
  it('without weight a diver moves at φ₀ below its line, exactly', () => {
    expect(transverseSpeedMps(1.2, 0.75, 0, 0.5)).toBe(1.2 * 0.75)
    expect(transverseSpeedMps(1.2, 0.75, 0.4, 0)).toBe(1.2 * 0.75)
  })
  it('at rest on a taut line it swings: v = √(G cos φ), up for what floats', () => {
    expect(transverseSpeedMps(0, 0.75, 0.49, 1)).toBeCloseTo(0.7, 12)
    expect(transverseSpeedMps(0, 0.75, -0.64, 1)).toBeCloseTo(-0.8, 12)
    expect(transverseSpeedMps(-0.1, 0.75, 0.49, 1)).toBeCloseTo(0.7, 12)
    expect(transverseSpeedMps(0, 0, 0, 1)).toBe(0)
  })
  it('holds the balance for any lure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1.8, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (r, tan, g, cos) => Math.abs(transverseSpeedMps(r, tan, g, cos) - byHalving(r, tan, g, cos)) < 2e-3,
      ),
      { numRuns: 400 },
    )
  })
})

describe('free fall', () => {
  it('W′ = ½ρ·C·A·v²: 0.05 N in water of 1000 kg/m³ over 1 cm² falls at 1 m/s; what floats rises (worked by hand)', () => {
    expect(sinkRateMps({ submergedWeightN: 0.05, sinkDragAreaM2: 1e-4 }, 1000)).toBeCloseTo(1, 12)
    expect(sinkRateMps({ submergedWeightN: -0.2, sinkDragAreaM2: 1e-4 }, 1000)).toBeCloseTo(-2, 12)
    expect(sinkRateMps({ submergedWeightN: 0, sinkDragAreaM2: 1e-4 }, 1000)).toBe(0)
  })
})
