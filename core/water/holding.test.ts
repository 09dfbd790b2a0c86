import { describe, expect, it } from 'vitest'
import { HOLDING } from '../../data/holding'
import { PLACE, water } from '../../testing/world'
import { FORAGE, SPECIES, readWater, speciesOf, type Conditions } from '.'
import { SKY_TRANSMISSION, lightPhase, luxAtDepth, surfaceLux } from './light'

const reading = (over: Partial<Conditions>) => {
  const c = water(over)
  const species = speciesOf(c.speciesId)
  if (!species) throw new Error(`no ${c.speciesId}`)
  return readWater(c, PLACE, species)
}

describe('where fish hold when nobody has seen them (common practice)', () => {
  it.each([
    ['grass in summer', { cover: { kind: 'grass', topM: 1, density: 0.5 } }, 'over-the-grass'],
    ['reeds', { cover: { kind: 'reeds', topM: 0.2, density: 0.6 }, depthM: 1.5 }, 'in-the-reeds'],
    [
      'cold standing timber',
      { waterTempC: 6, date: '2026-02-10', cover: { kind: 'timber', topM: 2, density: 0.2 }, depthM: 6 },
      'cold-off-timber',
    ],
    [
      'thick wood, fish that do not hunt',
      { mood: 'lethargic', waterTempC: 16, cover: { kind: 'brush', topM: 0.8, density: 0.9 }, depthM: 3 },
      'deep-in-the-wood',
    ],
    [
      'docks, fish that do not hunt',
      { mood: 'neutral', waterTempC: 18, cover: { kind: 'docks', topM: 0.3, density: 0.6 }, depthM: 3 },
      'deep-in-the-wood',
    ],
    [
      'grass in the cold (fact 121)',
      { waterTempC: 5, date: '2026-02-10', cover: { kind: 'grass', topM: 2, density: 0.6 }, depthM: 5 },
      'deep-edge-in-the-cold',
    ],
    [
      'a warm evening in the shallows',
      {
        mood: 'active',
        waterTempC: 22,
        hour: 20.8,
        depthM: 2,
        cover: { kind: 'open', topM: 2, density: 0 },
        forage: { kind: 'sunfish', lengthM: 0.07 },
      },
      'up-in-the-shallows',
    ],
    [
      'hunters over a wreck',
      { speciesId: 'amberjack', waterTempC: 24, depthM: 60, cover: { kind: 'rock', topM: 50, density: 0.4 } },
      'above-the-wreck',
    ],
    [
      'a flat fish over grass',
      { speciesId: 'flounder', cover: { kind: 'grass', topM: 0.6, density: 0.6 }, depthM: 2.7 },
      'flat-on-the-bottom',
    ],
    [
      'pads in the cold (fact 121)',
      { waterTempC: 4, date: '2026-01-10', cover: { kind: 'pads', topM: 0.9, density: 0.8 }, depthM: 2.8 },
      'off-the-dead-pads',
    ],
    ['rock by day', { cover: { kind: 'rock', topM: 2.5, density: 0.4 } }, 'on-the-cover'],
    ['nothing at all', { cover: { kind: 'open', topM: 4, density: 0 } }, 'near-the-bottom'],
  ] as const)('%s', (_, over, id) => expect(reading(over as Partial<Conditions>).zone.holdingId).toBe(id))
  it('glides from one place to the next: a tenth of a degree and a hundredth of the depth move it by little', () => {
    const kinds = ['open', 'grass', 'timber', 'docks', 'rock', 'brush'] as const
    for (const kind of kinds)
      for (const depthM of [1.5, 3, 4.7, 9]) {
        const midAt = (waterTempC: number, by: number) => {
          const topM = 0.4 * depthM * by
          const cover = { kind, topM: kind === 'open' ? depthM * by : topM, density: kind === 'open' ? 0 : 0.45 }
          const { zone } = reading({ waterTempC, depthM: depthM * by, cover, date: '2026-04-12' })
          return (zone.topM + zone.bottomM) / 2
        }
        for (let t = 3; t < 27; t += 0.1) {
          expect(Math.abs(midAt(t + 0.1, 1) - midAt(t, 1)), `${kind} ${depthM} m, ${t} °C`).toBeLessThan(0.06 * depthM)
          expect(Math.abs(midAt(t, 1.01) - midAt(t, 1)), `${kind} ${depthM} m`).toBeLessThan(0.06 * depthM)
        }
      }
  })
  it('the zone moves with the cover’s top', () => {
    const mid = (topM: number) => {
      const { zone } = reading({ depthM: 6, cover: { kind: 'rock', topM, density: 0.4 } })
      return (zone.topM + zone.bottomM) / 2
    }
    expect(mid(4)).toBeGreaterThan(mid(2))
  })
  it('the last entry holds always, so that no water is without an answer', () => {
    const last = HOLDING[HOLDING.length - 1]
    expect(Object.keys(last?.when ?? { x: 1 })).toEqual([])
  })
})

