import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coloursOf, lightStops, scatter, sceneOf } from './scene'

const scene = (over: Partial<Parameters<typeof sceneOf>[0]> = {}) =>
  sceneOf({ widthPx: 760, depthM: 6, reachM: 35, trueScale: false, ...over })

describe('geometry', () => {
  it('the surface, the bed and the rod stand where they should', () => {
    const s = scene()
    expect(s.z(0)).toBe(s.skyPx)
    expect(s.z(6)).toBe(s.skyPx + s.waterPx)
    expect(s.air(1)).toBeLessThan(s.skyPx)
    expect(s.airM(s.air(1.7))).toBeCloseTo(1.7)
  })
  it('true scale is true', () => {
    const s = scene({ trueScale: true })
    expect(s.stretch).toBeCloseTo(1)
    expect(s.z(3) - s.z(0)).toBeCloseTo(s.x(3) - s.x(0))
  })
  it('everything fits, from a phone to a wide screen, from puddle to lake', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 2000 }),
        fc.double({ min: 0.3, max: 200, noNaN: true }),
        fc.double({ min: 10, max: 120, noNaN: true }),
        (widthPx, depthM, reachM) => {
          const s = scene({ widthPx, depthM, reachM })
          expect(s.x(reachM)).toBeLessThanOrEqual(widthPx)
          expect(s.air(3)).toBeGreaterThanOrEqual(0)
          expect(s.z(depthM)).toBeLessThan(s.heightPx)
        },
      ),
    )
  })
})

describe('colours', () => {
  const brightness = (rgb: string) => (rgb.match(/\d+/g) ?? []).slice(0, 3).reduce((sum, v) => sum + Number(v), 0)
  it('light fades with depth, faster in murky water', () => {
    const fading = (visibilityM: number) =>
      lightStops(6, visibilityM, coloursOf(visibilityM, 'day', false)).map((s) => brightness(s.colour))
    for (const visibilityM of [0.5, 2, 6]) {
      const stops = fading(visibilityM)
      for (let i = 1; i < stops.length; i++) expect(stops[i]).toBeLessThanOrEqual(stops[i - 1] ?? 999)
    }
    const kept = (stops: number[]) => (stops[4] ?? 0) / (stops[0] ?? 1)
    expect(kept(fading(0.5))).toBeLessThan(kept(fading(6)))
  })
  it('the night theme has no blue in it', () => {
    const { bright, dark } = coloursOf(3, 'night', true)
    for (const hex of [bright, dark]) expect(parseInt(hex.slice(5, 7), 16)).toBeLessThan(parseInt(hex.slice(1, 3), 16))
  })
})

it('scatter repeats itself and stays between 0 and 1', () => {
  for (let i = 0; i < 200; i++) {
    expect(scatter(i)).toBe(scatter(i))
    expect(scatter(i) >= 0 && scatter(i) < 1).toBe(true)
  }
})
