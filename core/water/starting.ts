import type { Conditions, Place } from './conditions'

/**
 * The water of a place that was never set: as usual there where that is known, and otherwise as it is at the place come from. Temperature is the last one
 * kept with the place.
 */
export function startingWater(place: Place, like: Conditions): Conditions {
  const last = place.temps[place.temps.length - 1]
  return {
    ...like,
    ...place.usual,
    placeId: place.id,
    waterTempC: last?.tempC ?? like.waterTempC,
    tempChangeC: null,
    zone: null,
    seasonAs: null,
    lightAs: null,
    tide: 'none',
    tideRangeM: 0,
    swellM: 0,
    currentMps: 0,
  }
}

/** A temperature written down with a place: one a day, oldest first. */
export function withReading({ temps }: Pick<Place, 'temps'>, date: string, tempC: number): Place['temps'] {
  return [...temps.filter((t) => t.date !== date), { date, tempC }].sort((a, b) => (a.date < b.date ? -1 : 1))
}
