import { Equator, Observer, Body, Illumination, MakeTime } from 'astronomy-engine'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE, water } from '../../testing/world'
import {
  FORAGE,
  SPECIES,
  appetite,
  attenuationPerM,
  forageLengthM,
  truthDegree,
  lightPhase,
  luxAtDepth,
  readWater,
  seasonOf,
  skyAt,
  speciesOf,
  waterDensity,
  waterViscosity,
  isWarmingSeason,
  type WaterFeatures,
} from '.'
import { moonShare } from './light'

const bass = speciesOf('largemouth-bass')!
const reading = (over: Parameters<typeof water>[0]) => readWater(water(over), PLACE, bass)

describe('density', () => {
  it.each([
    [35, 5, 1027.67547],
    [35, 25, 1023.34306],
    [0, 5, 999.96675],
  ])('UNESCO Technical Paper 44, S %d at %d °C', (s, t, rho) => expect(waterDensity(t, s)).toBeCloseTo(rho, 4))
  it.each([
    [4, 999.97],
    [10, 999.7],
    [20, 998.21],
    [30, 995.65],
  ])('CRC Handbook, pure water at %d °C', (t, rho) => expect(Math.abs(waterDensity(t, 0) - rho)).toBeLessThan(0.02))
  it('rises with salt at every temperature', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 35, noNaN: true }),
        fc.double({ min: 0, max: 39, noNaN: true }),
        (t, s) => waterDensity(t, s + 1) > waterDensity(t, s),
      ),
    )
  })
})

describe('viscosity (CRC Handbook)', () => {
  it.each([
    [0, 1.792],
    [10, 1.306],
    [20, 1.002],
    [30, 0.797],
  ])('at %d °C %d mPa·s', (t, mPas) => expect(Math.abs(waterViscosity(t) * 1000 - mPas) / mPas).toBeLessThan(0.005))
})

describe('sun, moon and light', () => {
  it('a half moon gives a tenth of the full one’s light, a crescent hardly any (Krisciunas and Schaefer 1991, from memory)', () => {
    expect(moonShare(1)).toBeCloseTo(1, 9)
    expect(moonShare(0.5)).toBeGreaterThan(0.08)
    expect(moonShare(0.5)).toBeLessThan(0.1)
    expect(moonShare(0.1)).toBeLessThan(0.02)
    expect(moonShare(0)).toBeGreaterThanOrEqual(0)
  })
  it('moon’s lit fraction 1992-04-12 0 h: 0.6786 (Meeus, Astronomical Algorithms, ex. 48.a)', () => {
    expect(skyAt(0, 0, Date.UTC(1992, 3, 12)).moonIlluminatedFraction).toBeCloseTo(0.6786, 2)
    expect(Illumination(Body.Moon, MakeTime(new Date(Date.UTC(1992, 3, 11, 23, 59)))).phase_fraction).toBeCloseTo(
      0.6786,
      2,
    )
  })
  it('sun’s declination 1992-10-13 0 h: −7.785° (Meeus, ex. 25.a)', () => {
    const seen = Equator(Body.Sun, MakeTime(new Date(Date.UTC(1992, 9, 13))), new Observer(0, 0, 0), true, true)
    expect(seen.dec).toBeCloseTo(-7.785, 2)
  })
  it('noon sun at an equinox stands 90° less the latitude (geometry)', () => {
    expect(skyAt(45, 0, Date.UTC(2026, 2, 20, 12, 7)).sunAltitudeDeg).toBeCloseTo(45, 0)
  })
  it.each([
    [-20, true, 'night'],
    [-3, true, 'dawn'],
    [-3, false, 'dusk'],
    [30, true, 'day'],
  ] as const)('sun at %d°, rising %s: %s', (sunAltitudeDeg, sunRising, phase) =>
    expect(lightPhase({ sunAltitudeDeg, sunRising })).toBe(phase),
  )
  it('K is 1.7 / Z (Poole and Atkins 1929): a sixth of the light is left where a white lure vanishes', () => {
    expect(attenuationPerM(1.7)).toBe(1)
    expect(luxAtDepth(1000, 3, 3, 0) / luxAtDepth(1000, 0, 3, 0)).toBeCloseTo(Math.exp(-1.7), 10)
    expect(() => attenuationPerM(0)).toThrow(RangeError)
  })
})

