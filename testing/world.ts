import { demoWorld } from '../core/demo/world'
import { Conditions, Place } from '../core/water'

/** Waters and box that tests share. */
export const WORLD = demoWorld('2026-06-12')
export const PLACE = Place.parse({
  id: 'test-lake',
  name: 'Test lake',
  latDeg: 45,
  lonDeg: 0,
  utcOffsetH: 0,
  salinity: 0,
})

/** A mild middling water, changed where a test cares. */
export function water(over: Partial<Conditions> = {}): Conditions {
  return Conditions.parse({
    placeId: PLACE.id,
    date: '2026-06-12',
    hour: 11,
    speciesId: 'largemouth-bass',
    waterTempC: 18,
    visibilityM: 2,
    sky: 'broken',
    windMps: 3,
    currentMps: 0,
    depthM: 4,
    cover: { kind: 'open', topM: over.depthM ?? 4, density: 0 },
    forage: { kind: 'roach', lengthM: 0.09 },
    zone: null,
    mood: 'neutral',
    castM: 28,
    rodTipM: null,
    seasonAs: null,
    lightAs: null,
    ...over,
  })
}

export const fahrenheit = (f: number) => ((f - 32) * 5) / 9
export const feet = (ft: number) => ft * 0.3048
export const inches = (inch: number) => inch * 0.0254
