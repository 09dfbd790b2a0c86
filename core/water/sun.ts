import {
  Body,
  Equator,
  Horizon,
  Illumination,
  MakeTime,
  Observer,
  SearchAltitude,
  SearchRiseSet,
} from 'astronomy-engine'

export interface SunMoon {
  /** Altitude of the sun's centre above the horizon, degrees, refraction included. */
  readonly sunAltitudeDeg: number
  /** True from the sun's lowest to its highest point. */
  readonly sunRising: boolean
  /** Illuminated share of the moon's disc, 0 … 1. */
  readonly moonIlluminatedFraction: number
  readonly moonAltitudeDeg: number
}

function altitudeDeg(body: Body, epochMs: number, where: Observer): number {
  const time = MakeTime(new Date(epochMs))
  const seen = Equator(body, time, where, true, true)
  return Horizon(time, where, seen.ra, seen.dec, 'normal').altitude
}

/**
 * Where sun and moon stand. Computed by the astronomy-engine library (agrees with JPL ephemerides to within an arc minute).
 *
 * @param latDeg −90 … 90, north positive
 * @param lonDeg −180 … 180, east positive
 */
export function skyAt(latDeg: number, lonDeg: number, epochMs: number): SunMoon {
  const where = new Observer(latDeg, lonDeg, 0)
  const sunAltitudeDeg = altitudeDeg(Body.Sun, epochMs, where)
  return {
    sunAltitudeDeg,
    sunRising: altitudeDeg(Body.Sun, epochMs + 60_000, where) > sunAltitudeDeg,
    moonIlluminatedFraction: Illumination(Body.Moon, MakeTime(new Date(epochMs))).phase_fraction,
    moonAltitudeDeg: altitudeDeg(Body.Moon, epochMs, where),
  }
}

export interface SunTimes {
  /** Sun 6° under the horizon on its way up: first light for fishing. Null where it does not happen that day. */
  readonly dawnMs: number | null
  readonly sunriseMs: number | null
  readonly sunsetMs: number | null
  readonly duskMs: number | null
}

/** Twilight and sunrise of the day that begins at `dayStartMs`; null for an event that does not happen (high latitudes). */
export function sunTimes(latDeg: number, lonDeg: number, dayStartMs: number): SunTimes {
  const where = new Observer(latDeg, lonDeg, 0)
  const start = MakeTime(new Date(dayStartMs))
  const at = (found: { date: Date } | null) => found?.date.getTime() ?? null
  return {
    dawnMs: at(SearchAltitude(Body.Sun, where, +1, start, 1, -6)),
    sunriseMs: at(SearchRiseSet(Body.Sun, where, +1, start, 1)),
    sunsetMs: at(SearchRiseSet(Body.Sun, where, -1, start, 1)),
    duskMs: at(SearchAltitude(Body.Sun, where, -1, start, 1, -6)),
  }
}
