import { describe, expect, it } from 'vitest'
import { resuspensionDepthM, stirredVisibilityM, windWaves } from './wind-mud'

const G = 9.81
/** Wave number by halving, not by Newton’s rule: ω² = g k tanh(k d). */
function waveNumber(periodS: number, depthM: number): number {
  const square = ((2 * Math.PI) / periodS) ** 2
  let [low, high] = [1e-6, 1e4]
  for (let i = 0; i < 200; i++) {
    const k = Math.sqrt(low * high)
    if (G * k * Math.tanh(k * depthM) < square) low = k
    else high = k
  }
  return low
}
/** Speed to and fro along the bottom under a linear wave, π H / (T sinh k d), m/s; a wave higher than 0.6 of the depth breaks. */
const bottomSpeed = (heightM: number, periodS: number, depthM: number) =>
  (Math.PI * Math.min(heightM, 0.6 * depthM)) / (periodS * Math.sinh(waveNumber(periodS, depthM) * depthM))

describe('waves of a wind', () => {
  it('neither wind nor fetch alone raises any, nor a wind below nought', () => {
    for (const [wind, fetch] of [
      [0, 10],
      [10, 0],
      [-3, 10],
      [10, -3],
      [0, 0],
    ] as const)
      expect(windWaves(wind, fetch)).toEqual({ heightM: 0, periodS: 0 })
  })
})

describe('the depth down to which wind stirs the bottom', () => {
  it.each([
    [6, 1, 'silt', 0.12],
    [10, 3, 'silt', 0.12],
    [10, 3, 'clay', 0.18],
    [14, 10, 'sand', 0.25],
    [20, 30, 'sand', 0.25],
  ] as const)('%i m/s over %i km of %s: there the water runs at its threshold, %f m/s', (wind, fetch, bottom, mps) => {
    const { heightM, periodS } = windWaves(wind, fetch)
    const depthM = resuspensionDepthM(wind, fetch, bottom)
    expect(depthM).toBeGreaterThan(0.2)
    expect(depthM).toBeLessThan(30)
    expect(bottomSpeed(heightM, periodS, depthM) / mps).toBeCloseTo(1, 2)
  })
  it('is nought where even the shallows are too slow, on stones, and under a ripple of less than 5 cm', () => {
    const { heightM, periodS } = windWaves(5, 0.5)
    expect(heightM).toBeGreaterThan(0.05)
    expect(bottomSpeed(heightM, periodS, 0.2)).toBeLessThan(0.25)
    expect(resuspensionDepthM(5, 0.5, 'sand')).toBe(0)
    expect(resuspensionDepthM(20, 50, 'rock')).toBe(0)
    const ripple = windWaves(1.6, 3.7)
    expect(ripple.heightM).toBeLessThan(0.05)
    expect(bottomSpeed(ripple.heightM, ripple.periodS, 0.2)).toBeGreaterThan(0.12)
    expect(resuspensionDepthM(1.6, 3.7, 'silt')).toBe(0)
  })
  it('is never more than 30 m', () => expect(resuspensionDepthM(40, 500, 'silt')).toBeCloseTo(30, 6))
  it.each([
    ['silt', 0.2],
    ['clay', 0.25],
    ['sand', 0.55],
    ['gravel', 1],
    ['rock', 1],
  ] as const)('inside it, %s leaves %f of the visibility; at its edge all of it', (bottom, share) => {
    expect(stirredVisibilityM(2, 0.9, 1, bottom)).toBeCloseTo(2 * share, 12)
    expect(stirredVisibilityM(2, 1, 1, bottom)).toBe(2)
  })
})
