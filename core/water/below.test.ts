import { describe, expect, it } from 'vitest'
import { NM, PURE_WATER } from '../../data/spectra'
import {
  attenuationPerM,
  reflectance,
  resuspensionDepthM,
  stirredVisibilityM,
  underwater,
  waterSpectrum,
  windWaves,
} from '.'

/** Colours below the surface, and what the wind does to the water. */

const at = (nm: number) => (nm - NM.from) / NM.step
const lab = ({ visibilityM = 4, depthM = 3, lux = 5000 } = {}) => underwater({ visibilityM, depthM, lux })
const channels = (hex: string) => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16))

describe('light in the water', () => {
  it.each([
    [440, 0.00635],
    [550, 0.0565],
    [600, 0.2224],
    [650, 0.34],
  ])('pure water at %s nm takes %s of the light a metre (Pope and Fry 1997)', (nm, perM) =>
    expect(PURE_WATER[at(nm)]).toBe(perM),
  )
  it('nothing is clearer than pure water, and where stain is added the mean is 1.7/Z (Poole and Atkins 1929)', () => {
    for (const visibilityM of [0.3, 1, 3, 8]) {
      const { attenuation } = waterSpectrum(visibilityM)
      attenuation.forEach((k, i) => expect(k).toBeGreaterThanOrEqual((PURE_WATER[i] ?? 0) - 1e-12))
      // Weighed by the eye in the middle of its range: within a tenth of the plain figure.
      const green = [530, 540, 550, 560, 570, 580].map((nm) => attenuation[at(nm)] ?? 0)
      const mean = green.reduce((a, b) => a + b, 0) / green.length
      expect(mean / attenuationPerM(visibilityM)).toBeGreaterThan(0.75)
      expect(mean / attenuationPerM(visibilityM)).toBeLessThan(1.15)
    }
  })
})

describe('a colour as it looks below', () => {
  it.each(['#ffffff', '#c0392b', '#3aa655', '#2c5d8f', '#222222', '#f2d13c'])(
    '%s in the hand is itself: no water, full light',
    (hex) => {
      const seen = channels(underwater({ visibilityM: 20, depthM: 0, lux: 60_000 }).swatch(hex))
      channels(hex).forEach((c, i) => expect(Math.abs(c - (seen[i] ?? 0))).toBeLessThanOrEqual(2))
    },
  )
  it('red goes first and blue or green stay, as divers know (common practice)', () => {
    const [r, g] = channels(lab({ visibilityM: 6, depthM: 8 }).swatch('#ff0000')) as [number, number, number]
    const [, g2] = channels(lab({ visibilityM: 6, depthM: 8 }).swatch('#00ff00')) as [number, number, number]
    expect(r).toBeLessThan(g2)
    expect(g).toBeLessThan(g2)
  })
  it('in near darkness all is grey', () => {
    const [r, g, b] = channels(lab({ lux: 1e-4 }).swatch('#ff3300')) as [number, number, number]
    expect(Math.max(r, g, b) - Math.min(r, g, b)).toBeLessThanOrEqual(3)
  })
  it('white stands out more than the water’s own colour, and black against the light above', () => {
    const water = lab()
    expect(water.contrast('#ffffff', '#ffffff').level).toBeGreaterThan(water.contrast(water.behind, water.behind).level)
    expect(water.contrast('#000000', '#000000').up).toBeGreaterThan(0.2)
  })
  it('murk hides everything: the same lure stands out less the thicker the water', () => {
    const of = (visibilityM: number) => lab({ visibilityM }).contrast('#ffffff', '#ffffff').level
    expect(of(0.25)).toBeLessThan(of(1))
    expect(of(1)).toBeLessThan(of(6))
  })
  it('what is no colour is refused by name', () => expect(() => reflectance('red')).toThrow(/red/))
  it('a reflectance is a share at every wavelength', () => {
    for (const hex of ['#ffffff', '#000000', '#ff00ff'])
      for (const r of reflectance(hex)) expect(r >= 0 && r <= 1).toBe(true)
  })
})

describe('wind and mud', () => {
  it('10 m/s over 10 km raise about 0.5 m every 3 s (Shore Protection Manual 1984, fetch-limited)', () => {
    const { heightM, periodS } = windWaves(10, 10)
    expect(heightM).toBeCloseTo(0.51, 2)
    expect(periodS).toBeCloseTo(2.91, 1)
  })
  it('no wind and no fetch make no waves; an ocean’s fetch no more than the fully grown sea', () => {
    expect(windWaves(0, 10)).toEqual({ heightM: 0, periodS: 0 })
    expect(windWaves(10, 0)).toEqual({ heightM: 0, periodS: 0 })
    // Of 10 m/s: 2.48 m every 8.3 s (Shore Protection Manual 1984, fully developed); over 5 km by its law for a short fetch.
    expect(windWaves(10, 5000)).toEqual({
      heightM: expect.closeTo((0.243 * 100) / 9.81, 2),
      periodS: expect.closeTo((8.13 * 10) / 9.81, 2),
    })
    expect(windWaves(10, 5).heightM).toBeCloseTo((100 / 9.81) * 1.6e-3 * Math.sqrt((9.81 * 5000) / 100), 3)
  })
  it('more wind, a longer fetch and a finer bottom stir deeper; stones give no mud', () => {
    expect(resuspensionDepthM(12, 3, 'silt')).toBeGreaterThan(resuspensionDepthM(6, 3, 'silt'))
    expect(resuspensionDepthM(8, 10, 'silt')).toBeGreaterThan(resuspensionDepthM(8, 1, 'silt'))
    expect(resuspensionDepthM(8, 5, 'silt')).toBeGreaterThan(resuspensionDepthM(8, 5, 'sand'))
    expect(resuspensionDepthM(20, 50, 'gravel')).toBe(0)
    expect(resuspensionDepthM(1, 1, 'silt')).toBe(0)
  })
  it('visibility falls inside the mud and nowhere else', () => {
    expect(stirredVisibilityM(2, 0.5, 1, 'silt')).toBeLessThan(0.5)
    expect(stirredVisibilityM(2, 1.5, 1, 'silt')).toBe(2)
  })
})
