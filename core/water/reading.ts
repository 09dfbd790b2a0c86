import type { Conditions, Place, Season } from './conditions'
import { waterFluid } from './fluid'
import { holdingZone, type HoldingZone } from './holding'
import { lightPhase, luxAtDepth, surfaceLux, type LightPhase } from './light'
import { appetite, seasonFromHistory, tempChangeC, trendOf, isWarmingSeason, type Trend } from './season'
import type { Species } from './species'
import { skyAt, sunTimes, type SunMoon, type SunTimes } from './sun'
import { featuresOf, type WaterFeatures } from './features'
import { resuspensionDepthM } from './wind-mud'

const HOUR_MS = 3_600_000

/** Under lamps of a bridge or quay the water has so much light at night, lux: the edge of a lit street (street lighting classes of EN 13201-2, 2 … 10 lux; from memory). */
const LAMPS_LUX = 3

/** What follows from the conditions and the place: the figures the match reasons with. */
export interface Reading {
  readonly season: Season
  readonly light: LightPhase
  readonly sunAltitudeDeg: number
  readonly moonIlluminatedFraction: number
  readonly sun: SunTimes
  readonly surfaceLux: number
  /** Light in the middle of the zone, lux. */
  readonly zoneLux: number
  /** Appetite for temperature alone, 0 … 1. */
  readonly appetite: number
  readonly warms: boolean
  /** What the last days say of the water, and by how much in three days, °C; null where nothing was kept. */
  readonly trend: Trend
  readonly tempChangeC: number | null
  /** Down to this depth the wind stirs the bottom, m. */
  readonly stirredM: number
  /** kg/m³. */
  readonly density: number
  /** Pa·s */
  readonly viscosity: number
  readonly tempC: number
  readonly salinity: number
  readonly zone: HoldingZone
  /** What practice rules ask about. */
  readonly features: WaterFeatures
}

/** Universal time of a local date and hour at a place, milliseconds. */
export function epochOf(place: Place, isoDate: string, hour: number): number {
  return Date.parse(`${isoDate}T00:00:00Z`) + (hour - place.utcOffsetH) * HOUR_MS
}

interface SunMoonAndTimes {
  readonly sky: SunMoon
  readonly sun: SunTimes
}
let lastHeavens: { readonly key: string; readonly found: SunMoonAndTimes } | null = null

/** Sun and moon at a place and hour. While only the water is changed the sky stays the same, so the last answer is kept. */
function sunMoonAt(place: Place, isoDate: string, hour: number): SunMoonAndTimes {
  const key = [place.latDeg, place.lonDeg, place.utcOffsetH, isoDate, hour].join('|')
  if (lastHeavens?.key === key) return lastHeavens.found
  const sky = skyAt(place.latDeg, place.lonDeg, epochOf(place, isoDate, hour))
  const found = { sky, sun: sunTimes(place.latDeg, place.lonDeg, epochOf(place, isoDate, 0)) }
  lastHeavens = { key, found }
  return found
}

/** Works out season, light, density and the holding zone. The angler's own word (`seasonAs`, `lightAs`, `zone`) goes before the sum. */
export function readWater(c: Conditions, place: Place, species: Species): Reading {
  const { sky, sun } = sunMoonAt(place, c.date, c.hour)
  const warms = isWarmingSeason(c.date, place.latDeg)
  const changeC = c.tempChangeC ?? tempChangeC(place.temps, c.date, c.waterTempC)
  const trend = trendOf(changeC, warms)
  const season = c.seasonAs ?? seasonFromHistory(species, place.temps, c.date, c.waterTempC, place.latDeg)
  const stirredM = resuspensionDepthM(c.windMps, place.fetchKm, place.bottom)
  const light = c.lightAs ?? lightPhase(sky)
  const appetiteNow = appetite(species, c.waterTempC)
  const source = {
    c,
    place,
    species,
    season,
    light,
    sunMoon: sky,
    appetite: appetiteNow,
    trend,
    tempChangeC: changeC,
    stirredM,
  }
  const zone = holdingZone(c, featuresOf({ ...source, zone: null }))
  const features = featuresOf({ ...source, zone })
  const onSurface = Math.max(surfaceLux(sky, c.sky), c.lamps ? LAMPS_LUX : 0)
  return {
    season,
    light,
    sunAltitudeDeg: sky.sunAltitudeDeg,
    moonIlluminatedFraction: sky.moonIlluminatedFraction,
    sun,
    surfaceLux: onSurface,
    zoneLux: luxAtDepth(onSurface, features.zoneMidM, c.visibilityM, c.windMps),
    appetite: appetiteNow,
    warms,
    trend,
    tempChangeC: changeC,
    stirredM,
    ...waterFluid(c.waterTempC, place.salinity),
    tempC: c.waterTempC,
    salinity: place.salinity,
    zone,
    features,
  }
}
