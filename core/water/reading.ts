import { forageOf } from './forage'
import type { Conditions, Place, Season } from './conditions'
import { waterDensity } from './density'
import { holdingZone, type HoldingZone } from './holding'
import { lightPhase, luxAtDepth, surfaceLux, type LightPhase } from './light'
import { appetite, seasonFromHistory, tempChangeC, trendOf, isWarmingSeason, type Trend } from './season'
import { waterKind, type Species } from './species'
import { skyAt, sunTimes, type SunMoon, type SunTimes } from './sun'
import type { WaterFeatures } from './when'
import { resuspensionDepthM } from './wind-mud'

const HOUR_MS = 3_600_000

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
  const forage = forageOf(c.forage.kind)
  const light = c.lightAs ?? lightPhase(sky)
  const appetiteNow = appetite(species, c.waterTempC)
  const bare: WaterFeatures = {
    waterTempC: c.waterTempC,
    visibilityM: c.visibilityM,
    windMps: c.windMps,
    currentMps: c.currentMps,
    depthM: c.depthM,
    coverTopM: c.cover.kind === 'open' ? c.depthM : c.cover.topM,
    coverDensity: c.cover.kind === 'open' ? 0 : c.cover.density,
    sunAltitudeDeg: sky.sunAltitudeDeg,
    forageLengthM: c.forage.lengthM,
    appetite: appetiteNow,
    month: Number(c.date.slice(5, 7)),
    hour: c.hour,
    salinity: place.salinity,
    driftMps: c.driftMps,
    tideRangeM: c.tideRangeM,
    swellM: c.swellM,
    tempChangeC: changeC ?? 0,
    stirredM,
    moonIlluminatedFraction: sky.moonIlluminatedFraction,
    zoneTopM: 0,
    zoneMidM: 0,
    offBottomM: 0,
    sky: c.sky,
    cover: c.cover.kind,
    season,
    light,
    mood: c.mood,
    species: species.id,
    forage: c.forage.kind,
    forageShade: forage?.shade ?? 'silver',
    forageKind: forage?.kind ?? 'fish',
    mouth: species.mouth,
    trend,
    group: species.group,
    schooling: species.isSchooling ? 'yes' : 'no',
    tide: c.tide,
    water: waterKind(place.salinity),
    singlesOnly: place.singlesOnly ? 'yes' : 'no',
  }
  const zone = holdingZone(c, bare)
  const zoneMidM = (zone.topM + zone.bottomM) / 2
  const onSurface = surfaceLux(sky, c.sky)
  return {
    season,
    light,
    sunAltitudeDeg: sky.sunAltitudeDeg,
    moonIlluminatedFraction: sky.moonIlluminatedFraction,
    sun,
    surfaceLux: onSurface,
    zoneLux: luxAtDepth(onSurface, zoneMidM, c.visibilityM, c.windMps),
    appetite: appetiteNow,
    warms,
    trend,
    tempChangeC: changeC,
    stirredM,
    density: waterDensity(c.waterTempC, place.salinity),
    tempC: c.waterTempC,
    salinity: place.salinity,
    zone,
    features: { ...bare, zoneTopM: zone.topM, zoneMidM, offBottomM: c.depthM - zone.bottomM },
  }
}
