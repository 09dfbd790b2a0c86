import { createTidePredictor } from '@neaps/tide-predictor'
import { LEAST_RANGE_M, SLACK_H, TIDE_REACH_KM, TIDE_STATIONS as TABLE } from '../../data/tide-stations'
import type { Place, Tide } from './conditions'
import { greatCircleM } from './great-circle'

/** A tide station: harmonic constituents, amplitudes in m and phases in degrees (Greenwich). */
export interface TideStation {
  readonly id: string
  readonly name: string
  readonly latDeg: number
  readonly lonDeg: number
  readonly constituents: readonly { readonly name: string; readonly amplitude: number; readonly phase: number }[]
}

/** The tide at one moment. */
export interface TideNow {
  readonly station: Pick<TideStation, 'id' | 'name'>
  /** Above mean level, m. */
  readonly levelM: number
  readonly tide: Tide
  /** Between the high and the low water around this moment, m. */
  readonly rangeM: number
  /** The high and low waters from half a day before to half a day after. */
  readonly turns: readonly { readonly atMs: number; readonly levelM: number; readonly high: boolean }[]
}

export const TIDE_STATIONS: readonly TideStation[] = TABLE
const HALF_DAY_MS = 13 * 3_600_000

/** The nearest station within reach of a place; null inland, and where none is near. */
export function stationFor(place: Pick<Place, 'latDeg' | 'lonDeg' | 'salinity'>): TideStation | null {
  if (place.salinity < 0.5) return null
  const near = TIDE_STATIONS.map((station) => ({ station, km: greatCircleM(place, station) / 1000 })).sort(
    (a, b) => a.km - b.km,
  )[0]
  return near && near.km <= TIDE_REACH_KM ? near.station : null
}

const predictorOf = (station: TideStation) =>
  createTidePredictor(station.constituents.map(({ name, amplitude, phase }) => ({ name, amplitude, phase })))

/** Level at a moment, m above mean level. */
export function tideLevelM(station: TideStation, atMs: number): number {
  return predictorOf(station).getWaterLevelAtTime({ time: new Date(atMs) }).level
}

/** The tide at a moment, by harmonic prediction. Not for navigation. */
export function tideAt(station: TideStation, atMs: number): TideNow {
  const predictor = predictorOf(station)
  const turns = predictor
    .getExtremesPrediction({ start: new Date(atMs - HALF_DAY_MS), end: new Date(atMs + HALF_DAY_MS) })
    .map((e) => ({ atMs: e.time.getTime(), levelM: e.level, high: e.high }))
  const before = [...turns].reverse().find((t) => t.atMs <= atMs)
  const after = turns.find((t) => t.atMs > atMs)
  const rangeM = before && after ? Math.abs(after.levelM - before.levelM) : 0
  const nearest = turns.reduce<(typeof turns)[number] | null>(
    (best, t) => (best === null || Math.abs(t.atMs - atMs) < Math.abs(best.atMs - atMs) ? t : best),
    null,
  )
  const slack = nearest !== null && Math.abs(nearest.atMs - atMs) <= SLACK_H * 3_600_000
  const tide: Tide =
    rangeM < LEAST_RANGE_M ? 'none' : slack ? (nearest.high ? 'high' : 'low') : after?.high ? 'flood' : 'ebb'
  return {
    station: { id: station.id, name: station.name },
    levelM: predictor.getWaterLevelAtTime({ time: new Date(atMs) }).level,
    tide,
    rangeM,
    turns,
  }
}