describe('light', () => {
  const noon = { sunAltitudeDeg: 60, sunRising: true, moonIlluminatedFraction: 0.5, moonAltitudeDeg: -10 }
  it('a high summer sun gives about 100,000 lux (handbook: direct sun 32,000 … 130,000)', () => {
    expect(surfaceLux(noon, 'sun')).toBeGreaterThan(80_000)
    expect(surfaceLux(noon, 'sun')).toBeLessThan(130_000)
  })
  it('the sun on the horizon gives some hundred lux (handbook: sunset 400)', () => {
    const lux = surfaceLux({ ...noon, sunAltitudeDeg: 0 }, 'sun')
    expect(lux).toBeGreaterThan(200)
    expect(lux).toBeLessThan(1000)
  })
  it('a full moon gives tenths of a lux, a new moon next to nothing', () => {
    const night = (moonIlluminatedFraction: number) =>
      surfaceLux({ sunAltitudeDeg: -30, sunRising: true, moonIlluminatedFraction, moonAltitudeDeg: 50 }, 'sun')
    expect(night(1)).toBeGreaterThan(0.1)
    expect(night(1)).toBeLessThan(0.4)
    expect(night(0)).toBeLessThan(0.01)
  })
  it('rises with the sun all the way, and falls with cloud', () => {
    const at = (sunAltitudeDeg: number) => surfaceLux({ ...noon, sunAltitudeDeg }, 'sun')
    for (let a = -18; a < 89; a++) expect(at(a + 1)).toBeGreaterThanOrEqual(at(a))
    const skies = ['sun', 'broken', 'cloud', 'rain'] as const
    for (const [i, sky] of skies.entries())
      if (i > 0) expect(SKY_TRANSMISSION[sky]).toBeLessThan(SKY_TRANSMISSION[skies[i - 1] ?? 'sun'])
  })
  it('fades with depth by the same share each metre; chop turns some away', () => {
    const at = (m: number, wind = 0) => luxAtDepth(1000, m, 2, wind)
    expect(at(2) / at(1)).toBeCloseTo(at(4) / at(3), 8)
    expect(at(1, 10)).toBeLessThan(at(1, 0))
    expect(at(0, 0)).toBeCloseTo(960)
  })
  it('phases follow the sun: night, dawn, day, dusk', () => {
    const phase = (sunAltitudeDeg: number, sunRising: boolean) => lightPhase({ sunAltitudeDeg, sunRising })
    expect(phase(-20, true)).toBe('night')
    expect(phase(-3, true)).toBe('dawn')
    expect(phase(20, true)).toBe('day')
    expect(phase(-3, false)).toBe('dusk')
  })
})

describe('a reading', () => {
  it('the zone is darker than the surface and darker still in stained water', () => {
    const share = (visibilityM: number) => {
      const r = reading({ visibilityM, zone: { topM: 2, bottomM: 3 } })
      return r.zoneLux / r.surfaceLux
    }
    expect(share(4)).toBeLessThan(1)
    expect(share(0.5)).toBeLessThan(share(4))
  })
  it('open water has no cover to speak of, whatever its top was set to', () => {
    const { features } = reading({ cover: { kind: 'open', topM: 1, density: 0.8 } })
    expect(features.coverDensity).toBe(0)
    expect(features.coverTopM).toBe(4)
  })
  it('knows for every species and forage what rules ask about', () => {
    for (const s of SPECIES)
      for (const f of FORAGE) {
        const { features } = reading({ speciesId: s.id, forage: { kind: f.id, lengthM: 0.05 } })
        expect(features.species).toBe(s.id)
        expect(features.forageShade).toBe(f.shade)
        expect(features.mouth).toBe(s.mouth)
        expect(Object.values(features).every((v) => v !== undefined && !Number.isNaN(v))).toBe(true)
      }
  })
  it('the hour moves the sun, the place moves the hour', () => {
    expect(reading({ hour: 12 }).sunAltitudeDeg).toBeGreaterThan(reading({ hour: 7 }).sunAltitudeDeg)
    expect(reading({ hour: 1 }).light).toBe('night')
    const { sun } = reading({})
    expect(sun.sunriseMs ?? 0).toBeLessThan(sun.sunsetMs ?? 0)
    expect(sun.dawnMs ?? 0).toBeLessThan(sun.sunriseMs ?? 0)
  })
})