describe('season (common practice)', () => {
  it('the north warms in April and cools in October; the south the other way round', () => {
    expect(isWarmingSeason('2026-04-10', 60)).toBe(true)
    expect(isWarmingSeason('2026-10-10', 60)).toBe(false)
    expect(isWarmingSeason('2026-10-10', -35)).toBe(true)
  })
  it.each([
    [5, true, 'winter'],
    [12, true, 'pre-spawn'],
    [18, true, 'spawn'],
    [23, true, 'post-spawn'],
    [27, true, 'summer'],
    [15, false, 'autumn'],
    [4, false, 'winter'],
  ] as const)('bass at %d °C, warming %s: %s', (t, warms, season) => expect(seasonOf(bass, t, warms)).toBe(season))
  it('trout spawn on falling water', () => expect(seasonOf(speciesOf('sea-trout')!, 7, false)).toBe('spawn'))
  it('the angler’s own word goes before the sum', () =>
    expect(reading({ seasonAs: 'winter', lightAs: 'night' })).toMatchObject({ season: 'winter', light: 'night' }))
  it('appetite is a share, none outside the limits, for every species', () => {
    for (const s of SPECIES) {
      expect(appetite(s, s.feedingRangeC[0] - 1)).toBe(0)
      expect(appetite(s, (s.feedingRangeC[1] + s.feedingRangeC[2]) / 2)).toBe(1)
      expect(s.feedingRangeC).toEqual([...s.feedingRangeC].sort((a, b) => a - b))
    }
  })
})

describe('where fish hold', () => {
  it('the angler’s zone is taken as it is', () =>
    expect(reading({ zone: { topM: 1, bottomM: 2 } }).zone).toEqual({ topM: 1, bottomM: 2, holdingId: null }))
  it('surface feeders at first light, the bottom once the sun is up (common practice)', () => {
    const dawn = reading({ hour: 4, mood: 'active' })
    expect(dawn.light).toBe('dawn')
    expect(dawn.zone).toMatchObject({ topM: 0, bottomM: 1.5 })
    expect(reading({ hour: 6.2, mood: 'active' }).zone.bottomM).toBe(4)
  })
  it('always lies in the water and has a thickness', () => {
    const covers = fc.constantFrom('open', 'rock', 'timber', 'grass', 'reeds', 'docks') as fc.Arbitrary<'open'>
    fc.assert(
      fc.property(
        covers,
        fc.double({ min: 0.3, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 24, noNaN: true }),
        (kind, depthM, share, hour) => {
          const { zone } = reading({
            depthM,
            hour,
            mood: 'active',
            cover: { kind, topM: depthM * share, density: 0.5 },
          })
          expect(zone.topM).toBeGreaterThanOrEqual(-0.15)
          expect(zone.bottomM).toBeLessThanOrEqual(depthM + 1e-9)
          expect(zone.bottomM).toBeGreaterThan(zone.topM)
        },
      ),
    )
  })
})

describe('conditions of a rule', () => {
  const features = reading({}).features
  const at = (over: Partial<WaterFeatures>): WaterFeatures => ({ ...features, ...over })
  it('an empty condition holds; a list asks for one of it', () => {
    expect(truthDegree({}, features)).toBe(1)
    expect(truthDegree({ mood: ['active'] }, at({ mood: 'lethargic' }))).toBe(0)
  })
  it('figures hold by degrees, and degrees multiply', () => {
    expect(truthDegree({ waterTempC: { below: [8, 12] } }, at({ waterTempC: 10 }))).toBeCloseTo(0.5)
    expect(
      truthDegree(
        { waterTempC: { below: [8, 12] }, visibilityM: { above: [1, 3] } },
        at({ waterTempC: 10, visibilityM: 2 }),
      ),
    ).toBeCloseTo(0.25)
  })
})

describe('tables', () => {
  it('every forage has a sensible length for all twelve months', () => {
    for (const f of FORAGE)
      for (let month = 1; month <= 12; month++) {
        const length = forageLengthM(f.id, `2026-${String(month).padStart(2, '0')}-15`) ?? 0
        expect(length).toBeGreaterThanOrEqual(f.minPreyLengthM - 1e-9)
        expect(length).toBeLessThan(f.asymptoticLengthM)
      }
    expect(forageLengthM('none', '2026-07-01')).toBeUndefined()
  })
  it('impossible water is refused with the place of the fault', () => {
    expect(() => water({ zone: { topM: 2, bottomM: 9 } })).toThrow(/below the bottom/)
    expect(() => water({ zone: { topM: 2, bottomM: 1 } })).toThrow(/end below/)
    expect(() => water({ visibilityM: 0 })).toThrow(/visibilityM/)
  })
})
